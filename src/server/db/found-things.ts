import "server-only";
import { v7 as uuid } from "uuid";
import type { Entry } from "@/core/handover/entry";
import type { FoundState } from "@/core/upkeep/found";
import type { Queryable } from "./pool";

/** A signed handover at which things were found that stand on no list, with what was said of them since. */
export interface FoundThingsRow {
  handover: string;
  yachtName: string;
  kind: string;
  charter: string;
  charterer: string;
  sealedAt: string;
  entries: Entry[];
  said: { found: string; state: FoundState; words: string; at: string }[];
}

/** Signed handovers at which things were found, the last one first. */
export async function handoversWithFoundThings(db: Queryable): Promise<FoundThingsRow[]> {
  const { rows } = await db.query<FoundThingsRow>(
    `select h.id as handover, y.name as "yachtName", h.kind, stay_reference(c.reference, s.part) as charter, p.name as charterer, l.sealed_at as "sealedAt",
       (select jsonb_agg(e.content order by e.number) from entry e where e.handover_id = h.id and e.subject like 'found:%') as entries,
       coalesce((select jsonb_agg(jsonb_build_object('found', r.found, 'state', r.state, 'words', r.words, 'at', r.at) order by r.at, r.id) from found_return r where r.handover_id = h.id), '[]') as said
     from handover h join standing_seal l on l.handover_id = h.id join stay s on s.id = h.stay_id join charter c on c.id = s.charter_id join person p on p.id = c.charterer_id join yacht y on y.id = h.yacht_id
     where h.kind in ('check-in', 'check-out') and exists (select 1 from entry e where e.handover_id = h.id and e.subject like 'found:%') order by l.sealed_at desc`,
  );
  return rows;
}

/** Notes what became of a found thing. */
export async function addFoundReturn(
  db: Queryable,
  handoverId: string,
  found: string,
  state: FoundState,
  words: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into found_return (id, base_id, handover_id, found, state, words, by_person, at) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [uuid(), handoverId, found, state, words, personId, at],
  );
}
