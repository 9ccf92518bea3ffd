import { randomUUID } from "node:crypto";
import { v7 as uuid } from "uuid";
import { endpoints } from "@/api";
import { changedFields, type Deed } from "@/core/log/deed";
import { en } from "@/messages/en";
import { jar } from "@/testing/cookie-jar";
import { demoBase } from "@/testing/demo-base";
import { signIn } from "../auth/sign-in";
import { settleBaseRules } from "../base/settle-rules";
import { currentRules } from "../db/base-rules";
import { deedsOf, type DeedFilter } from "../db/deeds";
import { asDoer, type Doer } from "../db/doer";
import { inBaseTransaction, pool, type Queryable } from "../db/pool";
import { changeOwnPassword, changeStaff } from "../people/change";
import { assignWork } from "../upkeep/assign-work";
import { logCsv, logPage } from "./log";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("deeds");
beforeEach(() => jar.clear());
const browser = "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/143.0.0.0 Safari/537.36";
const as = <T>(action: string, person: string, work: (db: Queryable) => Promise<T>, more: Partial<Doer> = {}) =>
  asDoer({ kind: "staff", action, person, device: browser, ...more }, () => base.inBase(work));
const deeds = (filter: DeedFilter = {}, most = 100) => base.inBase((db) => deedsOf(db, filter, { most }));
const last = async (): Promise<Deed> => (await deeds({}, 1))[0]!;

describe("the log of what was done", () => {
  it("has what was played in the demo under the names of those who play it", async () => {
    const charters = (await deeds({ charter: "BR-1050" })).map(({ action, by, subject }) => [action, by, subject]);
    expect(charters).toContainEqual(["load-demo", null, "stay"]);
    expect(charters).toContainEqual(["decide-charge", "Ilko Brand", "charge_decision"]);
  });

  it("says who changed what, from where, with what stood before and what stands now and nothing that stayed", async () => {
    const [senna, ilko] = [await base.person("Senna Ruhl"), await base.person("Ilko Brand")];
    await as("change-person", senna, (db) => changeStaff(db, ilko, { roles: ["technician"], active: true }));
    expect(await last()).toMatchObject({
      action: "change-person",
      kind: "staff",
      by: "Senna Ruhl",
      device: browser,
      subject: "staff",
      of: "Ilko Brand",
      was: { roles: ["technician", "briefer"] },
      became: { roles: ["technician"] },
    });
    const count = (await deeds()).length;
    // the same again changes nothing
    await as("change-person", senna, (db) => changeStaff(db, ilko, { roles: ["technician"], active: true }));
    expect(await deeds()).toHaveLength(count);
  });

  it("tells of a list that is settled anew what differs from the one before", async () => {
    const senna = await base.person("Senna Ruhl");
    for (const gustLimitKn of [31, 33]) {
      const { rules, number } = await base.inBase(currentRules);
      await as("settle-rules", senna, (db) =>
        settleBaseRules(
          db,
          { onNumber: number, rules: { ...rules, gustLimitKn } as typeof rules, why: "tried" },
          senna,
        ),
      );
    }
    // the first one beside the usual rules, which held before it
    const [first] = (await base.inBase((db) => logPage(db, {}))).deeds
      .filter(({ subject: of }) => of === "base_rules")
      .slice(-1);
    expect(changedFields(first!).filter(({ field }) => field !== "number")).toEqual([
      { field: "gustLimitKn", was: 34, is: 31 },
    ]);
    const { was, became, subject } = await last();
    expect(subject).toBe("base_rules");
    expect([was?.rules, became.rules]).toEqual([{ gustLimitKn: 31 }, { gustLimitKn: 33 }]);
  });

  it("says of a password that it changed, and nothing of it", async () => {
    await signIn("odile@brinecove.example", "sallow-tide-7");
    const odile = await base.person("Odile Varn");
    const session = { kind: "staff", id: randomUUID(), baseId: base.baseId, personId: odile, name: "Odile Varn" };
    await as("change-password", odile, (db) =>
      changeOwnPassword(db, { ...session, roles: ["office"] } as never, {
        old: "sallow-tide-7",
        fresh: "ladder copper mist violin",
      }),
    );
    const own = (await deeds({ person: odile })).filter(({ action }) => action === "change-password");
    expect(own.map(({ subject }) => subject).sort()).toEqual(["session", "staff"]);
    const account = own.find(({ subject }) => subject === "staff");
    expect([account?.was, account?.became]).toEqual([{}, { password: true }]);
    expect(JSON.stringify(await base.asOwner("select * from deed"))).not.toContain("$argon2");
  });

  it("knows who signs in by what comes of it", async () => {
    await asDoer({ kind: "anyone", action: "sign-in", device: browser }, () =>
      signIn("maro@brinecove.example", "sallow-tide-7"),
    );
    expect(await last()).toMatchObject({ action: "sign-in", kind: "anyone", by: "Maro Tessen", subject: "session" });
  });

  it("belongs to its yacht and its charter, and can be asked for by each, by person and by time", async () => {
    const [senna, ilko] = [await base.person("Senna Ruhl"), await base.person("Ilko Brand")];
    const [work] = await base.asOwner<{ id: string; slug: string }>(
      "select d.id, y.slug from defect d join yacht y on y.id = d.yacht_id limit 1",
    );
    await as("assign-work", senna, (db) => assignWork(db, { defects: [work!.id], person: ilko }, senna));
    const stay = await base.stayOf("BR-1052");
    await as("note-call", ilko, (db) =>
      db.query(
        "insert into call_note (id, base_id, stay_id, topic, words, noted_by, noted_at) values ($1, current_base(), $2, 'other', 'Aldo says the fridge is loud', $3, now())",
        [uuid(), stay, ilko],
      ),
    );
    const call = await last();
    expect(call).toMatchObject({
      charter: "BR-1052",
      yacht: "Pale Heron",
      by: "Ilko Brand",
      became: { topic: "other" },
    });
    // what a guest said is no part of it
    expect(JSON.stringify(call)).not.toContain("Aldo");
    const ids = async (filter: DeedFilter) => (await deeds(filter)).map(({ id }) => id);
    expect(await ids({ charter: "BR-1052" })).toContain(call.id);
    expect((await deeds({ yacht: work!.slug })).map(({ subject }) => subject)).toContain("work_assignment");
    expect(await ids({ person: ilko })).toContain(call.id);
    expect(await ids({ person: ilko, until: "2027-06-12T10:00:00.000Z" })).not.toContain(call.id);
    expect(await ids({ from: "2027-06-12T10:12:00.000Z" })).toContain(call.id);
    expect(await ids({ charter: "9999" })).toEqual([]);
  });

  it("puts what the house does under its own name", async () => {
    await base.inBase((db) => db.query("update yacht set berth = 'Z9' where slug = 'quillback'"));
    expect(await last()).toMatchObject({ kind: "house", by: null, yacht: "Quillback", became: { berth: "Z9" } });
  });

  it("goes from page to page by the number of the last one, and out as a file", async () => {
    const all = (await deeds({}, 1000)).slice(-40);
    const { deeds: page, older } = await base.inBase((db) => logPage(db, {}, all[2]!.id));
    expect(page.map(({ id }) => id)).toEqual(all.slice(3).map(({ id }) => id));
    expect(older).toBeNull();
    const rows = await base.inBase(async (db) => (await logCsv(db, { from: "2027-06-12", to: "2027-06-12" })).text());
    expect(rows.split("\r\n")[0]).toBe("number,at,by,as,device,action,thing,charter,yacht,of,field,was,is");
    expect(rows).toContain("Quillback,,berth,");
    expect(await base.inBase(async (db) => (await logCsv(db, { to: "2026-06-11" })).text())).toHaveLength(
      rows.split("\r\n")[0]!.length + 2,
    );
  });
});

describe("nobody", () => {
  it("writes in it, changes or empties it by the app's role, nor empties it as the owner", async () => {
    const tries = [
      "update deed set action = 'x'",
      "delete from deed",
      `insert into deed (base_id, at, request, action, by_kind, subject, became) values (current_base(), now(), gen_random_uuid(), 'x', 'house', 'base', '{}')`,
      "select keep_deed()",
    ];
    for (const text of tries) await expect(base.inBase((db) => db.query(text))).rejects.toThrow(/permission denied/);
    await expect(base.asOwner("delete from deed")).rejects.toThrow();
    await expect(base.asOwner("truncate deed")).rejects.toThrow();
  });

  it("reads that of another base", async () => {
    const other = uuid();
    await base.asOwner(
      "insert into base (id, name, place, time_zone, currency, languages, phone) values ($1, 'Elsewhere', 'x', 'UTC', 'EUR', '{en}', 'x')",
      [other],
    );
    expect(await inBaseTransaction(other, (db) => deedsOf(db, {}, { most: 10 }))).toEqual([]);
    // without a base none at all
    expect((await pool().query("select 1 from deed")).rows).toEqual([]);
  });

  it("finds a deed without words: each endpoint that changes something and each table that is kept has its own", async () => {
    const changing = endpoints.filter(({ endpoint }) => endpoint.method !== "GET").map(({ endpoint }) => endpoint.name);
    expect(changing.filter((name) => !(name in en.deed))).toEqual([]);
    const kept = await base.asOwner<{ name: string }>(
      "select distinct c.relname as name from pg_trigger t join pg_class c on c.oid = t.tgrelid where t.tgname in ('deed', 'deed_end')",
    );
    expect(kept.map(({ name }) => name).filter((name) => !(name in en["deed-on"]))).toEqual([]);
    expect(kept.length).toBeGreaterThan(40);
  });
});
