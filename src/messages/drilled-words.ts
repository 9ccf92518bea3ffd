import type { BriefedDrill } from "@/core/briefing/part";
import { drillHow, drillName } from "./briefing-words";
import type { Translator } from "./translator";

/** What a mistake is; null of one that no device knows any more. */
function sentenceOf(t: Translator, device: string, code: string): string | null {
  const key = `drill-mistake.${device}_${code}` as "drill-mistake.gas_burner-left";
  return t.has(key) ? t(key) : null;
}

/** Mistakes in sentences, by `device_code`. */
export const mistakeSentences = (
  t: Translator,
  mistakes: readonly { device: string; code: string }[],
): Record<string, string> =>
  Object.fromEntries(
    mistakes.flatMap(({ device, code }) => {
      const sentence = sentenceOf(t, device, code);
      return sentence === null ? [] : [[`${device}_${code}`, sentence]];
    }),
  );

/** The mistakes of a drill in sentences, each once, with how often where it was more than that. */
export const mistakeWords = (t: Translator, { device, mistakes }: BriefedDrill): string[] =>
  mistakes.flatMap(({ code, count }) => {
    const sentence = sentenceOf(t, device, code);
    if (sentence === null) return [];
    return [count === 1 ? sentence : t("briefing.drill-times", { sentence, count })];
  });

/** A device that was drilled, its task, how it went and what went wrong: one line for the briefer. */
export const drilledWords = (t: Translator, drill: BriefedDrill): string =>
  [
    `${drillName(t, drill)}: ${t(`drill-task.${drill.task as "lower"}`)} ${drillHow(t, drill)}.`,
    ...mistakeWords(t, drill),
  ].join(" ");
