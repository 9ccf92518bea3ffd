import { spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { v7 as uuid } from "uuid";
import { connected } from "@/cli/connected";
import { makeSetUpCode } from "@/cli/set-up-code";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import { takingBack } from "@/core/yacht/draft/undo";
import { demoBase } from "@/testing/demo-base";
import { copyOwnKey } from "@/testing/own-key";
import { jar } from "@/testing/cookie-jar";
import { staffSession } from "../auth/session";
import { signIn } from "../auth/sign-in";
import { gettingStarted } from "../db/getting-started";
import { basesThere } from "../db/bases";
import { inBaseTransaction } from "../db/pool";
import { setUpWaits } from "../db/set-up";
import { demoYacht } from "@/testing/demo-yacht";
import { newYacht } from "../yacht/new-yacht";
import { publishDraft } from "../yacht/end-draft";
import { draftScreen } from "../yacht/draft-screen";
import { editDraft } from "../yacht/edit-draft";
import { beginClass, takeClass } from "../yacht/take-class";
import { todayView } from "../desk/today";
import { needSetUpCode } from "./code";
import { makeBase } from "./make-base";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("setup");
beforeEach(() => jar.clear());
const ownerUrl = () =>
  Object.assign(new URL(process.env.BRINECOVE_TEST_SERVER ?? ""), { pathname: "/brinecove_unit_setup" }).href;
const password = "ladder copper mist violin";
const wanted = (code: string, change: { base?: object; manager?: object } = {}) => ({
  code,
  base: {
    name: "Tarn Quay",
    place: "North mole, Tarn",
    timeZone: "Europe/Lisbon",
    currency: "GBP",
    languages: ["en", "de"] as ("en" | "de")[],
    phone: "+000 555 0199",
    channel: "72",
    ...change.base,
  },
  manager: { name: "Hale Orrin", email: " Hale@Tarn.example ", password, ...change.manager },
});
const emails = async () =>
  (await base.asOwner<{ email: string }>("select email from staff where email like '%tarn.example'")).map(
    ({ email }) => email,
  );

describe("the set-up code", () => {
  it("is waited for once it was printed, and is the last one printed", async () => {
    expect(await setUpWaits()).toBe(false);
    await expect(needSetUpCode("ANY")).rejects.toMatchObject({ code: "set-up-closed" });
    const first = await makeSetUpCode(ownerUrl());
    const code = await makeSetUpCode(ownerUrl());
    expect(code).toMatch(/^[A-Z0-9]{4}-[A-Z0-9]{4}-[A-Z0-9]{4}$/);
    expect(await setUpWaits()).toBe(true);
    await expect(needSetUpCode(first)).rejects.toMatchObject({ code: "set-up-wrong" });
    await needSetUpCode(` ${code.toLowerCase().replaceAll("-", " ")}`);
    expect(await connected(ownerUrl(), basesThere)).toEqual({ any: true, demo: true, own: false });
  });

  it("is closed after ten wrong ones, also sent at once, until a new one is printed", async () => {
    const code = await makeSetUpCode(ownerUrl());
    const guesses = await Promise.allSettled(Array.from({ length: 12 }, (_, i) => needSetUpCode(`GUESS${i}`)));
    const codes = guesses.map((each) => (each.status === "rejected" ? (each.reason as { code: string }).code : ""));
    expect(codes.filter((each) => each === "set-up-wrong")).toHaveLength(10);
    expect(codes.filter((each) => each === "set-up-closed")).toHaveLength(2);
    await expect(needSetUpCode(code)).rejects.toMatchObject({ code: "set-up-closed" });
    await expect(makeBase(wanted(code))).rejects.toMatchObject({ code: "set-up-closed" });
    await needSetUpCode(await makeSetUpCode(ownerUrl()));
  });
});

describe("a base that is set up", () => {
  it.each<[string, Parameters<typeof wanted>[1], object]>([
    ["a zone that is none", { base: { timeZone: "Atlantis/West" } }, { code: "no-such-zone" }],
    ["a currency that is none", { base: { currency: "XQQ" } }, { code: "no-such-currency" }],
    ["a short password", { manager: { password: "brief" } }, { code: "weak-password", params: { why: "short" } }],
    [
      "a password out of her own words",
      { manager: { password: "tarnquay2027" } },
      { code: "weak-password", params: { why: "guessed" } },
    ],
    ["an address with an account", { manager: { email: "senna@brinecove.example" } }, { code: "address-taken" }],
  ])("is not made with %s, and the code stays good", async (_what, change, refused) => {
    const code = await makeSetUpCode(ownerUrl());
    await expect(makeBase(wanted(code, change))).rejects.toMatchObject(refused);
    await needSetUpCode(code);
    expect(await emails()).toEqual([]);
  });

  it("is made once by one of two who use the code at once, and its manager is signed in", async () => {
    const code = await makeSetUpCode(ownerUrl());
    const both = await Promise.allSettled([
      makeBase(wanted(code)),
      makeBase(wanted(code, { manager: { email: "other@tarn.example" } })),
    ]);
    expect(both.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    expect(both.find((each) => each.status === "rejected")).toMatchObject({ reason: { code: "set-up-closed" } });
    expect(await emails()).toHaveLength(1);
    expect(await setUpWaits()).toBe(false);
    const session = await staffSession();
    expect(session).toMatchObject({ name: "Hale Orrin", roles: ["briefer", "technician", "office", "manager"] });
  });

  it("is empty, sees nothing of the demo, and says what it still lacks; the demo does not", async () => {
    const [email = ""] = await emails();
    await signIn(email, password);
    const { baseId } = (await staffSession())!;
    expect(baseId).not.toBe(base.baseId);
    const view = await inBaseTransaction(baseId, todayView);
    expect([view.rows, view.underWay, Object.keys(view.yachts)]).toEqual([[], [], []]);
    expect(view.base).toMatchObject({ name: "Tarn Quay", currency: "GBP", timeZone: "Europe/Lisbon" });
    expect(await inBaseTransaction(baseId, gettingStarted)).toEqual({
      yacht: false,
      terms: false,
      colleague: false,
      charter: false,
      backup: false,
    });
    expect(await base.inBase(gettingStarted)).toBeNull();
    const keys = await base.asOwner("select 1 from signing_key where base_id = $1", [baseId]);
    expect(keys).toHaveLength(1);
  });

  it("begins a class from a template, in which nothing is told, and no yacht of it is published so", async () => {
    const [email = ""] = await emails();
    await signIn(email, password);
    const { baseId, personId } = (await staffSession())!;
    const begin = (name: string) =>
      inBaseTransaction(baseId, (db) => beginClass(db, { template: "day-boat", name }, personId));
    const { slug } = await begin("Tarn 22");
    expect(slug).toBe("tarn-22");
    await expect(begin("tarn 22")).rejects.toMatchObject({ code: "class-there" });
    const { slug: yacht } = await inBaseTransaction(baseId, (db) =>
      newYacht(db, { classSlug: slug, name: "Small Smew", berth: "2" }, personId),
    );
    const name = { of: "yachts", slug: yacht } as const;
    const { file, findings } = await inBaseTransaction(baseId, (db) => draftScreen(db, name, personId));
    expect(file).toMatchObject({ name: "Small Smew", revision: 0 });
    const length = findings.find(({ path }) => path === "/particulars/lengthM");
    expect(length).toMatchObject({ check: "facts-told", level: "error" });
    await expect(
      inBaseTransaction(baseId, (db) => publishDraft(db, name, { why: "", accepts: {} }, personId)),
    ).rejects.toMatchObject({ code: "file-has-errors" });
    // what is told is asked for no more, and taken back it is asked for again
    const edit = { id: uuid(), path: "/particulars/lengthM", from: -1, to: 6.7, undoes: null, source: null };
    const asked = async (change: DraftEdit) =>
      inBaseTransaction(baseId, async (db) => {
        await editDraft(db, name, [change], personId);
        return (await draftScreen(db, name, personId)).findings.some(({ path }) => path === edit.path);
      });
    expect(await asked(edit)).toBe(false);
    expect(await asked(takingBack(edit, uuid()))).toBe(true);
    // the class itself is published with what is told of each yacht alone
    const ofClass = { of: "classes", slug } as const;
    const words = {
      id: uuid(),
      path: "/places/cockpit/name",
      from: { en: "Cockpit" },
      to: { en: "Well" },
      undoes: null,
      source: null,
    };
    await inBaseTransaction(baseId, (db) => editDraft(db, ofClass, [words], personId));
    expect(
      await inBaseTransaction(baseId, (db) => publishDraft(db, ofClass, { why: "her word", accepts: {} }, personId)),
    ).toMatchObject({ revision: 2 });
  });

  it("takes a class in from a file once, and has a yacht of it then", async () => {
    const [email = ""] = await emails();
    await signIn(email, password);
    const { baseId, personId } = (await staffSession())!;
    const file = demoYacht("pale-heron");
    const take = (document: unknown) => inBaseTransaction(baseId, (db) => takeClass(db, document, personId));
    await expect(take({ schema: "brinecove/yacht-file/4" })).rejects.toMatchObject({ code: "wrong-file" });
    const { slug } = await take(file);
    await expect(take(file)).rejects.toMatchObject({ code: "class-there", params: { name: file.particulars.class } });
    const made = await inBaseTransaction(baseId, (db) =>
      newYacht(db, { classSlug: slug, name: "Grey Tern", berth: "1" }, personId),
    );
    expect(made).toEqual({ slug: "grey-tern" });
    // the base beside it has a class of this name of its own, and no such yacht
    expect(await base.asOwner("select 1 from yacht where slug = 'grey-tern' and base_id = $1", [base.baseId])).toEqual(
      [],
    );
  });
});

describe("the demo beside a base of one's own", () => {
  // a folder of its own: with the demo goes its key, which other tests sign with
  const data = mkdtempSync(join(tmpdir(), "brinecove-remove-"));
  const key = () => join(data, "keys", `${base.baseId}.pem`);
  beforeAll(() => copyOwnKey(base.baseId, process.env.BRINECOVE_DATA ?? ".data", data));
  afterAll(() => rmSync(data, { recursive: true, force: true }));
  const command = (...args: string[]) =>
    spawnSync(process.execPath, ["src/cli/run.mjs", ...args], {
      encoding: "utf8",
      env: { ...process.env, DATABASE_URL: ownerUrl(), BRINECOVE_PORT: "25124", BRINECOVE_DATA: data },
    });
  /** How many rows of every table belong to a base. */
  const rowsOf = async (baseId: string) => {
    const tables = await base.asOwner<{ name: string }>(
      "select c.table_name as name from information_schema.columns c join information_schema.tables t using (table_schema, table_name) where table_schema = 'public' and column_name = 'base_id' and table_type = 'BASE TABLE'",
    );
    const counted = await Promise.all(
      tables.map(async ({ name }) => {
        const [row] = await base.asOwner<{ rows: number }>(
          `select count(*)::int as rows from ${name} where base_id = $1`,
          [baseId],
        );
        return [name, row?.rows ?? 0] as const;
      }),
    );
    return Object.fromEntries(counted.filter(([, rows]) => rows > 0));
  };

  it("is not loaded anew over it, and does not go unless somebody means it", () => {
    const reset = command("reset-demo", "--yes");
    expect(reset.status).toBe(2);
    expect(reset.stderr).toContain("There is a base of your own here, which would go too.");
    expect(command("remove-demo").stderr).toContain("say --yes to mean it");
  });

  it("goes whole, and nothing of the other base with it", async () => {
    const [own] = await base.asOwner<{ id: string }>("select id from base where not is_demo limit 1");
    const before = await rowsOf(own!.id);
    expect(Object.keys(before).length).toBeGreaterThan(2);
    expect(Object.keys(await rowsOf(base.baseId)).length).toBeGreaterThan(20);
    expect(existsSync(key())).toBe(true);
    const removed = command("remove-demo", "--yes");
    expect(removed.stdout.trim()).toBe("The demo is gone. Nothing else was touched.");
    expect(existsSync(key())).toBe(false);
    expect(await rowsOf(base.baseId)).toEqual({});
    expect(await rowsOf(own!.id)).toEqual(before);
    expect(await base.asOwner("select 1 from base where is_demo")).toEqual([]);
    expect(command("remove-demo", "--yes").stdout.trim()).toBe("There is no demo here.");
  });
});
