import "server-only";
import { localize } from "@/core/basics/words";
import type { HistoryFact } from "@/core/history/history";
import { englishTranslator } from "@/messages/translator";
import { chargedSince, defectsSince } from "../db/history";
import type { Queryable } from "../db/pool";
import { listYachts } from "../db/yachts";

/** Everything on signed statements and every defect of the fleet, or of one yacht, from a day on. */
export async function historyFacts(db: Queryable, slug: string | null, from: string): Promise<HistoryFact[]> {
  const t = englishTranslator();
  const [charged, defects] = [await chargedSince(db, slug, from), await defectsSince(db, slug, from)];
  const names = new Map(
    (await listYachts(db)).flatMap(({ file }) => [
      ...named("count", file.inventory),
      ...named("look", file.looks),
      ...named("test", file.tests),
      ...named("reading", file.readings),
    ]),
  );
  const itemOf = (subject: string): string => (subject.includes("mark:") ? "marks" : subject);
  const nameOf = (item: string, otherwise: string) =>
    item === "marks" ? t("history.marks") : (names.get(item) ?? otherwise);
  return [
    ...charged.map(({ yacht, id, kind, pieces, chargedMinor }): HistoryFact => {
      // a difference is named by its kind and what it is of
      const item = kind === "fuel" || kind === "service" ? kind : itemOf(id.slice(id.indexOf(":") + 1));
      return {
        yacht,
        item,
        name: kind === "fuel" || kind === "service" ? t(`history.${kind}`) : nameOf(item, t("history.below-water")),
        kind,
        pieces: pieces ?? 1,
        chargedMinor: Number(chargedMinor),
        workMinutes: 0,
      };
    }),
    ...defects.map(({ yacht, subject, title, minutes }): HistoryFact => {
      const item = itemOf(subject.replace(/^line:/, ""));
      return {
        yacht,
        item,
        name: nameOf(item, title),
        kind: "defect",
        pieces: 1,
        chargedMinor: 0,
        workMinutes: minutes,
      };
    }),
  ];
}

const named = (kind: string, part: Record<string, { name: Parameters<typeof localize>[0] }>): [string, string][] =>
  Object.entries(part).map(([key, { name }]) => [`${kind}:${key}`, localize(name)]);
