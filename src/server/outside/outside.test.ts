import { readFileSync } from "node:fs";
import type { ProgramSession } from "@/api/callers";
import { mostCharters } from "@/api/outside";
import { scopes, type Scope } from "@/core/programs/scopes";
import { demoBase } from "@/testing/demo-base";
import { programSession } from "../auth/program";
import { changesOf } from "../db/charter-entries";
import { findStay } from "../db/charters";
import { importRuns } from "../db/import-runs";
import { undo } from "../imports/undo";
import { endToken, makeToken, programsView } from "../programs/programs";
import { charterFor, chartersFor, yachtsFor } from "./charters";
import { takeSent } from "./send";
import { statementFor, statementPaperFor } from "./statement";

const base = demoBase("outside");
const senna = () => base.person("Senna Ruhl");
const ask = (token: string) =>
  programSession(new Request("http://127.0.0.1/api/v1/charters", { headers: { authorization: `Bearer ${token}` } }));
const made = async (may: readonly Scope[] = scopes) => {
  const by = await senna();
  const { id, token } = await base.inBase((db) => makeToken(db, { name: " Ledger ", scopes: [...may] }, by));
  return { id, token, program: (await ask(token)) as ProgramSession };
};
const sent = {
  reference: "AG-1",
  yacht: "Quillback",
  fromDay: "2027-09-04",
  toDay: "2027-09-11",
  aboard: 4,
  charterer: "Tam Orrin",
  chartererEmail: "tam@orrin.example",
};
const send = async (charters: object[], look = false) => {
  const { program } = await made();
  return base.inBase((db) => takeSent(db, program, { charters: charters as never, look }));
};
const stayOf = (reference: string) => base.inBase((db) => findStay(db, { reference }));

describe("a program's token", () => {
  it("opens what it was made for, is kept as a hash alone, and notes when it was used", async () => {
    const { id, token, program } = await made(["read-charters"]);
    expect(program).toMatchObject({ kind: "program", name: "Ledger", scopes: ["read-charters"], baseId: base.baseId });
    expect(JSON.stringify(await base.asOwner("select * from program"))).not.toContain(token.slice(10));
    const { programs } = await base.inBase(programsView);
    expect(programs.find((each) => each.id === id)).toMatchObject({
      by: "Senna Ruhl",
      usedAt: expect.any(String) as string,
    });
  });

  it("opens nothing once it was ended, and nothing that looks like one does", async () => {
    const { id, token } = await made();
    await base.inBase((db) => endToken(db, id));
    await expect(base.inBase((db) => endToken(db, id))).rejects.toMatchObject({ code: "no-such-program" });
    // it is remembered for two seconds at most
    await new Promise((done) => setTimeout(done, 2100));
    for (const odd of [token, `${token}x`, token.slice(10), "", `brinecove_${"a".repeat(43)}`])
      expect(await ask(odd)).toBeNull();
  });
});

describe("charters for a program", () => {
  it("are told with how they stand, by page, and with people where its token says so", async () => {
    const [all, few] = [await made(), await made(["read-charters"])];
    const { charters, next } = await base.inBase((db) => chartersFor(db, all.program, {}));
    expect(next).toBeNull();
    const of = (reference: string) => charters.find((each) => each.reference === reference);
    expect([of("BR-1055")?.state, of("BR-1058")?.state, of("BR-1050")?.state]).toEqual(["out", "to-come", "back"]);
    expect(of("BR-1055")).toMatchObject({ yacht: "gannet-rock", charterer: { name: "Ode Lanyard" } });
    const without = await base.inBase((db) => chartersFor(db, few.program, {}));
    expect(JSON.stringify(without)).not.toMatch(/Lanyard|crew\.example/);
    const some = await base.inBase((db) => chartersFor(db, all.program, { from: "2027-06-14", to: "2027-06-15" }));
    expect(some.charters.map(({ reference }) => reference)).toEqual(expect.arrayContaining(["BR-1055", "BR-1058"]));
    expect(some.charters.map(({ reference }) => reference)).not.toContain("BR-1062");
    await expect(base.inBase((db) => charterFor(db, all.program, "BR-0"))).rejects.toMatchObject({
      code: "no-such-charter",
    });
    expect((await base.inBase(yachtsFor)).yachts).toContainEqual({
      yacht: "quillback",
      name: "Quillback",
      berth: "A6",
      maximumAboard: 10,
    });
  });

  it("go on after the last of a page, each once", async () => {
    const { program } = await made();
    const weeks = Array.from({ length: mostCharters + 5 }, (_, week) => {
      const day = (days: number) => new Date(Date.UTC(2030, 0, 5 + week * 7 + days)).toISOString().slice(0, 10);
      return { ...sent, reference: `LONG-${week}`, fromDay: day(0), toDay: day(5) };
    });
    for (const part of [weeks.slice(0, mostCharters), weeks.slice(mostCharters)])
      expect((await send(part)).rows.filter(({ fate }) => fate === "new")).toHaveLength(part.length);
    const from = "2029-12-01";
    const first = await base.inBase((db) => chartersFor(db, program, { from }));
    const second = await base.inBase((db) => chartersFor(db, program, { from, after: first.next ?? "" }));
    expect([first.charters.length, second.charters.length, second.next]).toEqual([mostCharters, 5, null]);
    const seen = [...first.charters, ...second.charters].map(({ reference }) => reference);
    expect(new Set(seen).size).toBe(weeks.length);
  });
});

describe("charters from a program", () => {
  it("are looked through without taking anything", async () => {
    expect(await send([sent], true)).toMatchObject({ rows: [{ reference: "AG-1", fate: "new" }], taken: null });
    expect(await stayOf("AG-1")).toBeNull();
  });

  it("are entered once, changed field by field, and refused with why, each by itself", async () => {
    const first = await send([sent, { ...sent, reference: "AG-2" }]);
    expect(first.rows.map(({ fate }) => fate)).toEqual(["new", "refused"]);
    expect(first.rows[1]?.faults).toEqual([
      { field: "fromDay", code: "promised", message: expect.stringContaining("AG-1") as string },
    ]);
    expect((await stayOf("AG-1"))?.charterer).toBe("Tam Orrin");
    expect((await send([sent])).rows[0]?.fate).toBe("same");
    const changed = await send([{ reference: "AG-1", aboard: 5, toDay: "2027-09-12" }]);
    expect(changed.rows[0]).toMatchObject({
      fate: "changed",
      changes: expect.arrayContaining([{ field: "aboard", was: "4", becomes: "5" }]) as object,
    });
    const stay = await stayOf("AG-1");
    const [change] = await base.inBase((db) => changesOf(db, stay?.charterId ?? ""));
    expect(change).toMatchObject({ by: "Senna Ruhl", why: "Ledger" });
  });

  it("tell nobody who may not read it whom the base knew, or how they were reached", async () => {
    const { program } = await made(["write-charters"]);
    const other = { reference: "AG-1", chartererEmail: "new@orrin.example", charterer: "Tam Orrin" };
    const ask = (by: ProgramSession) =>
      base.inBase((db) => takeSent(db, by, { charters: [other] as never, look: true }));
    expect((await ask(program)).rows[0]?.changes).toEqual([
      { field: "chartererEmail", was: "", becomes: "new@orrin.example" },
    ]);
    expect((await ask((await made()).program)).rows[0]?.changes[0]?.was).toBe("tam@orrin.example");
  });

  it("that are none say what is wrong of each field", async () => {
    const { rows, taken } = await send([
      { reference: "AG-5" },
      { ...sent, reference: "AG-6", yacht: "Nowhere", fromDay: "2027-02-30", aboard: 0, chartererEmail: "no" },
      { ...sent, reference: "AG-7~2" },
    ]);
    expect(taken).toBeNull();
    const codes = rows.map(({ faults }) => faults.map(({ field, code }) => `${field} ${code}`));
    expect(codes[0]).toEqual(expect.arrayContaining(["yacht missing", "fromDay missing", "charterer missing"]));
    expect(codes[1]).toEqual(expect.arrayContaining(["fromDay no-day", "chartererEmail mail-form"]));
    expect(codes[2]).toEqual(expect.arrayContaining(["reference reference-form"]));
    for (const { faults } of rows) for (const { message } of faults) expect(message).toMatch(/^[A-Z].{8,}/);
  });

  it("stand among the lists at the desk, and are undone there", async () => {
    const { taken } = await send([{ ...sent, reference: "AG-9", yacht: "little-auk", aboard: 2 }]);
    const [run] = await base.inBase((db) => importRuns(db, 5));
    expect(run).toMatchObject({ id: taken, fileName: "Ledger", new: 1 });
    await base.inBase(async (db) => undo(db, taken ?? "", 1, await senna()));
    expect(await stayOf("AG-9")).toBeNull();
  });

  it("of two programs that want the same days at once, one's", async () => {
    const days = { fromDay: "2027-10-09", toDay: "2027-10-16" };
    const both = await Promise.all(["AG-20", "AG-21"].map((reference) => send([{ ...sent, ...days, reference }])));
    expect(both.map(({ rows }) => rows[0]?.fate).sort()).toEqual(["new", "refused"]);
  });
});

describe("statements for a program", () => {
  it("are told once they are signed, in figures and on paper", async () => {
    const settled = await base.inBase((db) => statementFor(db, "BR-1046"));
    expect(settled).toMatchObject({ reference: "BR-1046", currency: "EUR", heldMinor: expect.any(Number) as number });
    const { rows } = {
      rows: await base.asOwner<{ output: { dueMinor: number } }>(
        "select t.output from settlement t join stay s on s.id = t.stay_id join charter c on c.id = s.charter_id where c.reference = 'BR-1046'",
      ),
    };
    expect(settled.dueMinor).toBe(rows[0]?.output.dueMinor);
    expect(settled.lines.length).toBeGreaterThan(0);
    const { bytes } = await base.inBase((db) => statementPaperFor(db, "BR-1046"));
    expect(Buffer.from(bytes).subarray(0, 5).toString()).toBe("%PDF-");
    for (const ask of [statementFor, statementPaperFor]) {
      const of = (reference: string) => base.inBase<unknown>((db) => ask(db, reference));
      await expect(of("BR-1058")).rejects.toMatchObject({ code: "no-statement" });
      await expect(of("BR-0")).rejects.toMatchObject({ code: "no-such-charter" });
    }
  });
});

describe("what is said of the interface", () => {
  it("names each scope in the words of its decision", () => {
    const text = readFileSync("docs/decisions/0058-other-programs.md", "utf8");
    for (const scope of scopes) expect(text).toContain(`\`${scope}\``);
  });
});
