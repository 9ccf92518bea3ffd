import { demoYacht } from "@/testing/demo-yacht";
import { readDates, readNumbers, readSeries } from "./last-readings";
import { readingRules } from "../readings";
import type { EarlierReading } from "../readings/rule";

const file = demoYacht("pale-heron");
const dated = Object.keys(file.readings).filter((key) => file.readings[key]?.kind === "dated-item");
const [first, second, third] = dated as [string, string, string];
const at = "2027-06-12T08:00:00.000Z";
const read = (date: string) => [{ value: { date }, at }];

describe("dates that run out", () => {
  // by the calendar: 45 days after 12 June is 27 July
  const history = {
    [`reading:${first}`]: read("2027-07-27"),
    [`reading:${second}`]: read("2027-06-11"),
    [`reading:${third}`]: read("2027-07"),
  };

  it("come soonest first, past ones stop, near ones watch", () => {
    expect(readDates(file, history, "2027-06-12").map(({ reading, verdict }) => [reading, verdict])).toEqual([
      [second, "stop"],
      [first, "watch"],
      [third, "fine"],
    ]);
  });

  it("count a month to its last day", () => {
    const [printed] = readDates(file, { [`reading:${third}`]: read("2027-02") }, "2027-02-28");
    expect(printed).toMatchObject({ goodUntil: "2027-02-28", date: "2027-02", verdict: "watch" });
  });

  it("are those that were read last", () => {
    const twice = [...read("2027-06-30"), ...read("2029-06-30")];
    expect(readDates(file, { [`reading:${first}`]: twice }, "2027-06-12")).toMatchObject([
      { goodUntil: "2029-06-30", verdict: "fine" },
    ]);
  });

  it("leave out what nobody read and what is no day", () => {
    expect(readDates(file, {}, "2027-06-12")).toEqual([]);
    expect(readDates(file, { [`reading:${first}`]: read("2027-13") }, "2027-06-12")).toEqual([]);
  });
});

describe("numbers over time", () => {
  it("are the field that its rule keeps, oldest first", () => {
    const hours = Object.keys(file.readings).find((key) => file.readings[key]?.kind === "engine-hours")!;
    const history: Record<string, EarlierReading[]> = {
      [`reading:${hours}`]: [
        { value: { hours: 1440.5 }, at: "2027-06-05T08:00:00.000Z" },
        { value: { note: "gauge dark" }, at: "2027-06-06T08:00:00.000Z" },
        { value: { hours: 1452 }, at },
      ],
    };
    expect(readSeries(file, history)).toEqual([
      {
        reading: hours,
        name: file.readings[hours]!.name,
        field: "hours",
        points: [
          { at: "2027-06-05T08:00:00.000Z", value: 1440.5 },
          { at, value: 1452 },
        ],
      },
    ]);
  });

  it("know the unit of every number that a rule keeps", () => {
    const kept = Object.values(readingRules).flatMap(({ number }) => (number === null ? [] : [number]));
    expect(kept.filter((field) => !(readNumbers as readonly string[]).includes(field))).toEqual([]);
  });
});
