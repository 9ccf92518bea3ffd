import "server-only";
import { entriesByOrder } from "@/core/yacht/by-order";
import { addDays } from "@/core/basics/instant";
import type { Words } from "@/core/basics/words";
import { dueTasks } from "@/core/tasks/due";
import { currentList, type BaseList } from "../db/base-lists";
import type { Queryable } from "../db/pool";
import { listYachts } from "../db/yachts";

/** The lists of the base, with what they are about: the places of its yachts, and what the tasks come to on each. */
export interface ListsView {
  extras: BaseList<"extras">;
  tasks: BaseList<"tasks">;
  places: { key: string; name: Words }[];
  yachts: { slug: string; name: string; sums: { idleDays: 0 | 14 | 60; tasks: number; minutes: number }[] }[];
}

export async function listsView(db: Queryable, today: string): Promise<ListsView> {
  const yachts = await listYachts(db);
  const tasks = await currentList(db, "tasks");
  const places = new Map(
    yachts.flatMap(({ file }) => entriesByOrder(file.places).map(([key, { name }]) => [key, name] as const)),
  );
  return {
    extras: await currentList(db, "extras"),
    tasks,
    places: [...places].map(([key, name]) => ({ key, name })),
    yachts: yachts.map(({ slug, name, file }) => ({
      slug,
      name,
      sums: ([0, 14, 60] as const).map((idleDays) => {
        const due = dueTasks(tasks.list, { yacht: slug, file, backOn: addDays(today, -idleDays), outOn: today });
        return { idleDays, tasks: due.length, minutes: due.reduce((sum, { minutes }) => sum + minutes, 0) };
      }),
    })),
  };
}
