"use client";
import { useTranslations } from "next-intl";
import type { SettlementScreen } from "@/api/schemas/desk";
import { formatMoney } from "@/core/basics/money";
import type { MissingSigner } from "@/core/handover/seal";
import { lineNames } from "./names";

/** The words of the statement that is signed: every line, the sums, what is signed for later, and by whose right. */
export function useSignedWords(
  { output, extras, stay, currency, ...screen }: SettlementScreen,
  without: MissingSigner | null,
  witness: string,
  who: "charterer" | "skipper",
): string[] {
  const t = useTranslations("settle");
  const all = useTranslations();
  const money = (minor: number) => formatMoney(minor, currency);
  const nameOf = lineNames({ extras, items: screen.items });
  return [
    ...output.lines.map((line) => `${nameOf(line.id)}: ${line.how}`),
    `${t("due")}: ${money(output.dueMinor)}`,
    `${t("capture")}: ${money(output.captureMinor)}`,
    `${t("held")}: ${money(output.heldMinor)}`,
    `${t("release")}: ${money(output.releaseMinor)}`,
    `${t("still")}: ${money(output.stillToPayMinor)}`,
    ...extras.flatMap(({ extra, name }) =>
      extra.kind === "below-water" ? [t("but-for", { name, sum: money(extra.amountMinor) })] : [],
    ),
    ...(without
      ? [all("without.declaration", { why: all(`without.they-${without.reason}`), words: without.words, witness })]
      : []),
    ...(who === "skipper" && !without
      ? [t("by-authority", { skipper: stay.skipper, charterer: stay.charterer, authority: stay.authority ?? "" })]
      : []),
  ];
}
