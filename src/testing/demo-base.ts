import pg from "pg";
import { stopHearing } from "../server/poke/others";
import { pool, inBaseTransaction, type Queryable } from "../server/db/pool";

/** A base with the demo scenario of Saturday 12 June 2027, 10:12, in a database of its own. */
export interface DemoBase {
  baseId: string;
  /** runs work as the app does: in one transaction that sees this base */
  inBase: <T>(work: (db: Queryable) => Promise<T>) => Promise<T>;
  /** asks as the owner of the tables, past every rule but the triggers */
  asOwner: <Row extends pg.QueryResultRow>(text: string, values?: unknown[]) => Promise<Row[]>;
  stayOf: (reference: string) => Promise<string>;
  handoverOf: (reference: string, kind: "check-in" | "check-out") => Promise<string>;
  person: (name: string) => Promise<string>;
}

/**
 * Gives a test file a copy of the demo's database, and takes it away afterwards.
 *
 * @param name name of the copy; one per test file
 */
export function demoBase(name: string): DemoBase {
  const { BRINECOVE_TEST_SERVER: server, BRINECOVE_TEST_DEMO: demo, BRINECOVE_TEST_APP: app } = process.env;
  if (!server || !demo || !app) throw new Error("These tests need a database server: run them with ./brinecove test");
  const database = `brinecove_unit_${name}`;
  const addressed = (url: string) => Object.assign(new URL(url), { pathname: `/${database}` }).href;
  let owner: pg.Pool | undefined;
  const base = { baseId: "" } as DemoBase;
  const onServer = async (...statements: string[]) => {
    const client = new pg.Client({ connectionString: server });
    await client.connect();
    try {
      // copies of one database take turns
      await client.query("select pg_advisory_lock(4321)");
      for (const statement of statements) await patiently(() => client.query(statement));
    } finally {
      // a turn that nobody gives back would stop every test file after this one
      await client.end();
    }
  };

  beforeAll(async () => {
    await onServer(
      `drop database if exists ${database} with (force)`,
      `create database ${database} template ${new URL(demo).pathname.slice(1)}`,
    );
    process.env.BRINECOVE_APP_DATABASE_URL = addressed(app);
    owner = new pg.Pool({ connectionString: addressed(server), max: 2 });
    // a connection that is on its way out when the copy is dropped is nobody's to catch
    owner.on("error", () => undefined);
    owner.on("connect", (client) => client.on("error", () => undefined));
    base.baseId = (await base.asOwner<{ id: string }>("select id from base"))[0]?.id ?? "";
  });
  afterAll(async () => {
    // where the copy could not be made, that is what is told
    if (!owner) return;
    await stopHearing();
    await owner.end();
    await pool().end();
    await onServer(`drop database ${database} with (force)`);
  });

  const one = async (text: string, values: unknown[]) => {
    const id = (await base.asOwner<{ id: string }>(text, values))[0]?.id;
    if (!id) throw new Error(`the demo has no ${values.join(" ")}`);
    return id;
  };
  base.asOwner = async <Row extends pg.QueryResultRow>(text: string, values?: unknown[]) =>
    (await (owner as pg.Pool).query<Row>(text, values)).rows;
  base.inBase = (work) => inBaseTransaction(base.baseId, work);
  base.stayOf = (reference) =>
    one("select s.id from stay s join charter c on c.id = s.charter_id where c.reference = $1", [reference]);
  base.handoverOf = (reference, kind) =>
    one(
      "select h.id from handover h join stay s on s.id = h.stay_id join charter c on c.id = s.charter_id where c.reference = $1 and h.kind = $2",
      [reference, kind],
    );
  base.person = (person) => one("select id from person where name = $1", [person]);
  return base;
}

const inUse = "55006";

/** Once more where somebody was still on the way out of the database, as on a slow machine. */
async function patiently(work: () => Promise<unknown>): Promise<void> {
  for (let attempt = 1; ; attempt++) {
    const fault = await work().then(
      () => null,
      (error: unknown) => error,
    );
    if (fault === null) return;
    if (attempt === 5 || (fault as { code?: string }).code !== inUse) throw fault;
  }
}
