import "server-only";
import type { Instant } from "@/core/basics/instant";
import type { MessageState } from "@/core/messages/state";
import { addMessageState } from "./messages";
import type { Queryable } from "./pool";

/** A message as its carrier takes it, with what is secret in it. */
export interface MessageToSend {
  id: string;
  baseName: string;
  isDemo: boolean;
  way: "mail" | "text";
  toName: string;
  toAddress: string | null;
  subject: string;
  words: string;
  secrets: Readonly<Record<string, string>>;
  state: MessageState;
}

/**
 * A message of the queue, held for this transaction.
 *
 * @param owner a connection as the owner of the tables
 */
export async function takeMessage(owner: Queryable, id: string): Promise<MessageToSend | null> {
  // two who come to it at once take turns, so that the second sees what the first has begun
  await owner.query("select pg_advisory_xact_lock(hashtextextended('message ' || $1, 0))", [id]);
  const { rows } = await owner.query<MessageToSend>(
    `select m.id, b.name as "baseName", b.is_demo as "isDemo", m.way, m.to_name as "toName", m.to_address as "toAddress", m.subject, m.words,
       coalesce((select jsonb_object_agg(x.name, x.value) from message_secret x where x.base_id = m.base_id and x.message_id = m.id), '{}') as secrets,
       (select s.state from message_state s where s.base_id = m.base_id and s.message_id = m.id order by number desc limit 1) as state
     from outbox_message m join base b on b.id = m.base_id where m.id = $1`,
    [id],
  );
  return rows[0] ?? null;
}

/** The files that go with a message. */
export async function filesOfMessage(
  owner: Queryable,
  id: string,
): Promise<{ name: string; media: string; bytes: Buffer }[]> {
  const { rows } = await owner.query<{ name: string; media: string; bytes: Buffer }>(
    "select name, media, bytes from message_file where message_id = $1 order by name",
    [id],
  );
  return rows;
}

/** Notes how far a message has come, and forgets what was secret in it once it is over. */
export async function noteMessageState(
  owner: Queryable,
  id: string,
  { state, at, detail, isOver }: { state: MessageState; at: Instant; detail: string; isOver: boolean },
): Promise<void> {
  await addMessageState(owner, id, state, at, detail);
  if (isOver) await owner.query("delete from message_secret where message_id = $1", [id]);
}

/** one house sends; a second process waits until the first is gone */
const houseLock = 4312;

/** Whether this connection is the one that sends, of all on the database; it is for as long as it stands. */
export async function maySend(owner: Queryable): Promise<boolean> {
  const { rows } = await owner.query<{ mine: boolean }>("select pg_try_advisory_lock($1) as mine", [houseLock]);
  return rows[0]?.mine === true;
}

/** Lets go of jobs that a killed process still held: whoever calls has made sure that it is the only one. */
export async function freeJobs(owner: Queryable): Promise<void> {
  await owner.query(
    "select graphile_worker.force_unlock_workers(array(select distinct locked_by from graphile_worker.jobs where locked_by is not null))",
  );
}
