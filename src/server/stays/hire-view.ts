import "server-only";
import type { HireView, StayView } from "@/api/schemas/desk";
import { placeOf } from "@/core/extras/aboard";
import { freeOf, hireMinor } from "@/core/extras/hire";
import { entriesByOrder } from "@/core/yacht/by-order";
import type { YachtFile } from "@/core/yacht/schema";
import { currentList } from "../db/base-lists";
import { staysOfCharter } from "../db/charters";
import { hiredElsewhere, hiredOf } from "../db/hired-extras";
import type { Queryable } from "../db/pool";

/** What a charter has hired, what it could hire, and where aboard its yacht it can be stowed. */
export async function hireView(db: Queryable, stay: StayView, file: YachtFile, timeZone: string): Promise<HireView> {
  const { hired, number } = await hiredOf(db, stay.charterId);
  const elsewhere = await hiredElsewhere(db, stay.charterId);
  const { list } = await currentList(db, "extras");
  const stays = (await staysOfCharter(db, stay.charterId)).filter(({ calledOff }) => calledOff === null);
  const [first, last] = [stays[0] ?? stay, stays.at(-1) ?? stay];
  return {
    number,
    hired: hired.map(({ key, count, place, extra: { name } }) => ({ key, count, place, name })),
    // over all of the charter, also where it goes on with another yacht
    sumMinor: hireMinor(hired, { startsAt: first.startsAt, endsAt: last.endsAt }, timeZone),
    lent: Object.entries(list).map(([key, extra]) => ({
      key,
      name: extra.name,
      free: freeOf(key, extra.stock, elsewhere),
      place: placeOf(extra, file),
    })),
    places: entriesByOrder(file.places).map(([key, { name }]) => ({ key, name })),
    isFixed: last.handovers.some(({ kind }) => kind === "check-in"),
    isPrepOpen: stay.handovers.some(({ kind, prepDone }) => kind === "prep" && !prepDone),
  };
}
