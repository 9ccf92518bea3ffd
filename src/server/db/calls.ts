import "server-only";
import type { CallView } from "@/api/schemas/desk";
import type { CallAnswer } from "@/core/faults/call";
import type { GivenAnswer } from "@/core/faults/earlier";
import type { Queryable } from "./pool";

/** What a stay's crew called about, oldest first. */
export async function callsOf(db: Queryable, stayId: string): Promise<CallView[]> {
  return (
    await db.query<CallView>(
      "select id, topic, words, noted_at as at from call_note where stay_id = $1 order by noted_at, id",
      [stayId],
    )
  ).rows;
}

/** What the crews of a yacht's last stay before a moment called about. */
export async function callsOfLastStay(db: Queryable, yachtId: string, before: string): Promise<CallView[]> {
  const { rows } = await db.query<{ id: string }>(
    "select id from stay where yacht_id = $1 and starts_at < $2 and called_off is null order by starts_at desc limit 1",
    [yachtId, before],
  );
  return rows[0] ? callsOf(db, rows[0].id) : [];
}

/** Notes a call. */
export async function addCall(
  db: Queryable,
  call: { id: string; stayId: string; topic: string | null; words: string; trouble?: string | null },
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    `insert into call_note (id, base_id, stay_id, topic, words, trouble, noted_by, noted_at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7)`,
    [call.id, call.stayId, call.topic, call.words, call.trouble ?? null, personId, at],
  );
}

/** What the base answered to troubles of some stays, oldest first; by stay. */
export async function answersOfAll(
  db: Queryable,
  stayIds: readonly string[],
): Promise<ReadonlyMap<string, CallAnswer[]>> {
  const { rows } = await db.query<CallAnswer & { stayId: string }>(
    `select stay_id as "stayId", trouble, words, noted_at as at from call_note
      where stay_id = any($1) and trouble is not null order by noted_at, id`,
    [stayIds],
  );
  const answers = new Map<string, CallAnswer[]>(stayIds.map((id) => [id, []]));
  for (const { stayId, ...answer } of rows) answers.get(stayId)?.push(answer);
  return answers;
}

/** What the base answered to troubles of some kinds on any yacht, newest first, with what was found there. */
export async function answersGiven(
  db: Queryable,
  kinds: readonly string[],
): Promise<ReadonlyMap<string, GivenAnswer[]>> {
  const { rows } = await db.query<GivenAnswer & { kind: string }>(
    `select split_part(begun.content ->> 'fault', '.', 1) as kind, n.trouble, n.words, n.noted_at as at, y.name as yacht,
            coalesce(looked.found, '{}') as found
       from call_note n
       join boat_log begun on begun.base_id = n.base_id and begun.id = n.trouble
       join stay s on s.base_id = n.base_id and s.id = n.stay_id
       join yacht y on y.base_id = s.base_id and y.id = s.yacht_id
       left join lateral (
         select array_agg(distinct l.content ->> 'check') as found from boat_log l
          where l.stay_id = n.stay_id and l.kind = 'trouble-answer' and l.content ->> 'trouble' = n.trouble::text
            and l.content ->> 'about' = 'look' and l.content ->> 'said' = 'is'
       ) looked on true
      where split_part(begun.content ->> 'fault', '.', 1) = any($1)
      order by n.noted_at desc limit 200`,
    [kinds],
  );
  const given = new Map<string, GivenAnswer[]>();
  for (const { kind, ...answer } of rows) given.set(kind, [...(given.get(kind) ?? []), answer]);
  return given;
}
