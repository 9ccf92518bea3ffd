import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { settlePrices } from "@/api/base";
import { doubledItems } from "@/core/settlement/prices";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { addPrices, currentPrices } from "../db/prices";

/** Settles the price list anew, never over another's change unseen. */
export async function settlePriceList(
  db: Queryable,
  { onNumber, prices, why }: Static<typeof settlePrices.body>,
  personId: string,
): Promise<Record<string, never>> {
  const doubled = doubledItems(prices);
  if (doubled.length > 0)
    throw new AppError("stands-twice", { names: doubled.map((name) => `“${name}”`).join(", ") }, "items");
  const { number } = await currentPrices(db);
  const isSettled = number === onNumber && (await addPrices(db, onNumber, prices, why.trim(), personId, now()));
  if (!isSettled) throw new AppError("prices-changed");
  return {};
}
