"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import type { WorkState } from "@/core/upkeep/defect";
import type { DefectView } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { PhotoStrip } from "./PhotoStrip";
import { WorkForm } from "./WorkForm";

/** What is wrong with a yacht and how the work on it stands; who may says that it is done, with a word on how. */
export function DefectList({
  defects,
  timeZone,
  mayWork,
}: {
  defects: readonly DefectView[];
  timeZone: string;
  mayWork: boolean;
}) {
  const t = useTranslations("work");
  if (defects.length === 0) return <p>{t("none")}</p>;
  return (
    <chakra.ul listStyleType="none" display="grid" gap="3">
      {defects.map((defect) => (
        <DefectRow key={defect.id} defect={defect} timeZone={timeZone} mayWork={mayWork} />
      ))}
    </chakra.ul>
  );
}

export function DefectRow({
  defect,
  timeZone,
  mayWork,
  of = null,
}: {
  defect: DefectView;
  timeZone: string;
  mayWork: boolean;
  /** the yacht, where several stand together */ of?: ReactNode;
}) {
  const t = useTranslations("work");
  const all = useTranslations();
  const format = useFormatter();
  const [saying, setSaying] = useState<WorkState | null>(null);
  const day = (instant: string) => format.dateTime(new Date(instant), { day: "numeric", month: "short", timeZone });
  return (
    <chakra.li
      borderBottomWidth="1px"
      borderBottomStyle="solid"
      borderColor="line"
      paddingBottom="3"
      display="grid"
      gap="1"
    >
      <Box display="flex" flexWrap="wrap" gap="8px 12px" alignItems="center">
        {of}
        <strong>{defect.title}</strong>
        <Chip
          verdict={defect.state === "done" ? "fine" : defect.safety && defect.state === "ordered" ? "stop" : "watch"}
        >
          {t(`state-${defect.state}`)}
        </Chip>
        {defect.safety && <span>{t("safety")}</span>}
        {defect.state === "ordered" && (
          <span>{defect.neededAt === null ? t("not-needed") : t("needed", { at: day(defect.neededAt) })}</span>
        )}
      </Box>
      <p>{defect.words}</p>
      <p>
        {t("found", { at: day(defect.since), by: defect.foundBy ?? all("paper.erased") })}
        {defect.workWords !== "" && ` · ${day(defect.workAt)}: ${defect.workWords}`}
      </p>
      {defect.state === "done" && (
        <p>
          {t("took", {
            by: defect.workBy ?? all("paper.erased"),
            parts: defect.parts || "none",
            minutes: defect.minutes === null ? "none" : String(defect.minutes),
            reading: defect.reading || "none",
          })}
        </p>
      )}
      <PhotoStrip photos={[...defect.photos, ...defect.workPhotos]} name={defect.title} />
      {mayWork && saying === null && (
        <Box display="flex" flexWrap="wrap" gap="3">
          {(["done", "stays", "ordered"] as const)
            .filter((state) => state !== defect.state)
            .map((state) => (
              <Button key={state} onClick={() => setSaying(state)} aria-label={`${t(`say-${state}`)}: ${defect.title}`}>
                {t(`say-${state}`)}
              </Button>
            ))}
        </Box>
      )}
      {saying && <WorkForm defect={defect} state={saying} onDone={() => setSaying(null)} />}
    </chakra.li>
  );
}
