import "server-only";
import { pool, type Queryable } from "./pool";

/** Whether a base can be set up: a code was printed and nobody has used it. */
export async function setUpWaits(): Promise<boolean> {
  return (await pool().query<{ waits: boolean }>("select set_up_waits() as waits")).rows[0]?.waits ?? false;
}

/** Tries a set-up code; a wrong one is counted. */
export async function trySetUp(codeHash: string): Promise<"right" | "wrong" | "closed" | "none"> {
  const { rows } = await pool().query<{ state: "right" | "wrong" | "closed" | "none" }>(
    "select try_set_up($1) as state",
    [codeHash],
  );
  return rows[0]?.state ?? "none";
}

/** Takes a code for good. Returns false when somebody else has. */
export async function useSetUp(db: Queryable, codeHash: string, at: string): Promise<boolean> {
  return (
    (await db.query<{ used: boolean }>("select use_set_up($1, $2) as used", [codeHash, at])).rows[0]?.used ?? false
  );
}

/** What a base is told at first. */
export interface NewBase {
  id: string;
  name: string;
  place: string;
  timeZone: string;
  currency: string;
  languages: readonly string[];
  phone: string;
  channel: string | null;
  hours: string | null;
}

/** Makes a base; in a transaction that sees it. */
export async function addBase(db: Queryable, base: NewBase): Promise<void> {
  await db.query(
    `insert into base (id, name, place, time_zone, currency, languages, phone, channel, hours)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      base.id,
      base.name,
      base.place,
      base.timeZone,
      base.currency,
      base.languages,
      base.phone,
      base.channel,
      base.hours,
    ],
  );
}
