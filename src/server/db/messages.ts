import "server-only";
import { v7 as uuid } from "uuid";
import type { OutMessage } from "@/api/schemas/messages";
import type { Instant } from "@/core/basics/instant";
import type { Language } from "@/core/basics/languages";
import type { MessageKind, MessageWay } from "@/core/messages/kinds";
import type { MessageState } from "@/core/messages/state";
import type { Queryable } from "./pool";

/** A message as it is given to the outbox. */
export interface NewMessage {
  stayId: string | null;
  kind: MessageKind | "copy" | "new-device" | "invitation";
  way: MessageWay;
  language: Language;
  to: Correspondent;
  subject: string;
  /** names in braces where a secret goes */
  words: string;
  secrets?: Readonly<Record<string, string>>;
  files?: readonly { name: string; media: string; bytes: Uint8Array }[];
  /** what is sent once by itself; null for what may be sent again */
  once?: string;
  state: "queued" | "simulated" | "no-address";
  at: Instant;
}

/** Somebody to write to. */
export interface Correspondent {
  personId: string | null;
  name: string;
  /** mail address or telephone number; null where none is known */
  address: string | null;
}

/** Gives a message to the outbox, and to the queue where it is to leave the house. Returns its id; null where it went out once already. */
export async function addMessage(db: Queryable, message: NewMessage): Promise<string | null> {
  const id = uuid();
  const { stayId, kind, way, language, to, subject, words, state, at } = message;
  const { rowCount } = await db.query(
    `insert into outbox_message (id, base_id, stay_id, kind, way, language, person_id, to_name, to_address, subject, words, once, at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12) on conflict (base_id, once) where once is not null do nothing`,
    [id, stayId, kind, way, language, to.personId, to.name, to.address, subject, words, message.once ?? null, at],
  );
  if (rowCount === 0) return null;
  for (const [name, value] of Object.entries(state === "queued" ? (message.secrets ?? {}) : {}))
    await db.query(
      "insert into message_secret (base_id, message_id, name, value) values (current_base(), $1, $2, $3)",
      [id, name, value],
    );
  for (const file of message.files ?? [])
    await db.query(
      "insert into message_file (base_id, message_id, name, media, bytes) values (current_base(), $1, $2, $3, $4)",
      [id, file.name, file.media, Buffer.from(file.bytes)],
    );
  await addMessageState(db, id, state, at, "");
  if (state === "queued") await queueMessage(db, id);
  return id;
}

/** Notes how far a message of the base of this transaction has come. */
export async function addMessageState(
  db: Queryable,
  id: string,
  state: MessageState,
  at: Instant,
  detail: string,
): Promise<void> {
  await db.query(
    `insert into message_state (base_id, message_id, number, state, at, detail)
     select base_id, id, coalesce((select max(number) from message_state s where s.base_id = m.base_id and s.message_id = m.id), 0) + 1, $2, $3, $4
     from outbox_message m where m.id = $1`,
    [id, state, at, detail],
  );
}

/** Gives a message to the queue; `start` sends it once this transaction is kept. */
export async function queueMessage(db: Queryable, id: string): Promise<void> {
  await db.query("select queue_message($1)", [id]);
}

const outMessage = `
  select m.id, m.kind, m.way, m.stay_id as "stayId", m.to_name as "toName", m.to_address as "toAddress", m.subject, m.words, m.at, s.state, s.at as "stateAt", s.detail,
    case when m.kind = 'book-link' then
      (select min(o.created_at) from session o join stay t on t.id = m.stay_id where o.charter_id = t.charter_id and o.created_at >= m.at) end as "openedAt"
  from outbox_message m
  join lateral (select state, at, detail from message_state s where s.base_id = m.base_id and s.message_id = m.id order by number desc limit 1) s on true`;

/** What was written to the people of a stay, newest first. */
export async function messagesOf(db: Queryable, stayId: string): Promise<OutMessage[]> {
  return (await db.query<OutMessage>(`${outMessage} where m.stay_id = $1 order by m.at desc, m.id desc`, [stayId]))
    .rows;
}

/** One message of the base; null where it has none of this id. */
export async function findMessage(db: Queryable, id: string): Promise<OutMessage | null> {
  return (await db.query<OutMessage>(`${outMessage} where m.id = $1`, [id])).rows[0] ?? null;
}

/** Messages of the last weeks that did not go out, newest first. */
export async function messagesNotSent(db: Queryable, since: Instant): Promise<OutMessage[]> {
  const { rows } = await db.query<OutMessage>(
    `${outMessage} where m.at >= $1 and s.state in ('given-up', 'unclear', 'failed') order by m.at desc, m.id desc limit 50`,
    [since],
  );
  return rows;
}

/** How many messages of the base stand in the queue, and since when the oldest waits. */
export async function waitingMessages(db: Queryable): Promise<{ count: number; since: Instant | null }> {
  const { rows } = await db.query<{ count: number; since: Instant | null }>(
    `select count(*)::int as count, min(m.at) as since from outbox_message m
     join lateral (select state from message_state s where s.base_id = m.base_id and s.message_id = m.id order by number desc limit 1) s on true
     where s.state in ('queued', 'sending', 'failed')`,
  );
  return rows[0] ?? { count: 0, since: null };
}

/** The people of a charter to write to: who owes, and who sails, where that is somebody else. */
export async function correspondents(db: Queryable, stayId: string, way: MessageWay): Promise<Correspondent[]> {
  const { rows } = await db.query<Correspondent>(
    `select p.id as "personId", p.name, case $2 when 'mail' then p.email else p.phone end as address
     from stay s join charter c on c.id = s.charter_id join person p on p.id in (c.charterer_id, c.skipper_id)
     where s.id = $1 order by p.id = c.charterer_id desc`,
    [stayId, way],
  );
  return rows;
}

/** A stay as far as what is sent by itself depends on it. */
export interface StayToRemind {
  stayId: string;
  startsAt: Instant;
  endsAt: Instant;
  hasStudied: boolean;
  isHandedOver: boolean;
  isBack: boolean;
  sent: MessageKind[];
}

/** Stays that have not ended and begin before an instant, or are out. */
export async function staysToRemind(db: Queryable, at: Instant, startsBefore: Instant): Promise<StayToRemind[]> {
  const signed = (kind: string) =>
    `exists (select 1 from handover h join standing_seal l on l.handover_id = h.id where h.stay_id = s.id and h.kind = '${kind}')`;
  const { rows } = await db.query<StayToRemind>(
    `select s.id as "stayId", s.starts_at as "startsAt", s.ends_at as "endsAt",
       exists (select 1 from study_answer a where a.charter_id = s.charter_id and a.yacht_id = s.yacht_id) as "hasStudied",
       ${signed("check-in")} as "isHandedOver", ${signed("check-out")} as "isBack",
       coalesce((select array_agg(distinct m.kind) from outbox_message m where m.base_id = s.base_id and m.stay_id = s.id), '{}') as sent
     from stay s where s.ends_at > $1 and s.starts_at < $2 and s.called_off is null`,
    [at, startsBefore],
  );
  return rows;
}

/** How the whole installation's messages of late stand: how many in each state, and since when the first of them. */
export async function messagesStanding(
  db: Queryable,
): Promise<{ state: MessageState; count: number; since: Instant }[]> {
  return (await db.query<{ state: MessageState; count: number; since: Instant }>("select * from messages_standing()"))
    .rows;
}
