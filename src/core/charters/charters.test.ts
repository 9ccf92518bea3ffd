import { readdirSync } from "node:fs";
import fc from "fast-check";
import { addDays } from "../basics/instant";
import { mismatch } from "@/formats/validate";
import { UsualCharters, usualCharters } from "./agreed";
import { daysFault, daysIn, freeFrom, nextSaturday, stayOf, type AgreedDays } from "./days";
import { isPageName, nextReference } from "./reference";

const week: AgreedDays = { fromDay: "2027-06-12", outAt: "17:00", toDay: "2027-06-19", backAt: "09:00" };

describe("the days of a charter", () => {
  it.each([
    ["a week", {}, null],
    ["a day and back", { toDay: "2027-06-12", outAt: "09:00", backAt: "17:00" }, null],
    ["no day of the calendar", { toDay: "2027-02-30" }, { field: "toDay", what: "no-day" }],
    ["back before out", { toDay: "2027-06-11" }, { field: "toDay", what: "ends-before" }],
    ["of zero hours", { toDay: "2027-06-12", backAt: "17:00" }, { field: "toDay", what: "ends-before" }],
    ["of one hour", { toDay: "2027-06-12", backAt: "18:00" }, { field: "backAt", what: "too-short" }],
    ["a year typed wrong", { toDay: "2028-06-19" }, { field: "toDay", what: "too-long" }],
  ])("%s", (_name, change, fault) => {
    expect(daysFault({ ...week, ...change }, "Atlantic/Azores")).toEqual(fault);
  });

  it("are hours of the base's own clock, also where it changes in between", () => {
    // Berlin goes from UTC+1 to UTC+2 on 28 March 2027, and skips 02:00 to 03:00 then
    const spring = { ...week, fromDay: "2027-03-27", outAt: "17:00", toDay: "2027-03-28", backAt: "02:30" };
    expect(stayOf(spring, "Europe/Berlin")).toEqual({
      startsAt: "2027-03-27T16:00:00.000Z",
      endsAt: "2027-03-28T01:30:00.000Z",
    });
    const autumn = { ...week, fromDay: "2027-10-30", outAt: "17:00", toDay: "2027-10-31", backAt: "09:00" };
    expect(stayOf(autumn, "Europe/Berlin")).toEqual({
      startsAt: "2027-10-30T15:00:00.000Z",
      endsAt: "2027-10-31T08:00:00.000Z",
    });
  });

  it("come back as they were typed", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 4, max: 23 }),
        fc.constantFrom("Atlantic/Azores", "Europe/Berlin", "Pacific/Auckland", "America/St_Johns"),
        (day, nights, hour, zone) => {
          const fromDay = addDays("2024-01-01", day);
          const time = `${String(hour).padStart(2, "0")}:15`;
          const days = { fromDay, outAt: time, toDay: addDays(fromDay, nights), backAt: time };
          const { startsAt, endsAt } = stayOf(days, zone);
          expect(daysIn(startsAt, endsAt, zone)).toEqual(days);
        },
      ),
    );
  });

  it("begin on a Saturday where nobody says otherwise", () => {
    // 12 June 2027 is a Saturday
    expect(["2027-06-11", "2027-06-12", "2027-06-13"].map(nextSaturday)).toEqual([
      "2027-06-12",
      "2027-06-12",
      "2027-06-19",
    ]);
  });

  it("leave her time between two", () => {
    expect(freeFrom("2027-06-19T09:00:00.000Z", 4)).toBe("2027-06-19T13:00:00.000Z");
  });
});

describe("the next reference", () => {
  it.each([
    [["BR-1065", "BR-1064"], "BR-1066"],
    [["BR-1065", "BR-1066"], "BR-1067"],
    [["2027/099"], "2027/100"],
    [["A-0009"], "A-0010"],
    [["by telephone", "X7"], "X8"],
    [[], "C-1001"],
  ])("after %j is %s", (last, next) => {
    expect(nextReference(last)).toBe(next);
  });
});

it("what is usual at a new base fits, and invents no sum", () => {
  expect(mismatch(UsualCharters, usualCharters)).toBeNull();
  expect(Object.values(usualCharters.templates).map(({ terms }) => terms.deposit)).toEqual([
    { amountMinor: 0, how: "none" },
  ]);
});

describe("what no charter is called", () => {
  it("is the name of every page that lies where a charter's would", () => {
    const pages = readdirSync("src/app/(desk)/charters").filter((name) => !/[[.]/.test(name));
    expect(pages).toContain("programs");
    for (const page of pages)
      expect([page, isPageName(page), isPageName(page.toUpperCase())]).toEqual([page, true, true]);
    expect(isPageName("BR-1052")).toBe(false);
  });
});
