import type { FarBelow } from "@/core/briefing/far-below";
import type { Translator } from "./translator";

/** Why experience is far below a yacht, and what the base can do. */
export function farBelowWords(t: Translator, { reasons, remedies }: FarBelow): string {
  return t("below.words", {
    reasons: reasons.map(({ why, values }) => t(`below.${why as "much-longer"}`, values as never)).join(", "),
    remedies: remedies.map((remedy) => t(`below.${remedy}`)).join(", "),
  });
}
