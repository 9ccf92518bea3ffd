import type { GivenList } from "@/api/schemas/imports";
import { charterColumns, guessMapping, type CharterColumn } from "@/core/imports/columns";
import { readTable } from "@/formats/table-csv";
import { demoBase } from "@/testing/demo-base";
import { callOff } from "../charters/call-off";
import { enterNewCharter } from "../charters/enter";
import { changesOf } from "../db/charter-entries";
import { findStay } from "../db/charters";
import { importRows, importRuns } from "../db/import-runs";
import { openHandover } from "../handover/open";
import { lookThrough } from "./look";
import { rowsOfImport } from "./rows";
import { chartersCsv } from "./save";
import { takeIn } from "./take";
import { undo } from "./undo";

type Cells = Partial<Record<CharterColumn, string>>;
const base = demoBase("imports");
const office = () => base.person("Odile Varn");
const list = (...rows: Cells[]): GivenList => ({
  columns: [...charterColumns],
  order: "day-first",
  rows: rows.map((row, at) => ({ line: at + 2, cells: charterColumns.map((column) => row[column] ?? "") })),
});
const look = (given: GivenList) => base.inBase((db) => lookThrough(db, given));
const take = async (given: GivenList, seen?: string) => {
  const by = await office();
  const asked = { ...given, fileName: "season.csv", seen: seen ?? (await look(given)).seen };
  return base.inBase((db) => takeIn(db, asked, by));
};
const fates = async (given: GivenList) =>
  (await look(given)).rows.map(({ fate, faults }) => [fate, ...faults.map(({ what }) => what)].join(" "));
const stayOf = (reference: string) => base.inBase((db) => findStay(db, { reference }));
const counts = async () =>
  (
    await base.asOwner<Record<string, number>>(
      "select (select count(*)::int from charter) as charters, (select count(*)::int from stay) as stays, (select count(*)::int from person) as people, (select count(*)::int from charter_change) as changes",
    )
  )[0];
const week = (reference: string, yacht: string, day: number, change: Cells = {}): Cells => ({
  reference,
  yacht,
  fromDay: `${day}.10.2027`,
  toDay: `${day + 5}.10.2027`,
  charterer: "Rill Ander",
  chartererEmail: "rill@ander.example",
  ...change,
});

describe("a list of charters", () => {
  it("is the same as what stands, where the base wrote it itself", async () => {
    const csv = await (await base.inBase(chartersCsv)).text();
    const table = readTable(csv);
    if (!table) throw new Error("no table");
    expect(guessMapping(table.heads).skipperPhone).toBe(charterColumns.indexOf("skipperPhone"));
    const given = { columns: [...charterColumns], order: "day-first" as const, rows: table.rows };
    expect(new Set(await fates(given))).toEqual(new Set(["same"]));
    await expect(take(given)).rejects.toMatchObject({ code: "list-brings-nothing" });
  });

  it("is taken in whole; the same list once more changes nothing", async () => {
    const before = await counts();
    const given = list(
      week("A-1", "pale-heron", 2),
      week("A-2", "Quillback", 2, { skipper: "Jory Penn", aboard: "3", language: "de" }),
      week("A-3", "gull", 2),
    );
    expect(await fates(given)).toEqual(["new", "new", "refused no-such-yacht"]);
    expect(await take(given)).toMatchObject({ new: 2, changed: 0 });
    expect(await counts()).toEqual({
      charters: Number(before?.charters) + 2,
      stays: Number(before?.stays) + 2,
      people: Number(before?.people) + 2,
      changes: before?.changes,
    });
    expect(await stayOf("A-2")).toMatchObject({
      yachtSlug: "quillback",
      charterer: "Rill Ander",
      skipper: "Jory Penn",
      aboard: 3,
    });
    expect((await stayOf("A-1"))?.chartererId).toBe((await stayOf("A-2"))?.chartererId);
    expect(await fates(given)).toEqual(["same", "same", "refused no-such-yacht"]);
    expect((await base.inBase((db) => importRuns(db, 5)))[0]).toMatchObject({
      fileName: "season.csv",
      by: "Odile Varn",
      new: 2,
      changed: 0,
      contacts: 0,
      same: 0,
      leftOut: 1,
      undone: 0,
    });
  });

  it("changes what it says, with the file's name as the reason; days are exchanged", async () => {
    const given = list(
      week("A-1", "quillback", 2, { aboard: "2", chartererPhone: "+000 555 0177" }),
      week("A-2", "pale-heron", 2, { skipper: "Jory Penn" }),
    );
    expect(await take(given)).toMatchObject({ new: 0, changed: 2 });
    expect([(await stayOf("A-1"))?.yachtSlug, (await stayOf("A-2"))?.yachtSlug]).toEqual(["quillback", "pale-heron"]);
    const charterId = (await stayOf("A-1"))?.charterId ?? "";
    const [change] = await base.inBase((db) => changesOf(db, charterId));
    expect(change).toMatchObject({
      number: 1,
      why: "season.csv",
      was: { yacht: "Pale Heron" },
      became: { yacht: "Quillback" },
    });
    // what is a guest's own stands in no change
    expect(
      JSON.stringify(
        await base.asOwner("select was, became from charter_change union all select was, was from import_row"),
      ),
    ).not.toMatch(/0177|Rill/);
    expect(await fates(given)).toEqual(["same", "same"]);
  });

  it("changes how a guest is reached, which is no change of a charter", async () => {
    const before = await counts();
    const given = list({ reference: "A-1", charterer: "Rill Ander", chartererPhone: "+000 555 0178" });
    expect(await take(given)).toMatchObject({ new: 0, changed: 1 });
    expect(await counts()).toEqual(before);
    expect((await base.inBase((db) => importRuns(db, 1)))[0]).toMatchObject({ new: 0, changed: 0, contacts: 1 });
  });

  it("calls off what is cancelled and closes its boat book", async () => {
    const { charterId } = (await stayOf("A-2")) ?? {};
    await base.asOwner(
      `insert into charter_link (id, base_id, charter_id, secret_hash, pin_hash, created_at, expires_at)
       select gen_random_uuid(), base_id, $1, 'x', 'x', now(), '2027-11-30' from charter_link limit 1`,
      [charterId],
    );
    await take(list({ reference: "A-2", state: "storniert" }));
    expect(await stayOf("A-2")).toMatchObject({ calledOff: "cancelled" });
    const links = await base.asOwner("select 1 from charter_link where charter_id = $1 and revoked_at is null", [
      charterId,
    ]);
    expect(links).toEqual([]);
    // her days are somebody else's now, and cannot be taken up again
    await take(list(week("A-4", "pale-heron", 2)));
    expect(await fates(list({ reference: "A-2", state: "on" }))).toEqual(["refused promised"]);
  });

  it("takes nothing where something changed since it was looked through", async () => {
    const given = list(week("B-1", "cold-harbour", 10), week("B-2", "cold-harbour", 20));
    const { seen } = await look(given);
    await take(list(week("B-3", "cold-harbour", 12)));
    const before = await counts();
    await expect(take(given, seen)).rejects.toMatchObject({ code: "list-seen-changed" });
    expect(await counts()).toEqual(before);
  });

  it("is taken in once by several at the same time, and beside somebody who enters a charter", async () => {
    const given = list(week("C-1", "gannet-rock", 2), week("C-2", "gannet-rock", 12), week("C-3", "gannet-rock", 22));
    const { seen } = await look(given);
    const by = await office();
    const before = await counts();
    const entered = {
      yacht: "gannet-rock",
      fromDay: "2027-10-03",
      outAt: "17:00",
      toDay: "2027-10-05",
      backAt: "09:00",
      aboard: 2,
      language: "en" as const,
      charterer: { id: null, name: "Somebody", email: "", phone: "" },
      skipper: null,
      reference: "C-9",
      terms: "usual",
      extras: [],
    };
    const asked = await Promise.allSettled([
      take(given, seen),
      take(given, seen),
      base.inBase((db) => enterNewCharter(db, entered, by)),
      take(given, seen),
    ]);
    expect(asked.filter(({ status }) => status === "fulfilled")).toHaveLength(1);
    const codes = asked.flatMap((each) => (each.status === "rejected" ? [(each.reason as { code: string }).code] : []));
    expect(codes.every((code) => ["list-seen-changed", "yacht-promised"].includes(code))).toBe(true);
    const added = Number((await counts())?.charters) - Number(before?.charters);
    expect([1, 3]).toContain(added);
  });
});

describe("a row is undone", () => {
  const lastRun = async () => (await base.inBase((db) => importRuns(db, 1)))[0]?.id ?? "";
  const undoIt = async (id: string, line: number) => {
    const by = await office();
    return base.inBase((db) => undo(db, id, line, by));
  };

  it("where it was new, with the guest whom it brought", async () => {
    const before = await counts();
    await take(
      list(
        week("D-1", "pale-heron", 20, { charterer: "Una Wells", chartererEmail: "una@wells.example" }),
        week("D-2", "quillback", 20),
      ),
    );
    const id = await lastRun();
    expect(await undoIt(id, 2)).toEqual({});
    await undoIt(id, 3);
    expect(await counts()).toEqual(before);
    expect(await stayOf("D-1")).toBeNull();
    await expect(undoIt(id, 2)).rejects.toMatchObject({ code: "no-such-row" });
    expect((await base.inBase((db) => importRows(db, id))).map(({ undoneAt }) => undoneAt !== null)).toEqual([
      true,
      true,
    ]);
  });

  it("where it was a change, as it stood before", async () => {
    await take(list(week("E-1", "pale-heron", 20, { aboard: "3" })));
    await take(list(week("E-1", "cold-harbour", 26, { aboard: "4", skipper: "Una Wells" })));
    const id = await lastRun();
    await undoIt(id, 2);
    expect(await stayOf("E-1")).toMatchObject({
      yachtSlug: "pale-heron",
      aboard: 3,
      skipper: "Rill Ander",
      startsAt: "2027-10-20T17:00:00.000Z",
    });
    const { charterId = "" } = (await stayOf("E-1")) ?? {};
    expect((await base.inBase((db) => changesOf(db, charterId))).map(({ number }) => number)).toEqual([2, 1]);
  });

  it("never once something was built on it", async () => {
    await take(list(week("F-1", "quillback", 20), week("F-2", "cold-harbour", 26)));
    const id = await lastRun();
    const [first, second] = [await stayOf("F-1"), await stayOf("F-2")];
    const by = await office();
    await base.inBase((db) => openHandover(db, first?.stayId ?? "", "prep", by));
    await base.inBase((db) =>
      callOff(db, second?.stayId ?? "", { onNumber: 0, to: "cancelled", why: "they rang", told: "" }, by),
    );
    const before = await counts();
    for (const line of [2, 3]) await expect(undoIt(id, line)).rejects.toMatchObject({ code: "row-built-on" });
    expect(await counts()).toEqual(before);
    // a change that another came after
    await take(list(week("F-1", "quillback", 20, { toDay: "26.10.2027" })));
    const changed = await lastRun();
    await take(list(week("F-1", "quillback", 20, { toDay: "27.10.2027" })));
    await expect(undoIt(changed, 2)).rejects.toMatchObject({ code: "row-built-on" });
  });

  it("never where another has the days by now", async () => {
    await take(list(week("G-1", "gannet-rock", 2, { fromDay: "2.11.2027", toDay: "5.11.2027" })));
    await take(list(week("G-1", "gannet-rock", 2, { fromDay: "12.11.2027", toDay: "15.11.2027" })));
    const id = await lastRun();
    await take(list(week("G-2", "gannet-rock", 2, { fromDay: "2.11.2027", toDay: "5.11.2027" })));
    await expect(undoIt(id, 2)).rejects.toMatchObject({ code: "yacht-promised" });
  });

  it("of no list there is none", async () => {
    await expect(base.inBase((db) => rowsOfImport(db, "00000000-0000-7000-8000-000000000000"))).rejects.toMatchObject({
      code: "no-such-import",
    });
  });
});
