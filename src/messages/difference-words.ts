import type { Difference, Evidence } from "@/core/comparison/compare";
import type { Language } from "@/core/basics/languages";
import type { PriorReport } from "@/core/comparison/prior";
import type { HandoverList } from "@/core/handover/list";
import { asRecorded } from "@/core/handover/lines";
import type { Mark } from "@/core/handover/lines/mark-form";
import { markWords, valueWords } from "./line-words";
import { stampIn } from "./stamp";
import type { Translator } from "./translator";

/** What a difference is, in a few words. */
export function differenceWords(t: Translator, difference: Difference): string {
  const change = difference.change ?? 0;
  const what =
    difference.kind === "missing" || difference.kind === "extra" || difference.kind === "consumed"
      ? t(`difference.${difference.kind}`, { pieces: Math.abs(change) })
      : difference.kind === "reading-changed"
        ? difference.change === null
          ? t("difference.reading-other")
          : t("difference.reading-changed", {
              amount: Math.abs(change),
              unit: unitOf(difference.after?.value),
              way: change > 0 ? "more" : "less",
            })
        : t(`difference.${difference.kind}` as "difference.moved", { amount: Math.abs(change) } as never);
  const { because } = difference.startsAs;
  if (because) return `${what} (${t(`difference.because-${because}`)})`;
  return difference.unknownSince ? `${what} (${t("difference.unknown-since")})` : what;
}

/** Where a difference was reported before she was handed over. */
export function priorWords(
  t: Translator,
  prior: PriorReport | undefined,
  timeZone: string,
  language?: Language,
): string | null {
  if (!prior) return null;
  const at = stampIn(prior.at, timeZone, language);
  return prior.charter === null
    ? t("difference.prior-base", { at, words: prior.words })
    : t("difference.prior-charter", { at, words: prior.words, charter: prior.charter });
}

/** Which number of a reading is compared: its unit in the catalogue. */
function unitOf(value: unknown): "litres" | "hours" | "volts" | "percent" {
  const reading = value as Record<string, unknown>;
  return "litres" in reading ? "litres" : "hours" in reading ? "hours" : "volts" in reading ? "volts" : "percent";
}

/** What one side recorded, in a few words. */
export function evidenceWords(
  t: Translator,
  difference: Difference,
  evidence: Evidence | null,
  list: HandoverList,
): string {
  if (!evidence || evidence.value === null) return t("difference.nothing");
  const line = list.lines.find((each) => each.id === difference.of);
  const said = evidence.remarks.map(({ side, words }) => t(`remark.said-${side}`, { words }));
  return [valueOf(), ...said].join(" · ");

  function valueOf(): string {
    const value = evidence?.value as Record<string, unknown>;
    if ("surface" in value) return markWords(t, value as unknown as Mark);
    if (difference.kind === "found-thing")
      return t("found.words", { count: Number(value.count), words: String(value.words) });
    if ("state" in value && difference.kind.startsWith("mark"))
      return t(`mark-state.${String(value.state) as "worse"}`);
    if (!line) return "";
    // the bare number found: what was expected is told by the difference itself
    return valueWords(t, line.kind === "count" ? { ...line, expected: 0 } : line, asRecorded(line, value));
  }
}
