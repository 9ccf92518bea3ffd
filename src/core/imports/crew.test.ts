import * as fc from "fast-check";
import { readTable, tableToCsv } from "../../formats/table-csv";
import {
  crewCells,
  crewColumns,
  crewFates,
  crewHeads,
  crewMapping,
  sailedBefore,
  type CrewColumn,
  type KnownCrew,
  type ListedMember,
} from "./crew";

const known = (change: Partial<KnownCrew> = {}): KnownCrew => ({
  reference: "BR-1",
  stayId: "s1",
  yacht: "Pale Heron",
  aboard: 3,
  isCalledOff: false,
  isHandedOver: false,
  crew: [],
  ...change,
});
type Cells = Partial<Record<CrewColumn, string>>;
const fates = (rows: Cells[], stays = [known()]) =>
  crewFates(
    rows.map((cells, at) => ({ line: at + 2, cells })),
    stays,
  );
const tam = { reference: "BR-1", name: "Tam Orrin", weight: "72" };

describe("crew lists out of a list", () => {
  it("are told apart by their charter, whatever case it is written in, and read as people write", () => {
    const [one, two] = fates(
      [
        { ...tam, weight: "72,5 kg", child: "Nein", swims: "ja", speaks: " Danish ", sailed: "Some", toKnow: "'=nuts" },
        { ...tam, reference: "BR-2", name: "Rill" },
        { ...tam, reference: "br-1", name: "Ibb  Orrin", weight: "21", child: "x" },
      ],
      [known(), known({ reference: "BR-2", stayId: "s2" })],
    );
    expect(one).toMatchObject({
      line: 2,
      reference: "BR-1",
      fate: "new",
      people: 2,
      added: ["Tam Orrin", "Ibb Orrin"],
    });
    expect(one?.becomes).toEqual({
      stayId: "s1",
      crew: [
        { name: "Tam Orrin", weightKg: 72, swims: true, speaks: "Danish", sailed: "some", toKnow: "=nuts" },
        { name: "Ibb Orrin", weightKg: 21, isChild: true },
      ],
    });
    expect(two?.becomes?.stayId).toBe("s2");
  });

  it("change what stands as a whole: who is not among the rows goes, and the same once more is nothing", () => {
    const stays = [
      known({
        crew: [
          { name: "Tam Orrin", weightKg: 72 },
          { name: "Rill", weightKg: 60 },
        ],
      }),
    ];
    expect(
      fates(
        [
          { ...tam, weight: "75" },
          { ...tam, name: "Ibb" },
        ],
        stays,
      )[0],
    ).toMatchObject({
      fate: "changed",
      added: ["Ibb"],
      gone: ["Rill"],
      changed: ["Tam Orrin"],
    });
    const same = fates(
      [{ ...tam, name: "rill", weight: "60" }, tam],
      [
        known({
          crew: [
            { name: "Tam Orrin", weightKg: 72 },
            { name: "rill", weightKg: 60 },
          ],
        }),
      ],
    );
    expect(same[0]).toMatchObject({ fate: "same", becomes: null });
  });

  it.each([
    [{ ...tam, reference: "" }, {}, "2 reference missing"],
    [{ ...tam, reference: "BR-9" }, {}, "2 reference no-such-charter"],
    [tam, { isCalledOff: true }, "2 reference called-off"],
    [tam, { isHandedOver: true }, "2 reference handed-over"],
    [tam, { aboard: 0 }, "2 reference too-many"],
    [{ ...tam, name: " " }, {}, "2 name missing"],
    [{ ...tam, name: "x".repeat(121) }, {}, "2 name wrong"],
    [{ ...tam, weight: "" }, {}, "2 weight missing"],
    [{ ...tam, weight: "2" }, {}, "2 weight wrong"],
    [{ ...tam, weight: "301" }, {}, "2 weight wrong"],
    [{ ...tam, weight: "heavy" }, {}, "2 weight wrong"],
    [{ ...tam, child: "perhaps" }, {}, "2 child wrong"],
    [{ ...tam, swims: "a bit" }, {}, "2 swims wrong"],
    [{ ...tam, sailed: "once" }, {}, "2 sailed wrong"],
    [{ ...tam, speaks: "x".repeat(61) }, {}, "2 speaks wrong"],
    [{ ...tam, toKnow: "x".repeat(201) }, {}, "2 toKnow wrong"],
  ])("of %j with %j are refused: %s", (row, change, fault) => {
    const [fate] = fates([row], [known(change)]);
    expect(fate).toMatchObject({ fate: "refused", becomes: null });
    expect(fate?.faults.map(({ line, column, what }) => `${line} ${column} ${what}`)).toEqual([fault]);
  });

  it("with one fault keep their own charter out, and no other", () => {
    const two = fates(
      [tam, { ...tam, name: "tam orrin" }, { ...tam, reference: "BR-2" }],
      [known(), known({ reference: "BR-2", stayId: "s2" })],
    );
    expect(two.map(({ fate }) => fate)).toEqual(["refused", "new"]);
    expect(two[0]?.faults).toEqual([{ line: 3, column: "name", what: "twice", text: "tam orrin" }]);
  });

  it("are found under heads of other offices, and without one under none", () => {
    expect(crewMapping(["Buchung", "Full name", "Gewicht", "?"])).toEqual({ reference: 0, name: 1, weight: 2 });
    expect(crewMapping(["x"])).toEqual({});
    expect(crewMapping(crewHeads)).toEqual(Object.fromEntries(crewColumns.map((column, at) => [column, at])));
  });

  it("come back as they were saved, whoever they are: each crew is the same", () => {
    const text = fc
      .string({ minLength: 1, maxLength: 30 })
      .filter(
        (words) =>
          words.trim() === words &&
          !/\s\s|[\r\n\t\v\f\u00a0\u0085\u2028\u2029\ufeff]|^'/.test(words) &&
          words.trim() !== "",
      );
    const member: fc.Arbitrary<ListedMember> = fc.record(
      {
        name: text,
        weightKg: fc.integer({ min: 3, max: 300 }),
        isChild: fc.constant(true),
        swims: fc.boolean(),
        speaks: text,
        sailed: fc.constantFrom(...sailedBefore),
        toKnow: text,
      },
      { requiredKeys: ["name", "weightKg"] },
    );
    const crew = fc.uniqueArray(member, { minLength: 1, maxLength: 6, selector: ({ name }) => name.toLowerCase() });
    fc.assert(
      fc.property(crew, (crew) => {
        const table = readTable(
          tableToCsv(
            crewHeads,
            crew.map((each) => crewCells("BR-1", each)),
          ),
        );
        const mapping = crewMapping(table?.heads ?? []);
        const rows = (table?.rows ?? []).map(({ line, cells }) => ({
          line,
          cells: Object.fromEntries(crewColumns.map((column) => [column, cells[mapping[column] ?? -1] ?? ""])),
        }));
        expect(crewFates(rows, [known({ aboard: 6, crew })])).toMatchObject([{ fate: "same", faults: [] }]);
      }),
      { numRuns: 300 },
    );
  });
});
