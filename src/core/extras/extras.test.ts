import { mismatch } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { hired, paddleBoard } from "../../testing/extras";
import { YachtFile } from "../yacht/schema";
import { placeOf, toTakeOff, withExtras } from "./aboard";
import { extrasFaults } from "./faults";
import { hireFaults, hireMinor } from "./hire";

const heron = demoYacht("pale-heron");
const board = paddleBoard({
  test: { how: { en: "Pump it hard." }, caution: { en: "Leash on." } },
  brief: { say: { en: "Never in offshore wind." }, does: { en: "Puts the leash on." }, minutes: 3 },
});

describe("what was hired, aboard a yacht", () => {
  const file = withExtras(heron, [hired({ count: 2, extra: board })]);

  it("is counted, tested and briefed as if it were hers, in a file that is sound", () => {
    expect(mismatch(YachtFile, file)).toBeNull();
    expect(file.inventory["hired-paddle-board"]).toMatchObject({
      expected: 2,
      place: "stern",
      replacementMinor: 42000,
    });
    expect(file.tests["hired-paddle-board"]).toMatchObject({ when: "alongside", caution: { en: "Leash on." } });
    expect(file.stops["hired-paddle-board"]).toMatchObject({ minutes: 3, say: { en: "Never in offshore wind." } });
  });

  it("leaves her own file as it was, and adds nothing where nothing was hired", () => {
    expect(Object.keys(heron.inventory)).not.toContain("hired-paddle-board");
    expect(withExtras(heron, [])).toBe(heron);
    expect(withExtras(heron, [hired()]).tests).toEqual(heron.tests);
  });

  it("is stowed where it was agreed, or on another yacht in the first of its places that she has", () => {
    expect(placeOf(board, { places: { stern: heron.places["stern"]! } })).toBe("stern");
    const elsewhere = withExtras(heron, [
      hired({ place: "no-such-place", extra: paddleBoard({ places: ["attic", "bow"] }) }),
    ]);
    expect(elsewhere.inventory["hired-paddle-board"]?.place).toBe("bow");
  });

  it("is taken off her where the next charter has not hired it, or fewer of it", () => {
    const kayak = hired({ key: "kayak", count: 1 });
    expect(toTakeOff([hired({ count: 3 }), kayak], [hired({ count: 1 })])).toEqual([hired({ count: 2 }), kayak]);
    expect(toTakeOff([hired()], [hired({ count: 2 })])).toEqual([]);
  });
});

describe("the price of a hire", () => {
  const stay = (startsAt: string, endsAt: string) => ({ startsAt, endsAt });
  const week = stay("2027-06-12T15:00:00.000Z", "2027-06-19T08:00:00.000Z");
  const per = (hirePer: "charter" | "day" | "week", count = 1) => [hired({ count, extra: paddleBoard({ hirePer }) })];

  // by hand: Saturday to Saturday are eight days and one week
  it.each<[string, ReturnType<typeof per>, typeof week, number]>([
    ["for a charter", per("charter", 2), week, 18000],
    ["for a week from Saturday to Saturday", per("week"), week, 9000],
    ["for a week and a day", per("week"), stay(week.startsAt, "2027-06-20T08:00:00.000Z"), 18000],
    ["for eight days", per("day"), week, 72000],
    ["for one day", per("day"), stay("2027-06-12T08:00:00.000Z", "2027-06-12T16:00:00.000Z"), 9000],
    ["for a week that is one day", per("week"), stay("2027-06-12T08:00:00.000Z", "2027-06-12T16:00:00.000Z"), 9000],
  ])("is asked %s", (_what, extras, over, minor) => {
    expect(hireMinor(extras, over, "Atlantic/Azores")).toBe(minor);
  });

  it("counts the days of the base, not of Greenwich", () => {
    // half past eleven in the evening at UTC is the next day two hours east of it
    const night = stay("2027-06-12T22:30:00.000Z", "2027-06-13T10:00:00.000Z");
    expect(hireMinor(per("day"), night, "UTC")).toBe(18000);
    expect(hireMinor(per("day"), night, "Europe/Athens")).toBe(9000);
  });
});

describe("what cannot be hired", () => {
  const extras = { "paddle-board": paddleBoard({ stock: 3 }) };
  const elsewhere = [
    { key: "paddle-board", count: 2 },
    { key: "kayak", count: 9 },
  ];

  it("is more than is free over these days", () => {
    expect(hireFaults([{ key: "paddle-board", count: 1 }], extras, elsewhere)).toEqual([]);
    expect(hireFaults([{ key: "paddle-board", count: 2 }], extras, elsewhere)).toEqual([
      { what: "too-many", key: "paddle-board", free: 1 },
    ]);
    expect(hireFaults([{ key: "paddle-board", count: 1 }], extras, [...elsewhere, ...elsewhere])).toEqual([
      { what: "too-many", key: "paddle-board", free: 0 },
    ]);
  });

  it("is what the base does not lend, and the same thing twice", () => {
    expect(hireFaults([{ key: "toString", count: 1 }], extras, [])).toEqual([{ what: "unknown", key: "toString" }]);
    const twice = [
      { key: "paddle-board", count: 1 },
      { key: "paddle-board", count: 1 },
    ];
    expect(hireFaults(twice, extras, [])).toEqual([{ what: "twice", key: "paddle-board" }]);
  });
});

describe("a list of extras", () => {
  it("has each name once, days that there are and weights the right way round", () => {
    expect(extrasFaults({ a: paddleBoard(), b: paddleBoard({ name: { en: "Kayak" } }) })).toEqual([]);
    expect(
      extrasFaults({
        a: paddleBoard({ jacketKg: { from: 40, to: 20 } }),
        b: paddleBoard({ name: { en: "paddle BOARD" }, boughtOn: "2026-02-30" }),
      }),
    ).toEqual([
      { what: "weights-turned", key: "a" },
      { what: "name-twice", key: "b" },
      { what: "no-such-day", key: "b" },
    ]);
  });
});
