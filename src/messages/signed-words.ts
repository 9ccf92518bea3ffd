import type { Entry } from "@/core/handover/entry";
import type { Folded } from "@/core/handover/fold";
import { gate, type GateContext } from "@/core/handover/gate";
import type { HandoverList } from "@/core/handover/list";
import { progress } from "@/core/handover/progress";
import type { MissingSigner } from "@/core/handover/seal";
import { walkState } from "@/core/handover/walk/walk-state";
import { briefingWords } from "./briefing-words";
import { findings } from "./findings";
import { reasonWords } from "./reason-words";
import type { Language } from "./languages";
import { dayAndHourIn } from "./stamp";
import type { Translator } from "./translator";

/** What the words of a record are put together from. */
export interface SignedFacts {
  list: HandoverList;
  folded: Folded;
  context: GateContext;
  skipper: { id: string; name: string };
  charterer: { id: string; name: string };
  /** why the skipper's side does not sign, and who stands in as witness */
  without: MissingSigner | null;
  witness: string;
  /** what `othersWords` says, where the device could not reach the base */
  withoutOthers: string | null;
}

/** What both read before they sign, in words: the device shows and signs it, the base puts it together again when it arrives. */
export function signedWords(t: Translator, facts: SignedFacts): string[] {
  const { list, folded, context, without, witness, withoutOthers } = facts;
  const { left } = progress(list, folded);
  const forCharterer = forChartererWords(t, facts);
  return [
    ...(list.known ?? []).map(({ title, words }) => t("known.word", { title, words })),
    ...findings(t, list, folded).map(({ place, name, words }) => `${place}: ${name}: ${words}`),
    ...(list.kind === "check-in" ? gateWords(t, list, folded, context) : []),
    ...(left > 0 ? [t("sign.open-lines", { left })] : []),
    ...(list.briefing ? briefingWords(t, list.briefing, walkState(list.briefing, folded)) : []),
    ...(forCharterer === null ? [] : [forCharterer]),
    ...(withoutOthers === null ? [] : [withoutOthers]),
    without
      ? t("without.declaration", { why: t(`without.they-${without.reason}`), words: without.words, witness })
      : t("sign.declaration"),
  ];
}

/** Whether she may leave by the record, and what stands against it. */
function gateWords(t: Translator, list: HandoverList, folded: Folded, context: GateContext): string[] {
  const { state, reasons } = gate(list, folded, context);
  return [
    t(`gate.state-${state}`),
    ...reasons.filter((reason) => reason.blocks).map((reason) => reasonWords(t, list, reason)),
  ];
}

/** Who signs for whom, where the skipper is not the charterer. */
export const forChartererWords = (t: Translator, { skipper, charterer }: Pick<SignedFacts, "skipper" | "charterer">) =>
  skipper.id === charterer.id ? null : t("sign.for-charterer", { skipper: skipper.name, charterer: charterer.name });

/** That another device may hold what is not in here, which is said and meant where the base cannot be reached; null where there is none. */
export function othersWords(
  t: Translator,
  entries: readonly Entry[],
  device: string,
  { lastHeardAt, timeZone, language }: { lastHeardAt: string | null; timeZone: string; language: Language },
): string | null {
  const others = new Set(entries.flatMap((entry) => (entry.device === device ? [] : [entry.device]))).size;
  if (others === 0) return null;
  return t("sign.without-others", {
    others,
    heard: lastHeardAt === null ? "" : dayAndHourIn(lastHeardAt, timeZone, language),
  });
}
