"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import { BySystem } from "../../book/BySystem";
import { PlaceDetail } from "../../book/PlaceDetail";
import { FinderField } from "../../finder/FinderField";
import { ResultDetail } from "../../finder/ResultDetail";
import { EmergencyCards } from "../../parts/EmergencyCards";
import { DeskPart } from "../shared/DeskPart";
import type { useAboard } from "./useAboard";

/** What is aboard: the finder over all of it, what was picked or found, everything by system, and the emergency cards. */
export function Aboard({ file, at }: { file: YachtFile; at: ReturnType<typeof useAboard> }) {
  const t = useTranslations("book");
  const { shown } = at;
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.3fr 1fr" }} gap="5" alignItems="start">
      <Box display="grid" gap="4">
        <FinderField
          file={file}
          chosen={shown.at === "found" ? `${shown.hit.kind}:${shown.hit.id}` : null}
          onChoose={at.showFound}
        />
        <Box as="section" aria-live="polite">
          <Detail file={file} at={at} />
        </Box>
        <BySystem
          file={file}
          onFitting={at.showFitting}
          onProcedure={at.showProcedure}
          onOther={(kind, id) => at.showFound({ kind, id, place: null })}
        />
      </Box>
      <DeskPart title={t("emergency")} isFirst>
        <EmergencyCards file={file} />
      </DeskPart>
    </Box>
  );
}

function Detail({ file, at }: { file: YachtFile; at: ReturnType<typeof useAboard> }) {
  const t = useTranslations("book");
  const { shown, place } = at;
  if (shown.at === "found")
    return (
      <ResultDetail key={`${shown.hit.kind}:${shown.hit.id}`} file={file} hit={shown.hit} onFitting={at.showFitting} />
    );
  if (shown.at === "nothing" || place === null) return <p>{t("pick")}</p>;
  return (
    <PlaceDetail
      file={file}
      place={place}
      onFitting={at.showFitting}
      onItem={(id) => at.showFound({ kind: "inventory", id, place })}
      onProcedure={at.showProcedure}
    />
  );
}
