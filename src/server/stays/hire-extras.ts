import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { hireExtras } from "@/api/lists";
import { localize } from "@/core/basics/words";
import type { HiredExtra } from "@/core/extras/extra";
import { hireFaults } from "@/core/extras/hire";
import { now } from "../clock";
import { currentList } from "../db/base-lists";
import { staysOfCharter } from "../db/charters";
import { addHired, hiredElsewhere, hiredOf } from "../db/hired-extras";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";

/**
 * Keeps which extras a charter hires, each with a copy of what was agreed. What was agreed before keeps its copy: a new
 * price holds for what is hired from now on.
 *
 * @throws AppError for more than the base has free over these days, or once the check-in is open
 */
export async function hireForCharter(
  db: Queryable,
  charterId: string,
  { onNumber, hired: wanted }: Static<typeof hireExtras.body>,
  personId: string,
): Promise<Record<string, never>> {
  // two charters that want the last one take turns
  await takeTurns(db, "extras");
  const stay = (await staysOfCharter(db, charterId)).findLast(({ calledOff }) => calledOff === null);
  const yacht = stay && (await findYacht(db, { id: stay.yachtId }));
  if (!stay || !yacht) throw new AppError("no-such-charter");
  if (stay.handovers.some(({ kind }) => kind === "check-in")) throw new AppError("list-fixed");
  const { hired: before, number } = await hiredOf(db, charterId);
  const { list } = await currentList(db, "extras");
  // what was taken off the list meanwhile stays hired where it was
  const known = { ...Object.fromEntries(before.map(({ key, extra }) => [key, extra])), ...list };
  const [fault] = hireFaults(wanted, known, await hiredElsewhere(db, charterId));
  const nameOf = (key: string) => (Object.hasOwn(known, key) && known[key] ? localize(known[key].name) : key);
  if (fault?.what === "too-many")
    throw new AppError("extra-too-many", { name: nameOf(fault.key), free: fault.free }, "hired");
  if (fault) throw new AppError("extra-unknown", { name: nameOf(fault.key) }, "hired");
  const hired = wanted.map(({ key, count, place }): HiredExtra => {
    if (!Object.hasOwn(yacht.file.places, place)) throw new AppError("no-such-place", { place }, "hired");
    const extra = before.find((each) => each.key === key)?.extra ?? known[key];
    if (!extra) throw new Error("an extra that was found is gone");
    return { key, count, place, extra };
  });
  const change = { onNumber, hired, by: personId, at: now() };
  if (number !== onNumber || !(await addHired(db, charterId, change))) throw new AppError("list-changed");
  return {};
}
