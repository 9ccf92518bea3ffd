import "server-only";
import type { Instant } from "@/core/basics/instant";
import type { Keeping, KeptKind } from "@/core/private/keeping";
import type { Queryable } from "./pool";

/** Something that was erased: how many of what, and why. */
export interface Erasure {
  id: number;
  at: Instant;
  what: KeptKind;
  pieces: number;
  /** who erased it at a guest's wish; null where its time was over */
  by: string | null;
  why: string;
}

/** Erases of the base what is older than its kind is kept. Returns how many pieces. */
export async function eraseOutlived(db: Queryable, keeping: Keeping, at: Instant): Promise<number> {
  const { rows } = await db.query<{ erased: number }>("select erase_outlived($1, $2) as erased", [
    JSON.stringify(keeping),
    at,
  ]);
  return rows[0]?.erased ?? 0;
}

/** Erases what is held of one guest. */
export async function eraseGuest(
  db: Queryable,
  guest: string,
  { by, why, at }: { by: string; why: string; at: Instant },
): Promise<"done" | "unknown" | "not-over"> {
  const { rows } = await db.query<{ came: "done" | "unknown" | "not-over" }>(
    "select erase_guest($1, $2, $3, $4) as came",
    [guest, by, why, at],
  );
  return rows[0]?.came ?? "unknown";
}

/** What was erased of late, newest first. */
export async function lastErasures(db: Queryable, limit: number): Promise<Erasure[]> {
  const { rows } = await db.query<Erasure>(
    `select e.id, e.at, e.what, e.pieces, p.name as by, e.why from erasure e
     left join person p on p.base_id = e.base_id and p.id = e.by_person order by e.id desc limit $1`,
    [limit],
  );
  return rows;
}

/** Everything that stands under a guest: what they may ask to see. */
export interface HeldOfGuest {
  person: { id: string; name: string; email: string | null; phone: string | null };
  charters: { reference: string; yacht: string; from: Instant; until: Instant; as: string[]; language: string }[];
  crew: { reference: string; crew: unknown; at: Instant }[];
  study: { reference: string; said: unknown; at: Instant }[];
  told: { reference: string; entry: unknown; at: Instant }[];
  calls: { reference: string; topic: string | null; words: string; at: Instant }[];
  messages: { at: Instant; kind: string; to: string | null; subject: string; words: string }[];
  signatures: { record: string; side: string; name: string; strokes: number; at: Instant }[];
  opened: { from: Instant; until: Instant }[];
  deposits: { reference: string; kind: string; amountMinor: number; currency: string; at: Instant }[];
  objections: { reference: string; words: string; at: Instant }[];
  reported: { reference: string; kind: string; said: unknown; at: Instant }[];
}

/** What is held of a guest, table by table; null for who is none of the base's guests. */
export async function heldOfGuest(db: Queryable, guest: string): Promise<HeldOfGuest | null> {
  const all = async <Row extends object>(text: string) =>
    (await db.query<Row & Record<string, unknown>>(text, [guest])).rows as Row[];
  const [person] = await all<HeldOfGuest["person"]>(
    `select id, name, email, phone from person p where id = $1 and erased_at is null
       and not exists (select 1 from staff f where f.base_id = p.base_id and f.person_id = p.id)`,
  );
  if (!person) return null;
  const ofCharters = `charter c join stay s on s.base_id = c.base_id and s.charter_id = c.id and $1 in (c.skipper_id, c.charterer_id)`;
  return {
    person,
    charters: await all(
      `select stay_reference(c.reference, s.part) as reference, y.name as yacht, s.starts_at as from, s.ends_at as until, c.language,
         array_remove(array[case when c.skipper_id = $1 then 'skipper' end, case when c.charterer_id = $1 then 'charterer' end], null) as as
       from ${ofCharters} join yacht y on y.id = s.yacht_id order by s.starts_at`,
    ),
    crew: await all(
      `select stay_reference(c.reference, s.part) as reference, l.crew, l.entered_at as at from ${ofCharters} join crew_list l on l.base_id = s.base_id and l.stay_id = s.id order by l.entered_at`,
    ),
    study: await all(
      "select c.reference, a.content as said, a.received_at as at from charter c join study_answer a on a.base_id = c.base_id and a.charter_id = c.id where c.skipper_id = $1 order by a.received_at",
    ),
    told: await all(
      `select stay_reference(c.reference, s.part) as reference, l.content as entry, l.received_at as at from ${ofCharters} join boat_log l on l.base_id = s.base_id and l.stay_id = s.id order by l.number`,
    ),
    calls: await all(
      `select stay_reference(c.reference, s.part) as reference, n.topic, n.words, n.noted_at as at from ${ofCharters} join call_note n on n.base_id = s.base_id and n.stay_id = s.id order by n.noted_at`,
    ),
    messages: await all(
      `select m.at, m.kind, m.to_address as to, m.subject, m.words from outbox_message m left join stay s on s.base_id = m.base_id and s.id = m.stay_id
       left join charter c on c.base_id = s.base_id and c.id = s.charter_id
       where m.erased_at is null and (m.person_id = $1 or (m.person_id is null and $1 in (c.skipper_id, c.charterer_id))) order by m.at`,
    ),
    signatures: await all(
      `select h.kind as record, g.side, g.content ->> 'name' as name, jsonb_array_length(g.content -> 'strokes') as strokes, l.sealed_at as at
       from ${ofCharters} join handover h on h.base_id = s.base_id and h.stay_id = s.id join seal l on l.base_id = h.base_id and l.handover_id = h.id
       join signature_content g on g.base_id = l.base_id and g.seal_id = l.id
       where exists (select 1 from jsonb_array_elements(l.signatures) e where e ->> 'side' = g.side and (e ->> 'person')::uuid = $1) order by l.sealed_at`,
    ),
    opened: await all(
      "select o.created_at as from, o.expires_at as until from session o join charter c on c.base_id = o.base_id and c.id = o.charter_id where c.skipper_id = $1 order by o.created_at",
    ),
    deposits: await all(
      `select stay_reference(c.reference, s.part) as reference, d.kind, d.amount_minor::float8 as "amountMinor", d.currency, d.at from ${ofCharters} join deposit_event d on d.base_id = s.base_id and d.stay_id = s.id order by d.at`,
    ),
    objections: await all(
      `select stay_reference(c.reference, s.part) as reference, o.words, o.at from ${ofCharters} join settlement t on t.base_id = s.base_id and t.stay_id = s.id join settlement_objection o on o.base_id = t.base_id and o.settlement_id = t.id order by o.at`,
    ),
    reported: await all(
      "select stay_reference(c.reference, s.part) as reference, a.kind, a.content as said, a.received_at as at from addendum a join handover h on h.base_id = a.base_id and h.id = a.handover_id join stay s on s.base_id = h.base_id and s.id = h.stay_id join charter c on c.base_id = s.base_id and c.id = s.charter_id where a.made_by = $1 order by a.received_at",
    ),
  };
}
