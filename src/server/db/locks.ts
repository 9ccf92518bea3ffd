import "server-only";
import type { Queryable } from "./pool";

/** Lets those who do the same thing to the same thing take turns, until the transaction ends. */
export async function takeTurns(db: Queryable, what: string): Promise<void> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [what]);
}

/** Everything that changes what a stay's statement comes to, and its deposit, takes turns on this. */
export const takeTurnsOnStatement = (db: Queryable, stayId: string): Promise<void> => takeTurns(db, `settle ${stayId}`);

/** Those who publish a class, or a yacht of it, take turns. */
export const takeTurnsOnClass = (db: Queryable, classSlug: string): Promise<void> =>
  takeTurns(db, `publish ${classSlug}`);

/** Whoever promises several yachts at once takes the turns of those who promise any of them. */
export const takeTurnsOnAllYachts = async (db: Queryable): Promise<void> => {
  await db.query(
    "select pg_advisory_xact_lock(hashtext('promise ' || y.id)) from (select id from yacht order by id) y",
  );
};
