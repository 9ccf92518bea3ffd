import "server-only";
import type { Queryable } from "./pool";

export interface BaseRow {
  id: string;
  name: string;
  place: string;
  timeZone: string;
  currency: string;
  phone: string;
  channel: string | null;
  hours: string | null;
  isDemo: boolean;
}

/** The base whose rows this transaction sees. */
export async function currentBase(db: Queryable): Promise<BaseRow> {
  const { rows } = await db.query<BaseRow>(
    `select id, name, place, time_zone as "timeZone", currency, phone, channel, hours, is_demo as "isDemo" from base`,
  );
  if (!rows[0]) throw new Error("no base in this transaction");
  return rows[0];
}
