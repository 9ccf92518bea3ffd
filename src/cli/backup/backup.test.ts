import { randomUUID } from "node:crypto";
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { create } from "tar";
import { ensureDatabase, migrate } from "../../server/db/migrate";
import { backupsMade } from "../../server/db/backups";
import { endPool } from "../../server/db/pool";
import { demoBase } from "../../testing/demo-base";
import { copyOwnKey } from "../../testing/own-key";
import { connected } from "../connected";
import { openDatabase, type Database } from "../database";
import { backUpWhereDue, keptIn } from "./daily";
import { proveAll } from "../verify/all";
import { makeBackup } from "./make";
import { openBackup, restoreInto } from "./restore";

const base = demoBase("backup");
const database = "brinecove_unit_backup";
const passphrase = "slack water before noon";
const at = "2027-06-12T10:12:00.000Z";
const folder = mkdtempSync(join(tmpdir(), "brinecove-backup-"));
const inFolder = (name: string) => join(folder, name);
const before = { ...process.env };
const ownerUrl = () => Object.assign(new URL(before.BRINECOVE_TEST_SERVER ?? ""), { pathname: `/${database}` }).href;

beforeAll(() => {
  process.env.BRINECOVE_DATA = inFolder("data");
  copyOwnKey(base.baseId, before.BRINECOVE_DATA ?? ".data", inFolder("data"));
});
afterAll(() => {
  process.env.BRINECOVE_DATA = before.BRINECOVE_DATA;
  rmSync(folder, { recursive: true, force: true });
});
const left = () => readdirSync(inFolder("data")).filter((name) => /^(backup|restore)-/.test(name));
const refusal = (file: string, given?: string) =>
  openBackup(inFolder(file), given).then(
    () => "opened",
    (error: Error) => error.message,
  );

describe("a backup", () => {
  it("is made while people write, and holds one moment: of rows that belong together both or none", async () => {
    await base.asOwner("create table one_side (n integer); create table other_side (n integer)");
    let isOn = true;
    const storm = connected(ownerUrl(), async (client) => {
      for (let n = 0; isOn; n++)
        await client.query(`begin; insert into one_side values (${n}); insert into other_side values (${n}); commit`);
    });
    const made = await makeBackup(ownerUrl(), inFolder("closed.backup"), at, { passphrase, workFactor: 8 });
    isOn = false;
    await storm;
    expect(made).toMatchObject({ encrypted: true, manifest: { database, bases: 1, madeAt: at } });
    expect(made.manifest.files.map(({ name }) => name)).toEqual(["database.dump", `keys/${base.baseId}.pem`]);
    expect(readFileSync(inFolder("closed.backup")).subarray(0, 21).toString()).toBe("age-encryption.org/v1");
    await makeBackup(ownerUrl(), inFolder("open.backup"), at, undefined);
    expect(left()).toEqual([]);
  });

  it("takes away what a killed one has left", async () => {
    // the largest number that a process can have is nobody's
    mkdirSync(inFolder("data/backup-4194303-abc"));
    await makeBackup(ownerUrl(), inFolder("after.backup"), at, undefined);
    expect(left()).toEqual([]);
  });

  it("never takes the place of a file, and leaves nothing where it could not be made", async () => {
    await expect(makeBackup(ownerUrl(), inFolder("open.backup"), at, undefined)).rejects.toThrow("is there already");
    await expect(makeBackup(`${ownerUrl()}_none`, inFolder("none.backup"), at, undefined)).rejects.toThrow();
    await expect(makeBackup(ownerUrl(), inFolder("open.backup/at.backup"), at, undefined)).rejects.toThrow();
    expect(existsSync(inFolder("none.backup"))).toBe(false);
    expect(left()).toEqual([]);
  });
});

describe("a file that cannot be restored", () => {
  const cut = (from: string, to: string, bytes: number) =>
    writeFileSync(inFolder(to), readFileSync(inFolder(from)).subarray(0, bytes));

  it("says what is wrong with its passphrase", async () => {
    expect(await refusal("closed.backup")).toMatch("is encrypted. Set BRINECOVE_BACKUP_PASSPHRASE");
    expect(await refusal("closed.backup", "slack water after noon")).toMatch("The passphrase does not open");
  });

  it("says that it was cut off, wherever", async () => {
    for (const bytes of [10, 700, 2000, 400_000]) {
      cut("open.backup", "cut.backup", bytes);
      expect(await refusal("cut.backup")).toMatch(/is no backup|damaged/);
      cut("closed.backup", "cut.backup", bytes);
      expect(await refusal("cut.backup", passphrase)).toMatch(/is no backup|damaged/);
    }
    expect(await refusal("nowhere.backup")).toMatch("There is no file");
  });

  it("says that a byte of it was changed", async () => {
    const bytes = readFileSync(inFolder("open.backup"));
    bytes[200_000]! ^= 1;
    writeFileSync(inFolder("changed.backup"), bytes);
    expect(await refusal("changed.backup")).toMatch("database.dump is not as it was written");
    const closed = readFileSync(inFolder("closed.backup"));
    closed[200_000]! ^= 1;
    writeFileSync(inFolder("changed.backup"), closed);
    expect(await refusal("changed.backup", passphrase)).toMatch("was cut off");
  });

  it("says that a newer Brinecove made it, or that it is none", async () => {
    const { folder: opened, manifest, close } = await openBackup(inFolder("open.backup"), undefined);
    const written = async (changed: object, name: string) => {
      writeFileSync(join(opened, "manifest.json"), JSON.stringify({ ...manifest, ...changed }));
      await create({ cwd: opened, file: inFolder(name) }, [
        "manifest.json",
        ...manifest.files.map((each) => each.name),
      ]);
    };
    await written({ migration: "0999-later.sql" }, "newer.backup");
    await written({ format: "brinecove/backup/9" }, "other.backup");
    await written({ files: [{ name: "../../etc/passwd", bytes: 1, sha256: "x" }] }, "outside.backup");
    close();
    expect(await refusal("newer.backup")).toMatch("made by a newer Brinecove, with 0999-later.sql");
    expect(await refusal("other.backup")).toMatch("of a form that this Brinecove does not know");
    expect(await refusal("outside.backup")).toMatch("is no backup of Brinecove");
    expect(left()).toEqual([]);
  });
});

describe("restored on another machine", () => {
  const port = process.env.BRINECOVE_PG_PORT;
  let there: Database;
  let url: string;
  const appRole = new URL(before.BRINECOVE_TEST_APP ?? "").username;
  const restore = async () => {
    const backup = await openBackup(inFolder("closed.backup"), passphrase);
    await restoreInto(url, "app", backup).finally(backup.close);
  };

  beforeAll(async () => {
    process.env.BRINECOVE_DATA = inFolder("elsewhere");
    process.env.BRINECOVE_PG_PORT = "25393";
    there = openDatabase("main");
    url = await ensureDatabase(there.ownerUrl, database);
    // the copy that the test works on has the rights of the database it is a copy of
    await connected(url, (owner) => owner.query(`create role ${appRole} login password 'app'`));
  });
  afterAll(() => {
    there.stop();
    process.env.BRINECOVE_PG_PORT = port;
    process.env.BRINECOVE_DATA = inFolder("data");
  });
  const appUrl = () => Object.assign(new URL(url), { username: appRole, password: "app" }).href;
  const prove = async () => {
    const ours = process.env.BRINECOVE_APP_DATABASE_URL;
    await endPool();
    return proveAll(appUrl()).finally(() => (process.env.BRINECOVE_APP_DATABASE_URL = ours));
  };

  it("does not go over another installation's key, and then nothing is restored", async () => {
    const key = join(inFolder("elsewhere"), "keys", `${base.baseId}.pem`);
    mkdirSync(join(key, ".."), { recursive: true });
    writeFileSync(key, "another");
    await expect(restore()).rejects.toThrow("Another key lies in");
    rmSync(key);
  });

  it("is whole: every seal, record and photo is proved there", async () => {
    await restore();
    await migrate(url, "app");
    const { lines, problems } = await prove();
    expect(problems).toEqual([]);
    const [here] = await base.asOwner<{ links: number; photos: number }>(
      "select (select count(*) from chain_link) as links, (select count(*) from photo) as photos",
    );
    expect(lines).toEqual([
      `Brinecove: ${here!.links} links, ${here!.links} sealed records, ${here!.photos} photos: nothing was changed`,
    ]);
    const [sides] = await connected(
      url,
      async (owner) =>
        (
          await owner.query<{ one: number; same: boolean }>(
            "select (select count(*) from one_side)::int as one, not exists ((table one_side except table other_side) union (table other_side except table one_side)) as same",
          )
        ).rows,
    );
    expect(sides?.same).toBe(true);
  });

  it("is not put over what another program keeps in the database", async () => {
    const other = await ensureDatabase(there.ownerUrl, "another");
    await connected(other, (owner) => owner.query("create table theirs as select 1 as n"));
    const backup = await openBackup(inFolder("closed.backup"), passphrase);
    await expect(restoreInto(other, "app", backup).finally(backup.close)).rejects.toThrow("Another program keeps its");
    expect((await connected(other, (owner) => owner.query("table theirs"))).rows).toEqual([{ n: 1 }]);
  });

  it("is not put over a base that is there", async () => {
    await expect(restore()).rejects.toThrow("There is a base here already");
  });

  it("names a photo that is not what its hash says", async () => {
    const [{ hash = "" } = {}] = await connected(url, async (owner) => {
      await owner.query("alter table photo disable trigger user");
      return (
        await owner.query<{ hash: string }>(
          "update photo set bytes = bytes || '\\x00' where hash = (select min(hash) from photo) returning hash",
        )
      ).rows;
    });
    expect((await prove()).problems).toContain(`Brinecove: The photo ${hash} is not what its hash says.`);
  });
});

describe("the daily backup", () => {
  const look = (when: string) => connected(ownerUrl(), (owner) => backUpWhereDue(owner, ownerUrl(), when));
  const made = () => base.inBase(backupsMade);
  beforeAll(() => void (process.env.BRINECOVE_BACKUP_FOLDER = inFolder("daily")));
  afterAll(() => void delete process.env.BRINECOVE_BACKUP_FOLDER);

  it("is none where there is the demo alone, unless somebody asks", async () => {
    await look("2027-06-12T02:00:00.000Z");
    expect(existsSync(inFolder("daily"))).toBe(false);
    await base.inBase((db) =>
      db.query("select ask_backup($1, now()), ask_backup($2, now())", [randomUUID(), randomUUID()]),
    );
    expect(await made()).toMatchObject({ last: null, underWay: true });
    await look("2027-06-12T02:01:00.000Z");
    await look("2027-06-12T02:01:10.000Z");
    expect(keptIn(inFolder("daily"))).toEqual([
      { file: "brinecove-20270612T020100Z.backup", at: "2027-06-12T02:01:00.000Z" },
    ]);
    expect(await made()).toMatchObject({
      last: { at: "2027-06-12T02:01:00.000Z", file: inFolder("daily/brinecove-20270612T020100Z.backup") },
      fault: null,
      underWay: false,
    });
  });

  it("is made once a day for a base of one's own, and those that are outlived go", async () => {
    await base.asOwner("update base set is_demo = false");
    process.env.BRINECOVE_BACKUP_DAILY = "2";
    process.env.BRINECOVE_BACKUP_WEEKLY = "1";
    writeFileSync(inFolder("daily/notes.txt"), "not ours");
    for (const when of ["13T02:00", "13T02:01:05", "14T02:02", "14T10:00", "15T02:05"])
      await look(new Date(`2027-06-${when}Z`).toISOString());
    expect(readdirSync(inFolder("daily")).sort()).toEqual([
      "brinecove-20270614T020200Z.backup",
      "brinecove-20270615T020500Z.backup",
      "notes.txt",
    ]);
    delete process.env.BRINECOVE_BACKUP_DAILY;
    delete process.env.BRINECOVE_BACKUP_WEEKLY;
  });

  it("that could not be made is told, and tried again after an hour", async () => {
    process.env.BRINECOVE_BACKUP_FOLDER = inFolder("open.backup");
    await expect(look("2027-06-17T02:00:00.000Z")).rejects.toThrow();
    expect(await made()).toMatchObject({ fault: "failed", last: { at: "2027-06-15T02:05:00.000Z" } });
    await look("2027-06-17T02:30:00.000Z");
    process.env.BRINECOVE_BACKUP_FOLDER = inFolder("daily");
    await look("2027-06-17T03:00:01.000Z");
    expect(await made()).toMatchObject({ fault: null, last: { at: "2027-06-17T03:00:01.000Z" } });
  });
});
