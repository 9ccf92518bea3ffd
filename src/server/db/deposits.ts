import "server-only";
import { v7 as uuid } from "uuid";
import type { DepositView } from "@/api/schemas/desk";
import { now } from "../clock";
import type { Queryable } from "./pool";

export type DepositKind = DepositView["kind"];
export type DepositEvent = DepositView & { currency: string };

/** What happened to a stay's deposit, in order. */
export async function depositEvents(db: Queryable, stayId: string): Promise<DepositEvent[]> {
  const { rows } = await db.query<DepositEvent>(
    `select kind, amount_minor as "amountMinor", currency, terminal_reference as reference, at from deposit_event where stay_id = $1 order by number`,
    [stayId],
  );
  return rows;
}

/** Notes what happened to a deposit; the same request again has no effect. */
export async function addDepositEvent(
  db: Queryable,
  stayId: string,
  event: {
    kind: DepositKind;
    amountMinor: number;
    currency: string;
    key: string;
    reference: string | null;
    person: string;
  },
): Promise<void> {
  await db.query(
    `insert into deposit_event (id, base_id, stay_id, number, kind, amount_minor, currency, request_key, terminal_reference, by_person, at)
     values ($1, current_base(), $2, (select coalesce(max(number), 0) + 1 from deposit_event where stay_id = $2), $3, $4, $5, $6, $7, $8, $9)
     on conflict (request_key, kind) do nothing`,
    [uuid(), stayId, event.kind, event.amountMinor, event.currency, event.key, event.reference, event.person, now()],
  );
}

/** Whether anything was noted under a request key. */
export async function isKeyUsed(db: Queryable, key: string): Promise<boolean> {
  return ((await db.query("select 1 from deposit_event where request_key = $1", [key])).rowCount ?? 0) > 0;
}

export interface BookedAnswer {
  reference: string;
  answer: string;
}

/** Where the simulated terminal remembers its answers: its own table, which no part of the product reads. */
export function terminalBook(db: Queryable) {
  return {
    find: async (key: string): Promise<BookedAnswer | null> =>
      (await db.query<BookedAnswer>("select reference, answer from terminal_book where request_key = $1", [key]))
        .rows[0] ?? null,
    write: async (
      key: string,
      reference: string,
      action: string,
      amountMinor: number,
      currency: string,
      answer: string,
    ): Promise<void> => {
      await db.query(
        "insert into terminal_book (request_key, base_id, reference, action, amount_minor, currency, answer, at) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
        [key, reference, action, amountMinor, currency, answer, now()],
      );
    },
  };
}
