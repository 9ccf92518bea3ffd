import "server-only";
import { say } from "@/core/basics/words";
import type { HistoryFact } from "@/core/history/history";
import { englishTranslator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { listYachts } from "../db/yachts";

interface Charged {
  yacht: string;
  id: string;
  kind: "missing" | "damage" | "fuel" | "service";
  pieces: number | null;
  chargedMinor: string;
}

/** Everything on signed statements and every defect of the fleet, or of one yacht, from a day on. */
export async function historyFacts(db: Queryable, slug: string | null, from: string): Promise<HistoryFact[]> {
  const t = englishTranslator();
  const { rows: charged } = await db.query<Charged>(
    `select y.name as yacht, l ->> 'id' as id, l ->> 'kind' as kind, (l ->> 'count')::int as pieces, o ->> 'chargedMinor' as "chargedMinor"
     from settlement t join stay s on s.id = t.stay_id join yacht y on y.id = s.yacht_id, jsonb_array_elements(t.input -> 'lines') l, jsonb_array_elements(t.output -> 'lines') o
     where o ->> 'id' = l ->> 'id' and ($1::text is null or y.slug = $1) and t.sealed_at >= $2 order by t.sealed_at, id`,
    [slug, from],
  );
  const { rows: defects } = await db.query<{ yacht: string; subject: string; title: string; minutes: number }>(
    `select y.name as yacht, d.subject, d.title, coalesce((select sum(minutes) from work_step w where w.defect_id = d.id), 0)::int as minutes
     from defect d join yacht y on y.id = d.yacht_id where ($1::text is null or y.slug = $1) and d.found_at >= $2 order by d.found_at, d.id`,
    [slug, from],
  );
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

const named = (kind: string, part: Record<string, { name: Parameters<typeof say>[0] }>): [string, string][] =>
  Object.entries(part).map(([key, { name }]) => [`${kind}:${key}`, say(name, "en")]);
