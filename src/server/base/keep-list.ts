import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { keepExtras, keepTasks } from "@/api/lists";
import { localize, type Words } from "@/core/basics/words";
import { extrasFaults } from "@/core/extras/faults";
import { tasksFaults } from "@/core/tasks/faults";
import type { Queryable } from "../db/pool";
import { putList } from "./put-list";

/** Keeps what the base lends, never over another's change unseen. */
export async function keepBaseExtras(
  db: Queryable,
  { onNumber, extras }: Static<typeof keepExtras.body>,
  personId: string,
): Promise<Record<string, never>> {
  const [fault] = extrasFaults(extras);
  if (fault)
    throw new AppError("extras-wrong", { what: fault.what.replaceAll("-", ""), name: nameIn(extras, fault.key) });
  return putList(db, "extras", { onNumber, list: extras, by: personId });
}

/** Keeps what the base does between two charters, never over another's change unseen. */
export async function keepBaseTasks(
  db: Queryable,
  { onNumber, tasks }: Static<typeof keepTasks.body>,
  personId: string,
): Promise<Record<string, never>> {
  const [fault] = tasksFaults(tasks);
  if (fault)
    throw new AppError("tasks-wrong", { what: fault.what.replaceAll("-", ""), name: nameIn(tasks, fault.key) });
  return putList(db, "tasks", { onNumber, list: tasks, by: personId });
}

const nameIn = (list: Readonly<Record<string, { name: Words }>>, key: string) => {
  const name = Object.hasOwn(list, key) ? list[key]?.name : undefined;
  return name ? localize(name) : key;
};
