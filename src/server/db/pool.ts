import "server-only";
import pg from "pg";
import { doerNow } from "./doer";

// numbers that are counts and sums of money come back as numbers; both stay far below 2^53
pg.types.setTypeParser(pg.types.builtins.INT8, Number);
// days stay days: a Date would move them across a time zone
pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text);
pg.types.setTypeParser(pg.types.builtins.TIMESTAMPTZ, (text) => new Date(text).toISOString());

/** What queries need of a connection: the pool itself, or a client inside a transaction. */
export interface Queryable {
  query: <Row extends pg.QueryResultRow = pg.QueryResultRow>(
    text: string,
    values?: unknown[],
  ) => Promise<pg.QueryResult<Row>>;
}

const shared = globalThis as { brinecovePool?: pg.Pool };

/** The address of the database as the application's role. */
export function appDatabaseUrl(): string {
  const url = process.env.BRINECOVE_APP_DATABASE_URL;
  if (!url) throw new Error("BRINECOVE_APP_DATABASE_URL is not set: start the app with ./brinecove start");
  return url;
}

/** The one pool of the process, as the application's role. Kept across reloads in development. */
export function pool(): pg.Pool {
  if (!shared.brinecovePool) {
    shared.brinecovePool = new pg.Pool({ connectionString: appDatabaseUrl(), max: 12, connectionTimeoutMillis: 5000 });
    // an idle connection that breaks (server restarted) is replaced at the next query; without a listener it would end the process
    shared.brinecovePool.on("error", () => undefined);
    // one that breaks while it is in use fails its query, which is answered there; its own event is nobody's to catch
    shared.brinecovePool.on("connect", (client) => client.on("error", () => undefined));
  }
  return shared.brinecovePool;
}

/** Ends the process's pool; the next one that is asked for is new, and may be of another database. */
export async function endPool(): Promise<void> {
  const { brinecovePool } = shared;
  delete shared.brinecovePool;
  await brinecovePool?.end();
}

/** Runs work in one transaction that sees one base alone (row-level security). */
export async function inBaseTransaction<T>(baseId: string, work: (db: Queryable) => Promise<T>): Promise<T> {
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query("begin");
    await client.query("select set_config('brinecove.base', $1, true), set_config('brinecove.doer', $2, true)", [
      baseId,
      doerNow(),
    ]);
    const result = await work(client as Queryable);
    await client.query("commit");
    return result;
  } catch (error) {
    await client.query("rollback").catch((failed: Error) => (broken = failed));
    throw error;
  } finally {
    client.release(broken);
  }
}

/** Does work that may fail without taking the rest of the transaction with it. */
export async function inSavepoint<T>(db: Queryable, work: () => Promise<T>): Promise<T> {
  await db.query("savepoint part");
  try {
    const result = await work();
    await db.query("release savepoint part");
    return result;
  } catch (error) {
    await db.query("rollback to savepoint part");
    throw error;
  }
}
