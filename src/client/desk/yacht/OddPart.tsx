"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { OddNote } from "@/ui/OddNote";
import { DeskPart } from "../shared/DeskPart";

/** What is odd about her, each at its place: what somebody who knows her sisters would get wrong. */
export function OddPart({ file }: { file: YachtFile }) {
  const t = useTranslations("yacht-page");
  const odd = Object.entries(file.oddities);
  if (odd.length === 0) return null;
  return (
    <DeskPart title={t("odd")}>
      {odd.map(([id, { place, words }]) => (
        <OddNote key={id} title={localize(file.places[place]?.name ?? { en: place })}>
          {localizeFigures(file, words)}
        </OddNote>
      ))}
    </DeskPart>
  );
}
