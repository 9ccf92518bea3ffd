import "server-only";
import type { StayView } from "@/api/schemas/desk";
import { dayIn } from "@/core/basics/instant";
import { toTakeOff } from "@/core/extras/aboard";
import type { HiredExtra } from "@/core/extras/extra";
import { dueTasks, type DueTask } from "@/core/tasks/due";
import type { YachtFile } from "@/core/yacht/schema";
import { currentList } from "../db/base-lists";
import { stayBefore } from "../db/charters";
import { hiredOf } from "../db/hired-extras";
import type { Queryable } from "../db/pool";

/** What is done aboard a yacht before a stay: the base's tasks that are due on her, and what is taken off her that is not hired any more. */
export async function turnRoundOf(
  db: Queryable,
  stay: StayView,
  file: YachtFile,
  timeZone: string,
): Promise<{ tasks: DueTask[]; takeOff: HiredExtra[] }> {
  const before = await stayBefore(db, stay.yachtId, stay.startsAt);
  const tasks = dueTasks((await currentList(db, "tasks")).list, {
    yacht: stay.yachtSlug,
    file,
    backOn: before && dayIn(before.endsAt, timeZone),
    outOn: dayIn(stay.startsAt, timeZone),
  });
  const [left, hired] = [
    before ? (await hiredOf(db, before.charterId)).hired : [],
    (await hiredOf(db, stay.charterId)).hired,
  ];
  return { tasks, takeOff: toTakeOff(left, hired) };
}
