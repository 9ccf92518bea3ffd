"use client";
import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { OddNote } from "@/ui/OddNote";

/** What is odd on this boat, by the keys of her file: always the first thing read. */
export function Oddities({ file, keys }: { file: YachtFile; keys: readonly string[] }) {
  const t = useTranslations();
  return keys.map((key) => {
    const oddity = file.oddities[key];
    return (
      oddity && (
        <OddNote key={key} title={t("place.odd")}>
          {localizeFigures(file, oddity.words)}
        </OddNote>
      )
    );
  });
}
