import { countLine, entryOf, id, listOf } from "../../../testing/records";
import { usualRules } from "../../base/rules";
import { fold } from "../fold";
import type { TestLine } from "../lines";
import type { Addendum } from "./addendum";
import { hoursFor, isInTime, leftBerthAt, openLines } from "./deadlines";

const sail: TestLine = {
  id: "test:sail",
  kind: "test",
  place: "locker",
  name: { en: "Mainsail" },
  system: "rig-and-sails",
  safety: false,
  how: { en: "hoist" },
  caution: null,
  when: "may-wait",
  waitHours: 24,
};
const list = listOf([sail, { ...sail, id: "test:horn", when: "alongside", waitHours: null }, countLine("fender")], {
  rules: { ...usualRules, lateHours: 12 },
});
const folded = fold([
  entryOf(1, "line:test:sail", "result", { result: "not-tried", reason: "wind", withinHours: 24 }),
  entryOf(2, "line:test:horn", "result", { result: "not-tried", reason: "early", withinHours: null }),
]);
const left = (number: number, leftAt: string): Addendum => ({
  v: 1,
  id: id(number),
  handover: list.handover,
  at: leftAt,
  by: { side: "skipper", person: id(903) },
  kind: "left-berth",
  leftAt,
});

describe("the clock of what was not tried", () => {
  it("has not begun while she lies at the berth, however long ago it was signed", () => {
    expect(leftBerthAt([])).toBeNull();
    expect(openLines(list, folded, null).map(({ line, hours, until }) => [line.id, hours, until])).toEqual([
      ["test:sail", 24, null],
      ["test:horn", 12, null],
    ]);
    expect(isInTime("2027-07-01T00:00:00.000Z", null, 24)).toBe(true);
  });

  it("runs from leaving the berth: signed at six, gone at nine, until nine next day; the base's hours where a line says none", () => {
    const leftAt = leftBerthAt([left(2, "2027-06-13T08:00:00.000Z"), left(3, "2027-06-13T12:00:00.000Z")]);
    // the first word stands
    expect(leftAt).toBe("2027-06-13T08:00:00.000Z");
    expect(openLines(list, folded, leftAt).map(({ until }) => until)).toEqual([
      "2027-06-14T08:00:00.000Z",
      "2027-06-13T20:00:00.000Z",
    ]);
    expect([
      hoursFor(list, folded, "test:sail"),
      hoursFor(list, folded, "count:fender"),
      hoursFor(list, folded, null),
    ]).toEqual([24, 12, 12]);
  });

  it("goes by when a finding was made: to the minute in time, a minute later late", () => {
    const leftAt = "2027-06-13T08:00:00.000Z";
    expect(isInTime("2027-06-14T08:00:00.000Z", leftAt, 24)).toBe(true);
    expect(isInTime("2027-06-14T08:01:00.000Z", leftAt, 24)).toBe(false);
  });
});
