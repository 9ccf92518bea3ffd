import "server-only";
import { now } from "../clock";
import type { Queryable } from "../db/pool";

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
