import type { HealthFinding } from "@/core/health/finding";
import { formatMoney } from "@/core/basics/money";
import type { BookDifference } from "@/core/settlement/books";
import type { Translator } from "./translator";

/** Where the base's book of money and the terminal's differ, in words. */
export function bookWords(t: Translator, difference: BookDifference): string {
  const { action, code, reference, hereMinor, terminalMinor, currency } = difference;
  const money = (minor: number | null) => (minor === null ? "–" : formatMoney(minor, currency));
  return t(`health.money-${code}`, {
    action: t(`health.action-${action}`),
    reference: reference ?? "–",
    here: money(hereMinor),
    terminal: money(terminalMinor),
  });
}

/** Something that the look over the base found, in words. */
export function healthWords(t: Translator, finding: HealthFinding): string {
  if (finding.what === "money") return bookWords(t, finding.difference);
  if (finding.what === "chain")
    return t(`health.chain-${finding.code}`, { yacht: finding.yacht, number: finding.number });
  if (finding.what === "key")
    return finding.number === null ? t("health.key") : t("health.key-stray", { number: finding.number });
  if (finding.what === "disk") return t("health.disk", { freeMb: finding.freeMb });
  if (finding.what === "backup")
    return finding.lastAt === null
      ? t("health.backup-none")
      : t("health.backup-old", { day: finding.lastAt.slice(0, 10) });
  const { yacht, kind, problem } = finding;
  const named = { yacht, kind: t(`kind.${kind as "check-in"}`), problem };
  if (finding.what === "follow-up") return t(`health.follow-up-${finding.work}`, named);
  return t("health.record", named);
}
