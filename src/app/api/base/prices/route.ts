import { Type } from "@sinclair/typebox";
import { doubledItems, PriceList } from "@/core/settlement/prices";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { withBase } from "@/server/db/pool";
import { currentPrices, settlePrices } from "@/server/db/prices";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";

const Settling = Type.Object(
  {
    onNumber: Type.Integer({ minimum: 0 }),
    prices: PriceList,
    why: Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" }),
  },
  { additionalProperties: false },
);

/** Settles the price list anew: a manager alone, with a reason, and never over another's change unseen. */
export const POST = handle("settle-prices", async (request) => {
  const staff = await requireStaff();
  if (!staff.roles.includes("manager"))
    throw new Refusal(403, "not-yours", "The price list is settled by the base manager.");
  const { onNumber, prices, why } = await readJson(request, Settling, 200_000);
  const doubled = doubledItems(prices);
  if (doubled.length > 0)
    throw new Refusal(
      422,
      "stands-twice",
      `"${doubled.join('", "')}" stands twice in the list. Give one of them another name.`,
      "items",
    );
  await withBase(staff.baseId, async (db) => {
    const { number } = await currentPrices(db);
    const isSettled =
      number === onNumber && (await settlePrices(db, onNumber, prices, why.trim(), staff.personId, now()));
    if (!isSettled)
      throw new Refusal(
        409,
        "changed-meanwhile",
        "Somebody has changed the price list meanwhile. Load the page again, and settle yours on top of theirs.",
      );
  });
  return Response.json({ settled: onNumber + 1 }, { status: 201 });
});
