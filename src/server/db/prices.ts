import "server-only";
import type { PriceChange } from "@/api/schemas/desk";
import { noPrices, type PriceList } from "@/core/settlement/prices";
import type { Queryable } from "./pool";

/** The base's price list as it stands, and the number of the change that made it so; 0 before the first. */
export async function currentPrices(db: Queryable): Promise<{ prices: PriceList; number: number }> {
  const { rows } = await db.query<{ list: PriceList; number: number }>(
    "select list, number from price_list order by number desc limit 1",
  );
  return { prices: rows[0]?.list ?? noPrices, number: rows[0]?.number ?? 0 };
}

/** Who settled the price list last, when and why; null before the first. */
export async function lastPriceChange(db: Queryable): Promise<PriceChange | null> {
  const { rows } = await db.query<PriceChange>(
    `select l.why, l.settled_at as at, p.name as by
     from price_list l join person p on p.id = l.settled_by order by l.number desc limit 1`,
  );
  return rows[0] ?? null;
}

/** Settles the price list anew, on top of the change with a number. Returns false when another change came in between; nothing is written then. */
export async function addPrices(
  db: Queryable,
  onNumber: number,
  prices: PriceList,
  why: string,
  personId: string,
  at: string,
): Promise<boolean> {
  const { rowCount } = await db.query(
    "insert into price_list (base_id, number, list, why, settled_by, settled_at) values (current_base(), $1, $2, $3, $4, $5) on conflict do nothing",
    [onNumber + 1, JSON.stringify(prices), why, personId, at],
  );
  return rowCount === 1;
}
