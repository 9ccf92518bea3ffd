import type { BriefedDrill } from "@/core/briefing/part";
import { drillHow, drillName } from "./briefing-words";
import type { Translator } from "./translator";

/** The mistakes of a drill in sentences, each once, with how often where it was more than that. */
export const mistakeWords = (t: Translator, { device, mistakes }: BriefedDrill): string[] =>
  mistakes.map(({ code, count }) => {
    const sentence = t(`drill-mistake.${device}_${code}` as "drill-mistake.gas_burner-left");
    return count === 1 ? sentence : t("briefing.drill-times", { sentence, count });
  });

/** A device that was drilled, its task, how it went and what went wrong: one line for the briefer. */
export const drilledWords = (t: Translator, drill: BriefedDrill): string =>
  [
    `${drillName(t, drill)}: ${t(`drill-task.${drill.task as "lower"}`)} ${drillHow(t, drill)}.`,
    ...mistakeWords(t, drill),
  ].join(" ");
