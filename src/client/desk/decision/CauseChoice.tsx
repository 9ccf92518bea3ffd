"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { Segments } from "@/ui/kit/Segments";
import { causes } from "./draft";
import type { DecisionPart } from "./part";

/** Whose a difference is; what was reported before she was handed over is the base's, or wear. */
export function CauseChoice({ item, draft, change, says }: DecisionPart) {
  const t = useTranslations("settle");
  const words = useTranslations();
  const offered = causes.filter((value) => item.prior === null || value === "base" || value === "wear");
  return (
    <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
      <span>{t("whose")}</span>
      <Segments
        label={`${t("whose")} ${item.name}`}
        options={[
          ...offered.map((value) => ({ value: value as string, word: words(`cause.${value}`) })),
          { value: "none", word: t("no-charge") },
        ]}
        value={draft.charge ? draft.cause : "none"}
        onChoose={(value) =>
          change(value === "none" ? { charge: false } : { charge: true, cause: value as (typeof causes)[number] })
        }
      />
      {says("cause") && <p role="alert">{says("cause")}</p>}
    </Box>
  );
}
