import "server-only";
import { v7 as uuid } from "uuid";
import { addDays, dayIn } from "@/core/basics/instant";
import type { Extra } from "@/core/settlement/extra";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { settlementView, type SettlementView } from "./view";

/**
 * Puts something on the statement, or takes it off again (null); what stood there before is kept.
 *
 * @param id of what is changed; a new one gets its own
 * @throws Refusal once the statement is signed, and for what does not fit the charter
 */
export async function putExtra(
  db: Queryable,
  stayId: string,
  id: string | null,
  extra: Extra | null,
  why: string,
  personId: string,
): Promise<string> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  if (view.signed)
    throw new Refusal(409, "settled", "This charter is settled and signed. Nothing of it can be changed any more.");
  if (id !== null && !view.extras.some((each) => each.id === id))
    throw new Refusal(404, "no-such-extra", "This does not stand on the statement any more. Load the page again.");
  if (extra) refuseUnfit(view, id, extra);
  const kept = id ?? uuid();
  await db.query(
    `insert into settlement_extra (id, base_id, stay_id, number, extra, why, by_person, at)
     values ($1, current_base(), $2, (select coalesce(max(number), 0) + 1 from settlement_extra where id = $1), $3, $4, $5, $6)`,
    [kept, stayId, extra === null ? null : JSON.stringify(extra), why, personId, now()],
  );
  return kept;
}

function refuseUnfit({ stay, extras, checkOut, base }: SettlementView, id: string | null, extra: Extra): void {
  switch (extra.kind) {
    case "service":
      return;
    case "below-water":
      if (extras.some((each) => each.extra.kind === "below-water" && each.id !== id))
        throw new Refusal(409, "one-sum", "A sum is kept for below the water already. Change that one.");
      if (extra.until <= now())
        throw new Refusal(422, "in-the-past", "The time until which the hull is looked at lies in the past.", "until");
      if (extra.amountMinor === 0)
        throw new Refusal(
          422,
          "no-sum",
          "Name the sum that is kept back; without one there is nothing to hold.",
          "amountMinor",
        );
      return;
    case "fuel": {
      // by the base's clock: a tablet's may be wrong
      const last = dayIn(checkOut.seal.receivedAt, base.timeZone);
      const first = dayIn(stay.startsAt, base.timeZone);
      if (extra.day < first || extra.day > last)
        throw new Refusal(
          422,
          "not-in-charter",
          `This receipt is not of the charter's days, ${first} to ${last}.`,
          "day",
        );
      if (extra.full === null) return;
      const tank = checkOut.list.lines.find(
        (line) => line.id === extra.full && line.kind === "reading" && line.reading === "fuel",
      );
      if (!tank) throw new Refusal(422, "no-such-tank", "There is no such fuel tank on her list.", "full");
      if (extra.day < addDays(last, -1))
        throw new Refusal(
          422,
          "filled-too-early",
          "A tank filled to the cap beats the gauge only on the day of the check-out or the day before.",
          "day",
        );
    }
  }
}
