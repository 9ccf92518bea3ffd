import fc from "fast-check";
import { countLine, entryOf, id, listOf } from "../../testing/records";
import type { Line, LookLine, MarkLine, ReadingLine, TestLine } from "../handover/lines";
import type { Mark } from "../handover/lines/mark-form";
import { usualRules, type BaseRules } from "../base/rules";
import { InputError } from "../basics/calculation";
import { compare } from "./compare";
import { matchMarks } from "./match-marks";

const common = { place: "saloon", name: { en: "thing" }, system: "engine" as const, safety: false };
const test: TestLine = {
  ...common,
  id: "test:engine",
  kind: "test",
  how: { en: "start it" },
  caution: null,
  when: "alongside",
  waitHours: null,
};
const fuel: ReadingLine = {
  ...common,
  id: "reading:fuel",
  kind: "reading",
  how: { en: "gauge" },
  reading: "fuel",
  given: { capacityL: 150 },
};
const look: LookLine = {
  ...common,
  id: "look:canvas",
  kind: "look",
  how: { en: "seams" },
  surface: "deck",
  group: "deck",
};
const mark = (change: Partial<Mark> = {}): Mark => ({
  place: "locker",
  surface: "port-side",
  kind: "scratch",
  sizeMm: 100,
  aM: 3,
  bM: 0.8,
  words: "",
  ...change,
});
const markLine = (number: number, change: Partial<Mark> = {}): MarkLine => ({
  ...common,
  id: `mark:${id(number)}`,
  kind: "mark",
  place: "locker",
  group: "hull",
  mark: mark(change),
  photos: [],
  since: null,
});

const lines: Line[] = [countLine("fender", { expected: 6 }), test, fuel, look];
let number = 0;
const says = (values: Record<string, [string, unknown]>) =>
  Object.entries(values).map(([subject, [aspect, value]]) => entryOf((number += 1), subject, aspect, value));
const before = (values: Record<string, [string, unknown]>, extra: Line[] = []) => ({
  list: listOf([...lines, ...extra]),
  entries: says(values),
});
const after = (values: Record<string, [string, unknown]>, extra: Line[] = []) => ({
  list: listOf([...lines, ...extra], { kind: "check-out" }),
  entries: says(values),
});
const fine = {
  "line:count:fender": ["count", { count: 6 }],
  "line:test:engine": ["result", { result: "works" }],
  "line:reading:fuel": ["reading", { litres: 150 }],
  "line:look:canvas": ["look", { state: "sound" }],
} as Record<string, [string, unknown]>;
const kinds = (a: ReturnType<typeof before>, b: ReturnType<typeof after>) =>
  compare(a, b).map((difference) => difference.kind);

describe("compare", () => {
  it("finds nothing between the same facts", () => expect(compare(before(fine), after(fine))).toEqual([]));

  it("counts what is missing and what was found again, with both sides' evidence", () => {
    const [lost] = compare(before(fine), after({ ...fine, "line:count:fender": ["count", { count: 5 }] }));
    expect(lost).toMatchObject({
      kind: "missing",
      change: -1,
      before: { value: { count: 6 } },
      after: { value: { count: 5 } },
    });
    expect(lost?.before?.by).toEqual({ side: "base", person: id(903) });
    const [found] = compare(before({ ...fine, "line:count:fender": ["count", { count: 5 }] }), after(fine));
    expect(found).toMatchObject({ kind: "extra", change: 1 });
  });

  it("tells what fails now from what was never tried", () => {
    expect(
      compare(before(fine), after({ ...fine, "line:test:engine": ["result", { result: "fails", remark: "dead" }] }))[0],
    ).toMatchObject({ kind: "test-failing", unknownSince: false });
    const untried = {
      ...fine,
      "line:test:engine": ["result", { result: "not-tried", reason: "wind", withinHours: 24 }],
    } as typeof fine;
    expect(
      compare(
        before(untried),
        after({ ...fine, "line:test:engine": ["result", { result: "fails", remark: "dead" }] }),
      )[0],
    ).toMatchObject({ kind: "test-failing", unknownSince: true });
    expect(kinds(before(untried), after(fine))).toEqual([]);
    expect(
      kinds(before({ ...fine, "line:test:engine": ["result", { result: "works-but", remark: "slow" }] }), after(fine)),
    ).toEqual(["test-working"]);
  });

  describe("with what came in between", () => {
    const broken = { ...fine, "line:test:engine": ["result", { result: "fails", remark: "dead" }] } as typeof fine;
    const untried = (withinHours: number | null) =>
      ({
        ...fine,
        "line:test:engine": ["result", { result: "not-tried", reason: "wind", withinHours }],
      }) as typeof fine;
    const base = { v: 1, handover: id(900), by: { side: "skipper", person: id(903) } };
    const left = {
      ...base,
      id: id(801),
      kind: "left-berth",
      at: "2027-06-12T16:00:00.000Z",
      leftAt: "2027-06-12T16:00:00.000Z",
    };
    const finding = (at: string) => ({
      ...base,
      id: id(802),
      kind: "late-finding",
      at,
      line: "test:engine",
      words: "dead",
      photos: [],
    });
    const startsAs = (withinHours: number | null, addenda: unknown[]) =>
      compare({ ...before(untried(withinHours)), addenda }, after(broken))[0]?.startsAs;

    it("is the base's what it could not show; nobody's when a deadline passed in silence", () => {
      expect(startsAs(null, [left])).toEqual({ as: "base", because: "never-shown" });
      expect(startsAs(24, [left])).toEqual({ as: "unclear", because: "deadline-passed" });
      expect(compare(before(fine), after(broken))[0]?.startsAs).toEqual({ as: "unclear", because: null });
    });

    it("is known what was reported in time, by the time it was made and from leaving the berth", () => {
      expect(startsAs(24, [left, finding("2027-06-13T15:59:00.000Z")])).toEqual({
        as: "base",
        because: "reported-in-time",
      });
      expect(startsAs(24, [left, finding("2027-06-13T16:01:00.000Z")])).toEqual({
        as: "unclear",
        because: "deadline-passed",
      });
      const answer = {
        ...base,
        id: id(803),
        kind: "answer",
        at: "2027-06-14T08:00:00.000Z",
        to: id(802),
        answer: "there-before",
        words: "",
      };
      expect(startsAs(24, [left, finding("2027-06-13T16:01:00.000Z"), answer])).toEqual({
        as: "base",
        because: "accepted-as-before",
      });
    });

    it("counts from what the base's last visit left aboard", () => {
      const visit = (number: number, count: number) => ({
        ...base,
        id: id(number),
        kind: "visit",
        at: "2027-06-14T10:00:00.000Z",
        words: "",
        touched: [{ line: "count:fender", count }],
      });
      const back = after({ ...fine, "line:count:fender": ["count", { count: 7 }] });
      // an export carries the rows as they were kept, with the content inside
      expect(
        compare(
          {
            ...before(fine),
            addenda: [
              { id: id(804), kind: "visit", content: visit(804, 5) },
              { id: id(805), kind: "visit", content: visit(805, 7) },
            ],
          },
          back,
        ),
      ).toEqual([]);
      expect(compare({ ...before(fine), addenda: [visit(804, 8)] }, back)[0]).toMatchObject({
        kind: "missing",
        change: -1,
      });
    });
  });

  it("tells what was used up and what lies elsewhere from what is lost", () => {
    const used = [countLine("impeller", { expected: 2, consumed: true })];
    const had = { ...fine, "line:count:impeller": ["count", { count: 2 }] } as typeof fine;
    expect(
      compare(before(had, used), after({ ...had, "line:count:impeller": ["count", { count: 1 }] }, used))[0],
    ).toMatchObject({ kind: "consumed", change: -1 });
    const elsewhere = after(fine);
    elsewhere.entries.push(entryOf((number += 1), "line:count:fender", "found-in", { place: "saloon" }));
    expect(compare(before(fine), elsewhere)[0]).toMatchObject({ kind: "moved", change: 0 });
    expect(compare(elsewhere, elsewhere)).toEqual([]);
  });

  it("reckons readings: 150 l out, 128 l in, 22 l short", () => {
    expect(
      compare(before(fine), after({ ...fine, "line:reading:fuel": ["reading", { litres: 128 }] }))[0],
    ).toMatchObject({ kind: "reading-changed", change: -22 });
  });

  it("sees a part in worse or better state, and one nobody looked at again", () => {
    expect(kinds(before(fine), after({ ...fine, "line:look:canvas": ["look", { state: "damaged" }] }))).toEqual([
      "look-worse",
    ]);
    expect(kinds(before({ ...fine, "line:look:canvas": ["look", { state: "worn" }] }), after(fine))).toEqual([
      "look-better",
    ]);
    const { "line:look:canvas": _gone, ...rest } = fine;
    expect(kinds(before(fine), after(rest))).toEqual(["not-checked-again"]);
  });

  it("knows a mark by its id, and by kind, surface and place", () => {
    const old = before({ ...fine, [`mark:${id(77)}`]: ["mark", mark()] });
    const onList = [markLine(77)];
    expect(
      kinds(old, after({ ...fine, [`line:mark:${id(77)}`]: ["mark-state", { state: "still-so" }] }, onList)),
    ).toEqual([]);
    expect(kinds(old, after({ ...fine, [`line:mark:${id(77)}`]: ["mark-state", { state: "worse" }] }, onList))).toEqual(
      ["mark-worse"],
    );
    expect(
      kinds(old, after({ ...fine, [`line:mark:${id(77)}`]: ["mark-state", { state: "mended" }] }, onList)),
    ).toEqual(["mark-mended"]);
    // nobody confirmed it, but a mark was set at the same spot: it is the same one
    expect(kinds(old, after({ ...fine, [`mark:${id(78)}`]: ["mark", mark({ aM: 3.1, bM: 0.85 })] }, onList))).toEqual(
      [],
    );
    expect(
      kinds(old, after({ ...fine, [`mark:${id(78)}`]: ["mark", mark({ aM: 3.1, sizeMm: 150 })] }, onList)),
    ).toEqual(["mark-worse"]);
    expect(kinds(old, after({ ...fine, [`mark:${id(78)}`]: ["mark", mark({ aM: 3.3 })] }, onList))).toEqual([
      "new-mark",
    ]);
    expect(kinds(old, after({ ...fine, [`mark:${id(78)}`]: ["mark", mark({ kind: "dent" })] }, onList))).toEqual([
      "new-mark",
    ]);
  });

  it("puts the picture of its side at check-in beside a new mark, where there is one", () => {
    const view: Line = { ...common, id: "view:port-side", kind: "view", surface: "port-side", photos: [] };
    const photo = "c".repeat(64);
    const old = before({ ...fine, "line:view:port-side": [`photo:${photo}`, { attached: true, takenAt: null }] }, [
      view,
    ]);
    old.entries.push(...says({ "line:view:port-side": ["view", { shown: true }] }));
    const fresh = (surface: Mark["surface"]) =>
      compare(old, after({ ...fine, [`mark:${id(81)}`]: ["mark", mark({ surface })] }, [view])).find(
        (each) => each.kind === "new-mark",
      );
    expect(fresh("port-side")?.before).toMatchObject({ value: null, photos: [photo] });
    expect(fresh("stern")?.before).toBeNull();
  });

  it("goes by the base's own limits of what is one mark and what is worse, as the list carries them", () => {
    const old = before({ ...fine, [`mark:${id(77)}`]: ["mark", mark()] });
    const strict = after({ ...fine, [`mark:${id(78)}`]: ["mark", mark({ aM: 3.1, sizeMm: 140 })] }, [markLine(77)]);
    // 10 cm off and 1.4 times as long: the same mark and no worse by the usual 15 cm and 1.5 times
    expect(kinds(old, strict)).toEqual([]);
    const ruled = (change: Partial<BaseRules>) =>
      kinds(old, { ...strict, list: { ...strict.list, rules: { ...usualRules, ...change } } });
    expect(ruled({ markWorseFactor: 1.3 })).toEqual(["mark-worse"]);
    expect(ruled({ markToleranceM: 0.05 })).toEqual(["new-mark"]);
  });

  it("leaves out a mark that was taken back, and shows a thing on no list", () => {
    expect(
      kinds(
        before(fine),
        after({ ...fine, [`mark:${id(79)}`]: ["mark", { withdrawn: true, reason: "set by mistake" }] }),
      ),
    ).toEqual([]);
    expect(
      kinds(
        before(fine),
        after({ ...fine, [`found:${id(80)}`]: ["found", { place: "locker", words: "a red bag", count: 1 }] }),
      ),
    ).toEqual(["found-thing"]);
  });

  it("refuses records of two yachts, two stays or two revisions of the file", () => {
    const other = after(fine);
    other.list = { ...other.list, yacht: { ...other.list.yacht, id: id(1) } };
    expect(() => compare(before(fine), other)).toThrow(InputError);
    const stay = after(fine);
    stay.list = { ...stay.list, stay: { ...stay.list.stay, id: id(1) } };
    expect(() => compare(before(fine), stay)).toThrow("two different stays");
    const revised = after(fine);
    revised.list = { ...revised.list, yacht: { ...revised.list.yacht, revision: 2 } };
    expect(() => compare(before(fine), revised)).toThrow("two revisions of her file");
  });

  const counts = fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })), {
    minLength: 1,
    maxLength: 20,
  });
  const markSet = fc.array(
    fc.record({
      a: fc.integer({ min: 0, max: 40 }),
      b: fc.integer({ min: 0, max: 8 }),
      kind: fc.constantFrom("scratch", "dent"),
    }),
    { maxLength: 8 },
  );
  const record = (values: number[], marks: { a: number; b: number; kind: string }[], from: number) => ({
    list: listOf(values.map((_, i) => countLine(`thing-${i}`, { expected: 5 }))),
    entries: [
      ...values.map((count, i) => entryOf(from + i, `line:count:thing-${i}`, "count", { count })),
      ...marks.map(({ a, b, kind }, i) =>
        entryOf(
          from + 500 + i,
          `mark:${id(from + 700 + i)}`,
          "mark",
          mark({ aM: a / 10, bM: b / 10, kind: kind as "dent" }),
        ),
      ),
    ],
  });

  it("gives the same for any order of entries, and nothing for a record against itself", () => {
    fc.assert(
      fc.property(counts, markSet, markSet, (pairs, one, other) => {
        const a = record(
          pairs.map(([was]) => was),
          one,
          1000,
        );
        const b = record(
          pairs.map(([, is]) => is),
          other,
          3000,
        );
        const straight = compare(a, b);
        expect(
          compare({ ...a, entries: [...a.entries].reverse() }, { ...b, entries: [...b.entries].reverse() }),
        ).toEqual(straight);
        expect(compare(a, a)).toEqual([]);
        expect(compare(b, b)).toEqual([]);
        expect(straight.filter((each) => each.kind === "missing" || each.kind === "extra")).toHaveLength(
          pairs.filter(([was, is]) => was !== is).length,
        );
      }),
      { numRuns: 150 },
    );
  });
});

describe("matching marks", () => {
  const placed = (name: string, aM: number, bM = 0) => ({ id: name, mark: mark({ aM, bM }) });

  it("makes as many pairs as possible before the distance counts", () => {
    // a–x is nearest, but a–y and b–x together make two pairs
    expect(matchMarks([placed("a", 0), placed("b", 0.2)], [placed("x", 0.08), placed("y", -0.1)], 0.15)).toEqual([
      ["a", "y"],
      ["b", "x"],
    ]);
  });

  /** Every way of pairing, by brute force: most pairs, then least distance in tenths of a millimetre. */
  function brute(
    left: { id: string; mark: Mark }[],
    right: { id: string; mark: Mark }[],
    toleranceM: number,
  ): { pairs: number; distance: number } {
    const [first, ...rest] = left;
    if (!first) return { pairs: 0, distance: 0 };
    let best = brute(rest, right, toleranceM);
    for (const other of right) {
      const d = Math.round(Math.hypot(first.mark.aM - other.mark.aM, first.mark.bM - other.mark.bM) * 10_000);
      if (d > Math.round(toleranceM * 10_000)) continue;
      const below = brute(
        rest,
        right.filter((each) => each !== other),
        toleranceM,
      );
      const found = { pairs: below.pairs + 1, distance: below.distance + d };
      if (found.pairs > best.pairs || (found.pairs === best.pairs && found.distance < best.distance)) best = found;
    }
    return best;
  }

  it("is as good as brute force on small cases", () => {
    const points = fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 6 })), {
      maxLength: 5,
    });
    fc.assert(
      fc.property(points, points, (a, b) => {
        const left = a.map(([x, y], i) => placed(`l${i}`, x / 20, y / 20));
        const right = b.map(([x, y], i) => placed(`r${i}`, x / 20, y / 20));
        const pairs = matchMarks(left, right, 0.15);
        const distance = pairs.reduce((sum, [l, r]) => {
          const [one, other] = [left.find((each) => each.id === l), right.find((each) => each.id === r)];
          return (
            sum +
            Math.round(
              Math.hypot((one?.mark.aM ?? 0) - (other?.mark.aM ?? 0), (one?.mark.bM ?? 0) - (other?.mark.bM ?? 0)) *
                10_000,
            )
          );
        }, 0);
        expect({ pairs: pairs.length, distance }).toEqual(brute(left, right, 0.15));
        expect(new Set(pairs.map(([l]) => l)).size).toBe(pairs.length);
        expect(new Set(pairs.map(([, r]) => r)).size).toBe(pairs.length);
      }),
      { numRuns: 400 },
    );
  });
});
