import { formatMoney } from "@/core/basics/money";
import type { Extra } from "@/core/settlement/extra";
import type { Settlement } from "@/core/settlement/schema";
import type { MissingSigner } from "@/core/handover/seal";
import type { Translator } from "./translator";

/** What stands on a statement, with its names. */
interface Named {
  items: readonly { proposal: { difference: { id: string } }; name: string }[];
  extras: readonly { id: string; extra: Extra; name: string }[];
}

/** What each line of a statement is called: the thing that differs, or the extra put beside the differences. */
export function lineNames({ items, extras }: Named): (id: string) => string {
  const names = new Map([
    ...extras.map(({ id, name }) => [id, name] as const),
    ...items.map(({ proposal, name }) => [proposal.difference.id, name] as const),
  ]);
  return (id) => names.get(id) ?? id;
}

/** What the words of a statement are put together from. */
export interface StatementFacts {
  screen: Named & {
    output: Settlement;
    stay: { skipper: string; charterer: string; authority: string | null };
    currency: string;
  };
  /** why the charterer's side does not sign, and who stands in as witness */
  without: MissingSigner | null;
  witness: string;
  /** who signs for the money */
  who: "charterer" | "skipper";
}

/** The words of the statement that is signed: every line, the sums, what is signed for later, and by whose right. The desk shows and signs them, the base puts them together again. */
export function statementWords(t: Translator, { screen, without, witness, who }: StatementFacts): string[] {
  const { output, extras, stay, currency } = screen;
  const money = (minor: number) => formatMoney(minor, currency);
  const nameOf = lineNames(screen);
  return [
    ...output.lines.map((line) => `${nameOf(line.id)}: ${line.how}`),
    `${t("settle.due")}: ${money(output.dueMinor)}`,
    `${t("settle.capture")}: ${money(output.captureMinor)}`,
    `${t("settle.held")}: ${money(output.heldMinor)}`,
    `${t("settle.release")}: ${money(output.releaseMinor)}`,
    `${t("settle.still")}: ${money(output.stillToPayMinor)}`,
    ...extras.flatMap(({ extra, name }) =>
      extra.kind === "below-water" ? [t("settle.but-for", { name, sum: money(extra.amountMinor) })] : [],
    ),
    ...(without
      ? [t("without.declaration", { why: t(`without.they-${without.reason}`), words: without.words, witness })]
      : []),
    ...(who === "skipper" && !without
      ? [
          t("settle.by-authority", {
            skipper: stay.skipper,
            charterer: stay.charterer,
            authority: stay.authority ?? "",
          }),
        ]
      : []),
  ];
}
