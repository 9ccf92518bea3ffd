import "server-only";
import { v7 as uuid } from "uuid";
import type { OutMessage } from "@/api/schemas/desk";
import type { Queryable } from "./pool";

/** Gives a message to somebody of a stay to the outbox. */
export async function addMessage(
  db: Queryable,
  stayId: string,
  to: { name: string; address: string | null },
  subject: string,
  words: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into outbox_message (id, base_id, stay_id, to_name, to_address, subject, words, at) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [uuid(), stayId, to.name, to.address, subject, words, at],
  );
}

/** What was sent to the people of a stay, newest first. */
export async function messagesOf(db: Queryable, stayId: string): Promise<OutMessage[]> {
  return (
    await db.query<OutMessage>(
      `select id, to_name as "toName", to_address as "toAddress", subject, words, at from outbox_message where stay_id = $1 order by at desc, id desc`,
      [stayId],
    )
  ).rows;
}

/** The people of a charter to write to: who owes, and who sailed, where that is somebody else. */
export async function correspondents(
  db: Queryable,
  stayId: string,
): Promise<{ name: string; address: string | null }[]> {
  const { rows } = await db.query<{ name: string; address: string | null }>(
    `select p.name, p.email as address from stay s join charter c on c.id = s.charter_id join person p on p.id in (c.charterer_id, c.skipper_id) where s.id = $1 order by p.id = c.charterer_id desc`,
    [stayId],
  );
  return rows;
}
