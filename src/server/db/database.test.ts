import { randomUUID } from "node:crypto";
import { cpSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import pg from "pg";
import { ensureDatabase, migrate, recreateDatabase } from "./migrate";

const server = process.env.BRINECOVE_TEST_SERVER;
if (!server) throw new Error("These tests need a database server: run them with ./brinecove test");

let owner: pg.Client;
let app: pg.Client;
let ownerUrl: string;
const base = randomUUID();
const otherBase = randomUUID();
const yacht = randomUUID();
const person = randomUUID();
const stay = randomUUID();
const handover = randomUUID();
const at = "2027-06-12T10:00:00Z";

beforeAll(async () => {
  ownerUrl = await ensureDatabase(server, "brinecove_unit");
  await recreateDatabase(ownerUrl);
  const { appUrl } = await migrate(ownerUrl, "unit-password");
  owner = new pg.Client({ connectionString: ownerUrl });
  app = new pg.Client({ connectionString: appUrl });
  await Promise.all([owner.connect(), app.connect()]);
  for (const [id, name] of [
    [base, "One"],
    [otherBase, "Two"],
  ]) {
    await owner.query(
      "insert into base (id, name, place, time_zone, currency, languages, phone) values ($1, $2, 'Quay', 'Atlantic/Azores', 'EUR', '{en}', '0')",
      [id, name],
    );
  }
  const classId = randomUUID();
  const charter = randomUUID();
  await owner.query("insert into person (id, base_id, name) values ($1, $2, 'Isa Calder')", [person, base]);
  await owner.query(
    "insert into yacht (id, base_id, slug, name, berth, code) values ($1, $2, 'tern', 'Test Tern', 'A1', 'TERN-1')",
    [yacht, base],
  );
  await owner.query(
    "insert into yacht_class (id, base_id, slug, revision, document) values ($1, $2, 'test-30', 1, '{}')",
    [classId, base],
  );
  await owner.query(
    "insert into yacht_revision (yacht_id, base_id, revision, class_id, patch, document, document_hash, published_at, why) values ($1, $2, 1, $3, '{}', '{}', repeat('0', 64), $4, 'test')",
    [yacht, base, classId, at],
  );
  await owner.query(
    "insert into charter (id, base_id, reference, charterer_id, skipper_id, terms) values ($1, $2, 'BR-1', $3, $3, '{}')",
    [charter, base, person],
  );
  await owner.query(
    "insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) values ($1, $2, $3, $4, $5, '2027-06-19T09:00:00Z', 4)",
    [stay, base, charter, yacht, at],
  );
  await owner.query(
    "insert into handover (id, base_id, stay_id, kind, yacht_id, yacht_revision, list, list_hash, opened_at, opened_by) values ($1, $2, $3, 'check-in', $4, 1, '{}', repeat('0', 64), $5, $6)",
    [handover, base, stay, yacht, at, person],
  );
});

afterAll(async () => {
  await Promise.all([owner?.end(), app?.end()]);
});

const asBase = (id: string) => app.query("select set_config('brinecove.base', $1, false)", [id]);
const item = (id: string, count: number, basis: string[] = [], subject = "line:count:fender") => ({
  id,
  subject,
  aspect: "count",
  hash: count.toString().padStart(64, "0"),
  content: { id, value: { count }, basis, at, by: { side: "base", person } },
  most: 1000,
});
const append = async (...items: ReturnType<typeof item>[]) =>
  (
    await app.query<{ answers: string[] }>("select append_entries($1, $2, $3, $4) -> 'answers' as answers", [
      base,
      handover,
      JSON.stringify(items),
      at,
    ])
  ).rows[0]?.answers;
const numbers = async () =>
  (
    await owner.query<{ number: number }>("select number from entry where handover_id = $1 order by number", [handover])
  ).rows.map((row) => row.number);

describe("one base at a time", () => {
  it("shows nothing without a base, and nothing of another", async () => {
    await app.query("select set_config('brinecove.base', '', false)");
    expect((await app.query("select * from yacht")).rowCount).toBe(0);
    await asBase(otherBase);
    expect((await app.query("select * from yacht")).rowCount).toBe(0);
    expect((await app.query("select name from base")).rows).toEqual([{ name: "Two" }]);
    await asBase(base);
    expect((await app.query("select * from yacht")).rowCount).toBe(1);
  });

  it("lets nobody write into another base", async () => {
    await asBase(otherBase);
    await expect(
      app.query("insert into person (id, base_id, name) values ($1, $2, 'X')", [randomUUID(), base]),
    ).rejects.toThrow("row-level security");
    await asBase(base);
  });

  it("guards every table that holds a base's rows", async () => {
    const { rows } = await owner.query<{ relname: string }>(
      "select relname from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and not relrowsecurity and relname <> 'schema_migration'",
    );
    expect(rows).toEqual([]);
    const owned = await owner.query(
      "select 1 from pg_class c join pg_roles r on r.oid = c.relowner where r.rolname = 'brinecove_unit_app'",
    );
    expect(owned.rowCount).toBe(0);
  });
});

describe("the feed", () => {
  const first = randomUUID();

  it("numbers entries without gaps, and takes the same one again without effect", async () => {
    await asBase(base);
    expect(await append(item(first, 7), item(randomUUID(), 8, [first]))).toEqual(["kept", "kept"]);
    expect(await append(item(first, 7))).toEqual(["same"]);
    expect(await numbers()).toEqual([1, 2]);
  });

  it("refuses the same id with other content, and an entry that changes an unknown one; the rest of the batch goes through", async () => {
    expect(
      await append(item(first, 9), item(randomUUID(), 1, [randomUUID()]), item(randomUUID(), 3, [], "line:count:mug")),
    ).toEqual(["other-content", "unknown-basis", "kept"]);
    // an entry of another line is no basis either
    expect(await append(item(randomUUID(), 1, [first], "line:count:mug"))).toEqual(["unknown-basis"]);
    expect(await numbers()).toEqual([1, 2, 3]);
  });

  it("stays gapless when many devices send at once", async () => {
    const clients = new pg.Pool({ connectionString: ownerUrl, max: 6 });
    await Promise.all(
      Array.from({ length: 60 }, () =>
        clients.query("select append_entries($1, $2, $3, $4)", [
          base,
          handover,
          JSON.stringify([item(randomUUID(), 2, [], "line:count:plate")]),
          at,
        ]),
      ),
    );
    await clients.end();
    expect(await numbers()).toEqual(Array.from({ length: 63 }, (_, i) => i + 1));
  });

  it("keeps what comes after the seal beside the record, and still takes what the seal names", async () => {
    const named = item(randomUUID(), 5, [], "line:count:oar");
    const manifest = { entries: [{ id: named.id, hash: named.hash }] };
    await owner.query(
      "insert into seal (id, base_id, handover_id, manifest, digest, signatures, seal, device, sealed_at, received_at, number) values ($1, $2, $3, $4, repeat('0', 64), '[]', repeat('1', 64), $1, $5, $5, 1)",
      [randomUUID(), base, handover, JSON.stringify(manifest), at],
    );
    const late = item(randomUUID(), 4, [], "line:count:oar");
    expect(await append(named, late)).toEqual(["kept", "late"]);
    expect(await append(late)).toEqual(["same"]);
    const { rows } = await owner.query(
      "select kind, content -> 'value' as value from addendum where handover_id = $1",
      [handover],
    );
    expect(rows).toEqual([{ kind: "late-entry", value: { count: 4 } }]);
  });
});

describe("what is kept for good", () => {
  it.each(["entry", "seal", "addendum", "yacht_revision", "handover"])(
    "refuses to delete from or empty %s, even for the owner",
    async (table) => {
      await expect(owner.query(`delete from ${table}`)).rejects.toThrow("is refused");
      await expect(owner.query(`truncate ${table} cascade`)).rejects.toThrow("is refused");
    },
  );

  it("refuses to change an entry, a seal and a handover's list", async () => {
    await expect(owner.query("update entry set content = '{}'")).rejects.toThrow("is refused");
    await expect(owner.query("update seal set seal = repeat('2', 64)")).rejects.toThrow("is refused");
    await expect(owner.query(`update handover set list = '{"lines": []}'`)).rejects.toThrow("fixed when it is opened");
    await asBase(base);
    await expect(app.query("update person set name = 'X'")).rejects.toThrow("permission denied");
  });
});

describe("what the app's role can make of itself", () => {
  it("owns nothing, and nothing that runs with other rights runs with a superuser's", async () => {
    const { rows } = await owner.query(
      `select p.proname from pg_proc p join pg_roles r on r.oid = p.proowner
       where p.pronamespace = 'public'::regnamespace and (r.rolsuper or r.rolbypassrls or r.rolcanlogin)`,
    );
    expect(rows).toEqual([]);
    const { rows: tables } = await owner.query(
      `select c.relname from pg_class c join pg_roles r on r.oid = c.relowner
       where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and (r.rolsuper or r.rolcanlogin)`,
    );
    expect(tables).toEqual([]);
  });

  it("looks for its tables in the schema first wherever it runs with other rights", async () => {
    const { rows } = await owner.query<{ proname: string; proconfig: string[] }>(
      "select proname, proconfig from pg_proc where pronamespace = 'public'::regnamespace and prosecdef",
    );
    expect(rows.length).toBeGreaterThan(5);
    for (const { proname, proconfig } of rows)
      expect([proname, proconfig]).toEqual([proname, ["search_path=public, pg_temp"]]);
  });

  it.each([
    ["a temporary table", "create temp table staff (person_id uuid)"],
    ["a table", "create table staff_of_mine (id int)"],
    ["a function", "create function public.mine() returns int language sql as 'select 1'"],
    ["a schema", "create schema mine"],
    ["a role", "create role mine superuser"],
    ["an extension", "create extension dblink"],
    ["a file", "copy (select 1) to '/tmp/of-mine'"],
    ["a program", "copy (select 1) to program 'id'"],
    ["another user", "set role brinecove_unit_owner"],
  ])("cannot make %s", async (_what, statement) => {
    await expect(app.query(statement)).rejects.toThrow(/permission denied|must be/);
  });

  it("is not fooled by a temporary table in a table's place, even where one can be made", async () => {
    await owner.query("grant temporary on database brinecove_unit to public");
    await app.query(
      "create temp table staff as select gen_random_uuid() as person_id, gen_random_uuid() as base_id, 'x' as email, 'forged' as password_hash, array['manager'] as roles, true as active",
    );
    await app.query("create temp table person as select person_id as id, 'Forged' as name from pg_temp.staff");
    expect((await app.query("select * from find_staff('x')")).rows).toEqual([]);
    await app.query("drop table pg_temp.staff, pg_temp.person");
    await migrate(ownerUrl, "unit-password");
    await expect(app.query("create temp table staff (id int)")).rejects.toThrow("permission denied");
  });
});

describe("migrations", () => {
  it("refuse data that a newer program wrote, saying so, and change nothing", async () => {
    await owner.query("insert into schema_migration (name, checksum) values ('9999-from-tomorrow.sql', 'x')");
    await expect(migrate(ownerUrl, "unit-password")).rejects.toThrow(
      "This data was written by a newer Brinecove, with 9999-from-tomorrow.sql.",
    );
    await owner.query("delete from schema_migration where name = '9999-from-tomorrow.sql'");
  });

  it("that fail are taken back whole, and say what to do", async () => {
    const folder = mkdtempSync(join(tmpdir(), "brinecove-migrations-"));
    cpSync("src/server/db/migrations", folder, { recursive: true });
    writeFileSync(join(folder, "9999-broken.sql"), "create table half (id int);\nselect from nowhere;");
    await expect(migrate(ownerUrl, "unit-password", folder)).rejects.toThrow(
      /^The migration 9999-broken\.sql failed and was taken back whole: .*nowhere.* as it was before: go on with the Brinecove/,
    );
    expect((await owner.query("select to_regclass('public.half') as half")).rows).toEqual([{ half: null }]);
    expect((await migrate(ownerUrl, "unit-password")).applied).toEqual([]);
    rmSync(folder, { recursive: true });
  });

  it("run once, and refuse one that was changed afterwards", async () => {
    expect((await migrate(ownerUrl, "unit-password")).applied).toEqual([]);
    await owner.query("update schema_migration set checksum = 'other'");
    await expect(migrate(ownerUrl, "unit-password")).rejects.toThrow("was changed after it had run");
  });
});
