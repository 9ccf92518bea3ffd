import "server-only";
import { v7 as uuid } from "uuid";
import { fold } from "@/core/handover/fold";
import type { Entry } from "@/core/handover/entry";
import { foundThings, photosOf } from "@/core/handover/state";
import type { FoundState } from "@/core/upkeep/found";
import type { FoundItem } from "@/formats/desk";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";

/** Things found aboard that were left by some crew and have not gone back, or been given away. Those found at check-out are that crew's; earlier ones are not known. */
export async function foundNotReturned(db: Queryable): Promise<FoundItem[]> {
  const { rows } = await db.query<{
    handover: string;
    yachtName: string;
    kind: string;
    charter: string;
    charterer: string;
    sealedAt: string;
    entries: Entry[];
    said: { found: string; state: FoundState; words: string; at: string }[];
  }>(
    `select h.id as handover, y.name as "yachtName", h.kind, c.reference as charter, p.name as charterer, l.sealed_at as "sealedAt",
       (select jsonb_agg(e.content order by e.number) from entry e where e.handover_id = h.id and e.subject like 'found:%') as entries,
       coalesce((select jsonb_agg(jsonb_build_object('found', r.found, 'state', r.state, 'words', r.words, 'at', r.at) order by r.at, r.id) from found_return r where r.handover_id = h.id), '[]') as said
     from handover h join seal l on l.handover_id = h.id and l.number = 1 join stay s on s.id = h.stay_id join charter c on c.id = s.charter_id join person p on p.id = c.charterer_id join yacht y on y.id = h.yacht_id
     where h.kind in ('check-in', 'check-out') and exists (select 1 from entry e where e.handover_id = h.id and e.subject like 'found:%') order by l.sealed_at desc`,
  );
  return rows.flatMap(({ entries, said, handover, kind, ...row }) => {
    const folded = fold(entries);
    return foundThings(folded).flatMap(({ id, found }): FoundItem[] => {
      const last = said.filter((each) => each.found === id).at(-1);
      if (last && last.state !== "kept") return [];
      return [
        {
          ...row,
          handover,
          found: id,
          words: found.words,
          count: found.count,
          photos: photosOf(folded, `found:${id}`),
          isTheirs: kind === "check-out",
          kept: last ? { words: last.words, at: last.at } : null,
        },
      ];
    });
  });
}

/**
 * Notes what became of a found thing: kept at the base, gone back, given away.
 *
 * @throws Refusal for a thing that is not among those that have not gone back
 */
export async function noteFound(
  db: Queryable,
  handover: string,
  found: string,
  state: FoundState,
  words: string,
  personId: string,
): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`found ${found}`]);
  if (!(await foundNotReturned(db)).some((each) => each.handover === handover && each.found === found))
    throw new Refusal(
      409,
      "not-here",
      "This is not at the base any more by the record: somebody noted it already. Load the page again.",
    );
  await db.query(
    "insert into found_return (id, base_id, handover_id, found, state, words, by_person, at) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [uuid(), handover, found, state, words, personId, now()],
  );
}
