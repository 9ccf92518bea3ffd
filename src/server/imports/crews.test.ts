import { demoBase } from "@/testing/demo-base";
import { crewColumns, crewMapping } from "@/core/imports/crew";
import { readTable } from "@/formats/table-csv";
import { addCrewList, crewOf } from "../db/crew";
import { crewsCsv, lookThroughCrewLists, takeCrewLists } from "./crews";

const base = demoBase("crewlists");
const given = (...rows: string[][]) => ({
  columns: ["reference", "name", "weight", "toKnow"] as ("reference" | "name" | "weight" | "toKnow")[],
  rows: rows.map((cells, at) => ({ line: at + 2, cells })),
});
const look = (list: ReturnType<typeof given>) => base.inBase((db) => lookThroughCrewLists(db, list));
const take = async (list: ReturnType<typeof given>, seen?: string) => {
  const by = await base.person("Odile Varn");
  const stands = seen ?? (await look(list)).seen;
  return base.inBase((db) => takeCrewLists(db, { ...list, seen: stands }, by));
};
const crew = async (reference: string) => {
  const stayId = await base.stayOf(reference);
  return base.inBase((db) => crewOf(db, stayId));
};
const list = given(
  ["BR-1058", "Jory Fenn", "81", ""],
  ["BR-1058", "Ana Fenn", "64", "wasps"],
  ["br-1065", "Hale Vantrice", "90", ""],
);

describe("crew lists of other programs", () => {
  it("are told before anything is taken, then taken, and the same once more brings nothing", async () => {
    const before = await base.asOwner("select count(*) from crew_list");
    const { crews } = await look(list);
    expect(crews.map(({ reference, fate, added }) => [reference, fate, added])).toEqual([
      ["BR-1058", "changed", ["Ana Fenn"]],
      ["BR-1065", "new", ["Hale Vantrice"]],
    ]);
    expect(await base.asOwner("select count(*) from crew_list")).toEqual(before);
    expect(await take(list)).toEqual({ taken: 2 });
    expect(await crew("BR-1058")).toEqual([
      { name: "Jory Fenn", weightKg: 81 },
      { name: "Ana Fenn", weightKg: 64, toKnow: "wasps" },
    ]);
    await expect(take(list)).rejects.toMatchObject({ code: "list-brings-nothing" });
  });

  it("are not taken over what somebody else has told meanwhile, and not once she is handed over", async () => {
    const next = given(["BR-1065", "Hale Vantrice", "92", ""]);
    const { seen } = await look(next);
    const stayId = await base.stayOf("BR-1065");
    await base.inBase((db) =>
      addCrewList(db, stayId, [{ name: "Hale Vantrice", weightKg: 88 }], null, "2027-06-12T10:00:00Z"),
    );
    await expect(take(next, seen)).rejects.toMatchObject({ code: "list-seen-changed" });
    expect(await crew("BR-1065")).toEqual([{ name: "Hale Vantrice", weightKg: 88 }]);
    const { crews } = await look(given(["BR-1052", "Tove Ellery", "60", ""], ["BR-0", "Nobody", "60", ""]));
    expect(crews.map(({ faults }) => faults.map(({ what }) => what))).toEqual([["handed-over"], ["no-such-charter"]]);
  });

  it("of two who take the same at once, one does", async () => {
    const next = given(["BR-1066", "Idris Callowen", "77", ""]);
    const both = await Promise.allSettled([take(next), take(next)]);
    expect(both.map(({ status }) => status).sort()).toEqual(["fulfilled", "rejected"]);
  });

  it("are saved in the columns that are taken in again", async () => {
    const answer = await base.inBase((db) => crewsCsv(db));
    const table = readTable(await answer.text());
    const mapping = crewMapping(table?.heads ?? []);
    const columns = crewColumns.filter((column) => mapping[column] !== undefined);
    const rows = (table?.rows ?? []).map(({ line, cells }) => ({
      line,
      cells: columns.map((column) => cells[mapping[column] ?? -1] ?? ""),
    }));
    expect(columns).toEqual([...crewColumns]);
    const { crews } = await base.inBase((db) => lookThroughCrewLists(db, { columns, rows }));
    expect(new Set(crews.map(({ fate, faults }) => (faults[0]?.what === "handed-over" ? "same" : fate)))).toEqual(
      new Set(["same"]),
    );
    expect(crews.map(({ reference }) => reference)).toContain("BR-1058");
  });
});
