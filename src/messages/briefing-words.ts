import { localize } from "@/core/basics/words";
import type { BriefedDrill, BriefingPart } from "@/core/briefing/part";
import type { StopStatus, WalkState } from "@/core/handover/walk/walk-state";
import type { Translator } from "./translator";

/** How a stop stands, in a few words. */
export function stopStatusWords(t: Translator, standing: StopStatus | undefined): string {
  switch (standing?.step) {
    case "shown":
      return t(standing.value.handsOn ? "walk.step-hands" : "walk.step-shown");
    case "skipped":
      return t("walk.step-skipped", { why: t(`walk.why-${standing.value.why}`) });
    case "put-off":
      return t("walk.step-put-off", { why: standing.why });
    case "fork":
      return t("walk.step-fork");
    default:
      return t("walk.step-open");
  }
}

/** The briefing in one sentence: how much was shown, by hand, left out, not reached. */
export function briefingSum(t: Translator, briefing: BriefingPart, state: WalkState): string {
  const standings = [...state.standing.values()];
  const shown = standings.filter((each) => each.step === "shown");
  const seconds = shown.reduce((sum, each) => sum + (each.step === "shown" ? each.value.seconds : 0), 0);
  const skipped = standings.filter((each) => each.step === "skipped").length;
  return t("briefing.sum", {
    all: briefing.stops.length,
    shown: shown.length,
    hands: shown.filter((each) => each.step === "shown" && each.value.handsOn).length,
    skipped,
    open: briefing.stops.length - shown.length - skipped,
    minutes: Math.round(seconds / 60),
  });
}

/** How much of the walk the skipper did without a briefer; nothing when none of it. */
export function aloneWords(t: Translator, state: WalkState): string[] {
  const alone = [...state.standing.values()].filter(
    (each) => each.step === "shown" && each.cell.heads[0]?.by.side === "skipper",
  ).length;
  return alone > 0 ? [t("briefing.alone", { alone })] : [];
}

/** A device that was drilled, with which of several it is. */
export function drillName(t: Translator, { device, part }: Pick<BriefedDrill, "device" | "part">): string {
  const name = t(`drill-device.${device as "engine"}`);
  return part ? `${name}, ${localize(part)}` : name;
}

/** How a task of it went: done alone, or how its last run ended. */
export const drillHow = (t: Translator, { alone, clean, runs }: BriefedDrill): string =>
  t(alone ? "briefing.drill-alone" : clean ? "briefing.drill-clean" : "briefing.drill-wrong", { runs });

/** Every topic of the briefing with what became of it, and every question: the words that both sign. */
export function briefingWords(t: Translator, briefing: BriefingPart, state: WalkState): string[] {
  const stops = briefing.stops.map(({ id, title, depth }) => {
    const standing = state.standing.get(id);
    const named = { title: localize(title), depth: t(`depth.${depth}`) };
    if (standing?.step === "shown")
      return t(standing.value.handsOn ? "briefing.stop-hands" : "briefing.stop-shown", {
        ...named,
        minutes: Math.round(standing.value.seconds / 30) / 2,
      });
    if (standing?.step === "skipped") {
      const { why, words } = standing.value;
      return t(words.trim() === "" ? "briefing.stop-skipped" : "briefing.stop-skipped-words", {
        ...named,
        why: t(`walk.why-${why}`),
        words,
      });
    }
    if (standing?.step === "put-off") return t("briefing.stop-put-off", { ...named, why: standing.why });
    return t(standing?.step === "fork" ? "briefing.stop-fork" : "briefing.stop-open", named);
  });
  return [
    briefingSum(t, briefing, state),
    ...aloneWords(t, state),
    ...(briefing.drills ?? []).map((drill) =>
      t("briefing.drilled-line", { device: drillName(t, drill), how: drillHow(t, drill) }),
    ),
    ...stops,
    ...state.questions.map(({ words, answered }) =>
      t(answered ? "briefing.question-answered" : "briefing.question-open", { words }),
    ),
  ];
}
