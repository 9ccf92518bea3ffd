import fc from "fast-check";
import { addDays } from "../basics/instant";
import {
  mondayOf,
  moved,
  moveFault,
  neighbour,
  placeInDays,
  runsOutWithin,
  shortGaps,
  type HeldByCharter,
} from "./calendar";

const zone = "Europe/Berlin";
/** A charter of Berlin's summer, UTC+2, from 17:00 to 09:00. */
const charter = (id: string, from: string, to: string, change: Partial<HeldByCharter> = {}): HeldByCharter => ({
  id,
  reference: `BR-${id}`,
  yacht: "pale-heron",
  startsAt: `${from}T15:00:00.000Z`,
  endsAt: `${to}T07:00:00.000Z`,
  freeFrom: `${to}T11:00:00.000Z`,
  aboard: 4,
  isBegun: false,
  isEnding: false,
  ...change,
});
const first = charter("1", "2027-06-12", "2027-06-19");
const second = charter("2", "2027-06-19", "2027-06-26");
const by = (startDays: number, endDays = startDays, yacht = "pale-heron") => ({ yacht, startDays, endDays });

describe("a place among days", () => {
  it.each([
    ["2027-06-12T15:00:00Z", "2027-06-12", 17 / 24],
    ["2027-06-12T22:30:00Z", "2027-06-12", 1 + 0.5 / 24],
    ["2027-06-11T22:00:00Z", "2027-06-12", 0],
    ["2027-06-11T21:00:00Z", "2027-06-12", -1 / 24],
    // the night of 28 March 2027 has 23 hours there, the day is as wide
    ["2027-03-29T07:00:00Z", "2027-03-27", 2 + 9 / 24],
  ])("%s from %s is %d", (instant, from, days) => {
    expect(placeInDays(instant, from, zone)).toBeCloseTo(days, 9);
  });
});

describe("moving a charter", () => {
  it("keeps its hours on the base's clock, also over the change of it", () => {
    expect(moved(first, by(7), zone)).toMatchObject({
      startsAt: "2027-06-19T15:00:00.000Z",
      endsAt: "2027-06-26T07:00:00.000Z",
      freeFrom: "2027-06-26T11:00:00.000Z",
    });
    // from 24 October to 31 October 2027, when Berlin goes from UTC+2 to UTC+1
    const autumn = charter("3", "2027-10-16", "2027-10-23");
    expect(moved(autumn, by(8), zone)).toMatchObject({
      startsAt: "2027-10-24T15:00:00.000Z",
      endsAt: "2027-10-31T08:00:00.000Z",
    });
  });

  it("there and back is nothing", () => {
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 400 }), fc.integer({ min: 0, max: 20 }), (days, more) => {
        const there = moved(first, by(days, days + more), zone);
        expect(moved(there, by(-days, -days - more), zone)).toEqual(first);
      }),
    );
  });

  it.each([
    ["to free days", first, by(-7), null],
    ["into another's days", first, by(1), { code: "promised", reference: "BR-2" }],
    ["its end into another's days", first, by(0, 2), { code: "promised", reference: "BR-2" }],
    ["its end into a turn-round that another needs", second, by(0, 1), null],
    ["right after another's turn-round", { ...second, startsAt: "2027-06-19T11:00:00.000Z" }, by(0), null],
    [
      "into another's turn-round",
      { ...second, startsAt: "2027-06-19T10:59:00.000Z" },
      by(0),
      { code: "promised", reference: "BR-1" },
    ],
    ["to another yacht", first, by(0, 0, "sea-thrift"), null],
    ["one that is too many for her", { ...first, aboard: 7 }, by(0, 0, "sea-thrift"), { code: "too-many" }],
    ["to a yacht that is closed", first, by(0, 0, "little-auk"), { code: "closed", id: "c" }],
    ["its end before its start", first, by(0, -7), { code: "ends-before" }],
    ["one that was begun", { ...first, isBegun: true }, by(-1), { code: "begun" }],
    ["one that was begun to another yacht", { ...first, isBegun: true }, by(0, 0, "sea-thrift"), { code: "begun" }],
    ["the end alone of one that was begun", { ...first, isBegun: true }, by(0, -1), null],
    ["the end of one that comes back", { ...first, isBegun: true, isEnding: true }, by(0, -1), { code: "ending" }],
  ])("%s", (_name, given, move, fault) => {
    const closings = [
      { id: "c", yacht: "little-auk", startsAt: "2027-06-18T00:00:00.000Z", endsAt: "2027-06-20T00:00:00.000Z" },
    ];
    const others = [first, second].map((each) => (each.id === given.id ? given : each));
    expect(moveFault(given, moved(given, move, zone), others, closings, 6)).toEqual(fault);
  });
});

describe("gaps", () => {
  it("are told where a turn-round does not fit", () => {
    expect(shortGaps([second, first, charter("3", "2027-06-12", "2027-06-19", { yacht: "a" })], 9)).toEqual([
      { yacht: "pale-heron", from: first.endsAt, until: second.startsAt, hours: 8 },
    ]);
    expect(shortGaps([first, second], 8)).toEqual([]);
  });
});

it("arrows go along a yacht's charters, and to the nearest of another's", () => {
  const third = charter("3", "2027-06-17", "2027-06-21", { yacht: "sea-thrift" });
  const fourth = charter("4", "2027-07-17", "2027-07-21", { yacht: "sea-thrift" });
  const all = [second, fourth, first, third];
  expect(neighbour(all, first, "after")?.id).toBe("2");
  expect(neighbour(all, first, "before")).toBeNull();
  expect(neighbour(all, second, "before")?.id).toBe("1");
  expect(neighbour(all, second, { yacht: "sea-thrift" })?.id).toBe("3");
  expect(neighbour(all, second, { yacht: "little-auk" })).toBeNull();
});

it("weeks begin on Monday", () => {
  // 14 June 2027 is a Monday
  const days = Array.from({ length: 7 }, (_, index) => addDays("2027-06-14", index));
  expect(new Set(days.map(mondayOf))).toEqual(new Set(["2027-06-14"]));
  expect(mondayOf("2027-06-13")).toBe("2027-06-07");
});

it("what runs out within a charter is told, on its last day no more", () => {
  const within = (day: string, yacht = "pale-heron") => runsOutWithin(first, { yacht, day }, zone);
  expect(["2027-06-11", "2027-06-12", "2027-06-18", "2027-06-19"].map((day) => within(day))).toEqual([
    false,
    true,
    true,
    false,
  ]);
  expect(within("2027-06-15", "sea-thrift")).toBe(false);
});
