import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { demoBase } from "../../testing/demo-base";
import { copyOwnKey } from "../../testing/own-key";
import { connected } from "../connected";
import { examine } from ".";

const base = demoBase("doctor");
const before = { ...process.env };
const data = mkdtempSync(join(tmpdir(), "brinecove-doctor-"));
const ownerUrl = () =>
  Object.assign(new URL(before.BRINECOVE_TEST_SERVER ?? ""), { pathname: "/brinecove_unit_doctor" }).href;
const at = new Date("2027-06-12T10:12:00.000Z");
const examined = async (when = at) =>
  Object.fromEntries(
    (await connected(ownerUrl(), (owner) => examine({ owner, ownerUrl: ownerUrl(), at: when }))).map(
      ({ name, state, words }) => [name, `${state}: ${words}`],
    ),
  );

beforeAll(() => {
  copyOwnKey(base.baseId, before.BRINECOVE_DATA ?? ".data", data);
  process.env.BRINECOVE_DATA = data;
  process.env.BRINECOVE_PORT = "25125";
});
afterAll(() => {
  process.env.BRINECOVE_DATA = before.BRINECOVE_DATA;
  rmSync(data, { recursive: true, force: true });
});

describe("the doctor", () => {
  it("says of everything that is well that it is", async () => {
    const said = await examined();
    expect(Object.keys(said)).toEqual(["versions", "disk", "clock", "port", "migrations", "keys", "backup", "photos"]);
    expect(said.versions).toMatch(/^well: Brinecove \S+, Node\.js 2\d\.\S+, PostgreSQL 1\d/);
    expect(said.port).toBe("well: Brinecove does not run here; port 25125 is free for it");
    expect(said.migrations).toMatch(/^well: all \d+ have run$/);
    expect(said.keys).toMatch(/^well/);
    expect(said.clock).toMatch(/^well/);
    expect(said.backup).toBe("well: there is no base of your own to back up yet");
    expect(said.photos).toMatch(/^well: \d+, each belongs to something$/);
  });

  it("names a clock that has gone back behind what was recorded", async () => {
    expect((await examined(new Date("2027-01-01T00:00:00Z"))).clock).toMatch(
      /^broken: the clock says 2027-01-01T00:00:00.000Z, and something was received at 2027-06-/,
    );
  });

  it("counts photos to which nothing leads, and keeps them", async () => {
    const hash = "ab".repeat(32);
    await base.asOwner(
      "insert into photo (hash, base_id, media_type, width, height, bytes, thumbnail, received_at) values ($1, $2, 'image/webp', 1, 1, '\\x00', '\\x00', now())",
      [hash, base.baseId],
    );
    expect((await examined()).photos).toMatch(/^look: 1 of \d+ belong to nothing yet/);
    await base.asOwner("update base set place = place || $1", [hash]);
    expect((await examined()).photos).toMatch(/^well/);
  });

  it("says which migrations wait, and that a newer Brinecove wrote the data", async () => {
    const [last] = await base.asOwner<{ name: string; checksum: string }>(
      "delete from schema_migration where name = (select max(name) from schema_migration) returning name, checksum",
    );
    expect((await examined()).migrations).toMatch(/^look: 1 not run yet: the next start does/);
    await base.asOwner("insert into schema_migration (name, checksum) values ($1, $2), ('0999-later.sql', 'x')", [
      last!.name,
      last!.checksum,
    ]);
    expect((await examined()).migrations).toBe(
      "broken: the data were written by a newer Brinecove, with 0999-later.sql: start that one",
    );
  });

  it("names a key that is gone, and a backup that is old or never was", async () => {
    rmSync(join(data, "keys"), { recursive: true });
    await base.asOwner("update base set is_demo = false");
    const said = await examined();
    expect(said.keys).toMatch(
      /^broken: The signing key of Brinecove is missing or broken\. Put .* back from your backup/,
    );
    expect(said.backup).toMatch(/^look: nothing was ever backed up here/);
    await base.asOwner(
      "insert into backup (id, asked_at, begun_at, done_at, file, bytes, encrypted) values (gen_random_uuid(), '2027-06-10', '2027-06-10', '2027-06-10', '/srv/a', 1, true)",
    );
    expect((await examined()).backup).toBe("look: the last one is of 2027-06-10T00:00:00.000Z, /srv/a");
  });
});
