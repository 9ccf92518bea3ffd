import { useLocale, useTranslations } from "next-intl";
import { fillFigures, localizeFigures } from "@/core/yacht/figures";
import type { RunningLine } from "@/core/yacht/parts/lines";
import type { YachtFile } from "@/core/yacht/schema";

/** The words for a line: its colours, and what one works it by. */
export function useLineWords(file: YachtFile) {
  const t = useTranslations("rig");
  const language = useLocale().slice(0, 2);
  return {
    colours: ({ colour, fleck }: RunningLine): string =>
      fleck ? t("flecked", { colour: t(`colour-${colour}`), fleck: t(`colour-${fleck}`) }) : t(`colour-${colour}`),
    workedBy: ({ winch, mark }: RunningLine): string =>
      // a reference, so that its name stands as names stand inside a sentence
      winch
        ? fillFigures(t("on-winch", { winch: `[fitting:${winch}]` }), file, language)
        : mark
          ? localizeFigures(file, mark)
          : t("by-hand"),
  };
}
