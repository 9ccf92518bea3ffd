import { mismatch } from "../../../formats/validate";
import { demoYacht } from "../../../testing/demo-yacht";
import { usualRules } from "../../base/rules";
import { lineKinds, kindOf, asRecorded, type Line } from ".";
import { chain, type ChainLine } from "./chain";
import type { LineInput } from "./line-input";

const inputOf = (slug: string): LineInput => ({
  kind: "check-in",
  yacht: { file: demoYacht(slug) },
  stay: { fromDay: "2027-06-12", toDay: "2027-06-19" },
  checkIn: null,
  knownMarks: [
    {
      id: "00000000-0000-7000-8000-000000000001",
      mark: { place: "bow", surface: "stern", kind: "scratch", sizeMm: 200, aM: 0.4, bM: 0.6, words: "" },
      photos: [],
      since: null,
    },
  ],
  viewPhotos: {},
  history: {},
  openedAt: "2027-06-12T14:00:00.000Z",
  rules: usualRules,
  changed: { happened: ["grounding"] },
});
const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const linesOf = (slug: string): Line[] =>
  Object.values(lineKinds).flatMap((kind): Line[] => kind.fromFile(inputOf(slug)));

describe("every kind of line", () => {
  it.each(fleet)("makes lines of its own form out of the file of %s", (slug) => {
    for (const line of linesOf(slug)) {
      expect([line.id, mismatch(kindOf(line).schema, line)]).toEqual([line.id, null]);
      expect(line.id.startsWith(`${line.kind}:`)).toBe(true);
    }
  });

  it.each(fleet)("has a sample on %s that may be recorded, is fine, is no defect and nothing at the gate", (slug) => {
    for (const line of linesOf(slug)) {
      const kind = kindOf(line);
      const value = kind.sample(line, 600);
      expect([line.id, mismatch(kind.valueSchema(line)!, value)]).toEqual([line.id, null]);
      // whether hours are fine hangs on when her engine was last serviced, not on the kind
      if (line.kind === "reading" && line.reading === "engine-hours") continue;
      expect([line.id, kind.verdict(line, value), kind.isDefect(line, value)]).toEqual([line.id, "fine", false]);
      expect([line.id, kind.reasons(line, value, 0)]).toEqual([line.id, []]);
      expect([line.id, kind.compare?.(line, value, value, { had: undefined, moved: false }) ?? null]).toEqual([
        line.id,
        null,
      ]);
    }
  });

  it("has names, aspects and keys of its own", () => {
    expect(Object.entries(lineKinds).map(([key, { name }]) => key === name)).not.toContain(false);
    const aspects = Object.values(lineKinds).flatMap((kind) => [kind.aspect, ...Object.keys(kind.besides ?? {})]);
    expect(new Set(aspects).size).toBe(aspects.length);
  });
});

describe("the length of chain", () => {
  const [line] = chain.fromFile(inputOf("cold-harbour"));
  const sixty = line as ChainLine;
  const metres = (length: number) => asRecorded(sixty, { metres: length });
  const seen = { had: undefined, moved: false };

  it("is asked for where the yacht's file says that it is measured, and nowhere else", () => {
    expect(sixty).toMatchObject({ id: "chain:main", place: "bow", chainM: 60, system: "anchoring" });
    expect(sixty.marks.map(({ atM }) => atM)).toEqual([10, 20, 30, 40, 50]);
    expect(fleet.filter((slug) => chain.fromFile(inputOf(slug)).length > 0)).toEqual(["cold-harbour"]);
  });

  // by hand: the file says 60 m, and a metre is no difference
  it.each([
    [60, "fine", false, 0],
    [59, "fine", false, 0],
    [58.9, "watch", true, 1],
    [61, "fine", false, 0],
    [62, "watch", false, 1],
    [0, "watch", true, 1],
  ])("of %d m is %s against 60 m of her file", (length, verdict, isDefect, reasons) => {
    expect([
      chain.verdict(sixty, metres(length)),
      chain.isDefect(sixty, metres(length)),
      chain.reasons(sixty, metres(length), 4).length,
    ]).toEqual([verdict, isDefect, reasons]);
  });

  it.each([
    [60, 55, { kind: "chain-shorter", change: -5 }],
    [52, 57.5, { kind: "chain-longer", change: 5.5 }],
    [60, 59.2, null],
    [undefined, 55, { kind: "chain-shorter", change: -5, unknownSince: true }],
  ])("from %p to %d m is compared as %j", (was, is, change) => {
    expect(chain.compare!(sixty, was === undefined ? undefined : metres(was), metres(is), seen)).toEqual(change);
  });

  it.each([{ metres: -1 }, { metres: 301 }, { metres: "60" }, { metres: 60, feet: 200 }, {}])("is not %j", (value) =>
    expect(mismatch(chain.valueSchema(sixty)!, value)).not.toBeNull(),
  );
});
