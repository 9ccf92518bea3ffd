import "server-only";
import type { Queryable } from "./pool";

/** Adds a person by name. */
export async function addPerson(db: Queryable, id: string, name: string): Promise<void> {
  await db.query("insert into person (id, base_id, name) values ($1, current_base(), $2)", [id, name]);
}
