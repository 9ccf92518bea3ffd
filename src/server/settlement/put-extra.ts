import "server-only";
import { takeTurnsOnStatement } from "../db/locks";
import { addExtra } from "../db/settlements";
import { v7 as uuid } from "uuid";
import { addDays, dayIn } from "@/core/basics/instant";
import type { Extra } from "@/core/settlement/extra";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { settlementView, type SettlementView } from "./view";

/**
 * Puts something on the statement, or takes it off again (null); what stood there before is kept.
 *
 * @param id of what is changed; a new one gets its own
 * @throws AppError once the statement is signed, and for what does not fit the charter
 */
export async function putExtra(
  db: Queryable,
  stayId: string,
  id: string | null,
  extra: Extra | null,
  why: string,
  personId: string,
): Promise<string> {
  await takeTurnsOnStatement(db, stayId);
  const view = await settlementView(db, stayId);
  if (view.signed) throw new AppError("settled");
  if (id !== null && !view.extras.some((each) => each.id === id)) throw new AppError("no-such-extra");
  if (extra) refuseUnfit(view, id, extra);
  const kept = id ?? uuid();
  await addExtra(db, stayId, kept, extra, why, personId, now());
  return kept;
}

function refuseUnfit({ stay, extras, checkOut, base }: SettlementView, id: string | null, extra: Extra): void {
  switch (extra.kind) {
    case "service":
      return;
    case "below-water":
      if (extras.some((each) => each.extra.kind === "below-water" && each.id !== id)) throw new AppError("one-sum");
      if (extra.until <= now()) throw new AppError("in-the-past", {}, "until");
      if (extra.amountMinor === 0) throw new AppError("no-sum", {}, "amountMinor");
      return;
    case "fuel": {
      // by the base's clock: a tablet's may be wrong
      const last = dayIn(checkOut.seal.receivedAt, base.timeZone);
      const first = dayIn(stay.startsAt, base.timeZone);
      if (extra.day < first || extra.day > last) throw new AppError("not-in-charter", { first, last }, "day");
      if (extra.full === null) return;
      const tank = checkOut.list.lines.find(
        (line) => line.id === extra.full && line.kind === "reading" && line.reading === "fuel",
      );
      if (!tank) throw new AppError("no-such-tank", {}, "full");
      if (extra.day < addDays(last, -1)) throw new AppError("filled-too-early", {}, "day");
    }
  }
}
