import "server-only";
import { v7 as uuid } from "uuid";
import type { DepositView } from "@/api/schemas/desk";
import { now } from "../clock";
import type { Movement } from "@/core/settlement/books";
import type { DepositMove } from "@/core/settlement/holds";
import type { Queryable } from "./pool";

export type DepositKind = DepositView["kind"];
export type DepositEvent = DepositView & DepositMove;

/** What happened to a stay's deposit, in order. */
export async function depositEvents(db: Queryable, stayId: string): Promise<DepositEvent[]> {
  const { rows } = await db.query<DepositEvent>(
    `select kind, amount_minor as "amountMinor", currency, terminal_reference as reference, at,
       request_key as key, hold_key as "holdKey"
     from deposit_event where stay_id = $1 order by number`,
    [stayId],
  );
  return rows;
}

/** Notes what happened to a deposit; the same request again has no effect. */
export async function addDepositEvent(
  db: Queryable,
  stayId: string,
  event: DepositMove & { person: string },
): Promise<void> {
  await db.query(
    `insert into deposit_event (id, base_id, stay_id, number, kind, amount_minor, currency, request_key, terminal_reference, by_person, at, hold_key)
     values ($1, current_base(), $2, (select coalesce(max(number), 0) + 1 from deposit_event where stay_id = $2), $3, $4, $5, $6, $7, $8, $9, $10)
     on conflict on constraint deposit_event_request do nothing`,
    [
      uuid(),
      stayId,
      event.kind,
      event.amountMinor,
      event.currency,
      event.key,
      event.reference,
      event.person,
      now(),
      event.holdKey,
    ],
  );
}

/** Whether a key that somebody chose was used for another request than the one with this whole key. */
export async function isUsedElsewhere(db: Queryable, asked: string, wholeKey: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `select 1 from deposit_event
     where base_id = current_base() and (request_key = $1 or split_part(request_key, ':', 3) = $1) and request_key <> $2 limit 1`,
    [asked, wholeKey],
  );
  return (rowCount ?? 0) > 0;
}

/** What the base has noted of the movements at the terminal, of one stay or of all. */
export async function notedMovements(db: Queryable, stayId: string | null): Promise<Movement[]> {
  const { rows } = await db.query<Movement>(
    `select d.request_key as key, case d.kind when 'held' then 'hold' when 'captured' then 'capture' else 'release' end as action,
       d.amount_minor as "amountMinor", d.currency, d.terminal_reference as reference
     from deposit_event d join stay s on s.id = d.stay_id join charter c on c.id = s.charter_id
     where d.kind in ('held', 'captured', 'released') and c.terms -> 'deposit' ->> 'how' = 'card-hold' and ($1::uuid is null or d.stay_id = $1)
     order by d.at, d.number`,
    [stayId],
  );
  return rows;
}

export interface BookedAnswer {
  reference: string;
  answer: string;
}

/** Where the simulated terminal remembers its answers: its own table, which no part of the product reads. */
export function terminalBook(db: Queryable) {
  return {
    /** every movement that went through, of one stay by the name it has in the request keys, or of all */
    movements: async (stayId: string | null): Promise<Movement[]> =>
      (
        await db.query<Movement>(
          `select t.request_key as key, t.action, t.amount_minor as "amountMinor", t.currency, t.reference
           from terminal_book t where t.answer = 'done' and ($1::text is null or split_part(t.request_key, ':', 2) = $1
             or exists (select 1 from deposit_event d where d.request_key = t.request_key and d.stay_id::text = $1))
           order by t.at`,
          [stayId],
        )
      ).rows,
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
