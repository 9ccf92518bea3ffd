import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { tellCrew } from "@/api/book";
import { dayIn, instantIn } from "@/core/basics/instant";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import { addComing, comingOf } from "../db/coming";
import { addCrewList } from "../db/crew";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";

/**
 * Keeps the crew list and the hour of arrival that the skipper tells. More than was agreed are taken, and the base sees
 * them; more than the yacht takes are not.
 *
 * @throws AppError where the check-in is signed, and where she does not take so many
 */
export async function takeCrew(
  db: Queryable,
  charterId: string,
  { crew, arrives }: Static<typeof tellCrew.body>,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { charterId });
  if (!stay) throw new AppError("no-such-charter");
  if (stay.handovers.some(({ kind, seals }) => kind === "check-in" && seals.length > 0))
    throw new AppError("crew-stands");
  const yacht = await findYacht(db, { id: stay.yachtId });
  if (!yacht) throw new AppError("no-yacht-file");
  const most = yacht.file.particulars.maximumAboard;
  if (crew.length > most) throw new AppError("too-many-for-her", { yacht: yacht.name, most }, "/crew");
  const at = now();
  await addCrewList(db, stay.stayId, crew, stay.skipperId, at);
  await takeTurns(db, `coming ${charterId}`);
  const { timeZone } = await currentBase(db);
  const known = (await comingOf(db, [stay.stayId])).get(stay.stayId);
  const arrivesAt = arrives === null ? null : instantIn(dayIn(stay.startsAt, timeZone), arrives, timeZone);
  if (known?.arrivesAt !== arrivesAt)
    await addComing(db, charterId, {
      onNumber: known?.onNumber ?? 0,
      arrivesAt,
      papersSeen: known?.papersSeen ?? false,
      by: stay.skipperId,
      at,
    });
  return {};
}
