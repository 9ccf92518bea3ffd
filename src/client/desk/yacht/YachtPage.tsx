"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { OddNote } from "@/ui/OddNote";
import { Tabs } from "@/ui/kit/Tabs";
import { PlanPart } from "../../book/plan/PlanPart";
import { DefectList } from "../DefectList";
import { DeskPart } from "../shared/DeskPart";
import { keepInAddress } from "../table/address";
import { Aboard } from "./Aboard";
import { FilePart } from "./FilePart";
import { FiguresPart } from "./FiguresPart";
import { OddPart } from "./OddPart";
import { ReadingCharts } from "./ReadingCharts";
import { WhatNext } from "./WhatNext";
import { useAboard } from "./useAboard";
import type { YachtPageProps } from "./props";
import { YachtHead } from "./YachtHead";

const parts = ["next", "figures", "readings", "aboard", "file"] as const;
type Part = (typeof parts)[number];
const isPart = (text: string | null): text is Part => parts.some((part) => part === text);

/** One yacht at the desk: her plan at the side, and beside it what waits, her figures, her readings, what is aboard and her file. */
export function YachtPage(props: YachtPageProps) {
  const { file, defects, timeZone, mayWork, draft, yachtClass } = props;
  const t = useTranslations("yacht-page");
  const fleet = useTranslations("fleet");
  const address = useSearchParams();
  const [part, setPart] = useState<Part>(() => {
    const asked = address.get("part");
    return isPart(asked) ? asked : "next";
  });
  const go = (to: Part) => {
    setPart(to);
    keepInAddress("part", to === "next" ? "" : to);
  };
  const aboard = useAboard(file, () => go("aboard"));
  const open = defects.filter(({ state }) => state === "ordered").length;
  return (
    <chakra.main display="grid" gridTemplateColumns={{ base: "1fr", lg: "320px minmax(0, 1fr)" }} alignContent="start">
      <Box
        order={{ base: 2, lg: 1 }}
        background="rail"
        borderRightWidth={{ base: "0", lg: "2px" }}
        borderRightStyle="solid"
        borderColor="kelp"
        minHeight={{ lg: "calc(100dvh - 64px)" }}
      >
        <PlanPart {...aboard.plan} file={file} />
      </Box>
      <Box order={{ base: 1, lg: 2 }} padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
        <YachtHead {...props} />
        {draft && (
          <OddNote title={fleet("draft", { revision: yachtClass.revision, why: draft.why })}>
            {draft.findings.length === 0
              ? fleet("draft-fits")
              : draft.findings.map((finding) => finding.message).join("; ")}
          </OddNote>
        )}
        <Tabs
          label={t("parts")}
          value={part}
          onChoose={go}
          tabs={[
            {
              value: "next",
              word: t("next", { open }),
              shown: (
                <Box
                  display="grid"
                  gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }}
                  gap="0 32px"
                  alignItems="start"
                >
                  <DeskPart title={t("to-repair")} isFirst>
                    <section aria-label={t("to-repair")}>
                      <DefectList defects={defects} timeZone={timeZone} mayWork={mayWork} />
                    </section>
                  </DeskPart>
                  <Box>
                    <WhatNext charters={props.charters} dates={props.dates} timeZone={timeZone} />
                    <OddPart file={file} />
                  </Box>
                </Box>
              ),
            },
            { value: "figures", word: t("figures"), shown: <FiguresPart file={file} /> },
            {
              value: "readings",
              word: t("readings"),
              shown: <ReadingCharts series={props.series} timeZone={timeZone} />,
            },
            { value: "aboard", word: t("aboard"), shown: <Aboard file={file} at={aboard} /> },
            { value: "file", word: t("file"), shown: <FilePart {...props} /> },
          ]}
        />
      </Box>
    </chakra.main>
  );
}
