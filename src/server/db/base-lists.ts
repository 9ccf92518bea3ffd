import "server-only";
import { usualCharters, type UsualCharters } from "@/core/charters/agreed";
import type { KeptMappings } from "@/core/imports/mappings";
import type { Extras } from "@/core/extras/extra";
import { usualMessages, type MessageSettings } from "@/core/messages/template";
import type { Tasks } from "@/core/tasks/task";
import { usualKeeping, type Keeping } from "@/core/private/keeping";
import { usualTasks } from "@/core/tasks/usual";
import type { Queryable } from "./pool";

interface Lists {
  extras: Extras;
  tasks: Tasks;
  messages: MessageSettings;
  keeping: Keeping;
  charters: UsualCharters;
  imports: KeptMappings;
}
export type ListKind = keyof Lists;
/** A list of the base as it stands, the number of the change that made it so (0 before the first), and who made it. */
export interface BaseList<K extends ListKind> {
  list: Lists[K];
  number: number;
  last: { by: string; at: string } | null;
}

/** What holds at a base that has settled nothing yet. */
const usual: Lists = {
  extras: {},
  tasks: usualTasks,
  messages: usualMessages,
  keeping: usualKeeping,
  charters: usualCharters,
  imports: {},
};

/** A list of the base as it stands. */
export async function currentList<K extends ListKind>(db: Queryable, kind: K): Promise<BaseList<K>> {
  const { rows } = await db.query<{ number: number; list: Lists[K]; by: string; at: string }>(
    `select l.number, l.list, p.name as by, l.at from base_list l join person p on p.base_id = l.base_id and p.id = l.by_person
     where l.kind = $1 order by l.number desc limit 1`,
    [kind],
  );
  const [row] = rows;
  return row
    ? { list: row.list, number: row.number, last: { by: row.by, at: row.at } }
    : { list: usual[kind], number: 0, last: null };
}

/** Keeps a list on top of the one with a number. Returns false when another came in between; nothing is written then. */
export async function addList<K extends ListKind>(
  db: Queryable,
  kind: K,
  { onNumber, list, by, at }: { onNumber: number; list: Lists[K]; by: string; at: string },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into base_list (base_id, kind, number, list, by_person, at) values (current_base(), $1, $2, $3, $4, $5)
     on conflict do nothing`,
    [kind, onNumber + 1, JSON.stringify(list), by, at],
  );
  return rowCount === 1;
}
