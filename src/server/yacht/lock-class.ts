import "server-only";
import type { Queryable } from "../db/pool";

/** Lets those who publish a yacht, a sister of hers or their class take turns, until the transaction ends. */
export async function lockClass(db: Queryable, yachtSlug: string): Promise<void> {
  await db.query(
    `select pg_advisory_xact_lock(hashtext('publish ' || c.slug))
     from yacht y join yacht_revision r on r.yacht_id = y.id join yacht_class c on c.id = r.class_id where y.slug = $1 and r.revision = 1`,
    [yachtSlug],
  );
}

/** The same by the class's own name. */
export async function lockClassItself(db: Queryable, classSlug: string): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext('publish ' || $1))", [classSlug]);
}
