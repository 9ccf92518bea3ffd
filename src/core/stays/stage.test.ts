import { dayOf, stageOf } from "./stage";

const stay = {
  startsAt: "2027-06-12T15:00:00.000Z",
  timeZone: "Atlantic/Azores",
  isCheckedIn: false,
  isCheckedOut: false,
};

describe("the stage of a charter", () => {
  it.each([
    // in the summer the Azores keep UTC
    ["2027-06-11T23:59:00.000Z", {}, "before"],
    ["2027-06-12T00:00:00.000Z", {}, "day"],
    ["2027-06-14T09:00:00.000Z", {}, "day"],
    // the crew came the evening before
    ["2027-06-11T18:00:00.000Z", { isCheckedIn: true }, "under-way"],
    ["2027-06-30T09:00:00.000Z", { isCheckedIn: true }, "under-way"],
    ["2027-06-19T10:00:00.000Z", { isCheckedIn: true, isCheckedOut: true }, "after"],
  ])("at %s with %o is %s", (now, change, stage) => expect(stageOf({ ...stay, ...change }, now)).toBe(stage));
});

describe("the day of a charter", () => {
  // Saturday to Saturday are eight days
  it.each([
    ["2027-06-10T12:00:00.000Z", 1],
    ["2027-06-12T15:00:00.000Z", 1],
    ["2027-06-15T08:00:00.000Z", 4],
    ["2027-06-25T08:00:00.000Z", 8],
  ])("at %s is %i of 8", (now, day) =>
    expect(dayOf(stay.startsAt, "2027-06-19T09:00:00.000Z", now, stay.timeZone)).toEqual({ day, of: 8 }),
  );
});
