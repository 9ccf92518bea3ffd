import { demoYacht } from "@/testing/demo-yacht";
import { id } from "@/testing/records";
import type { DayEntry, LogEntry } from "./entry";
import { isForBase } from "./entry";
import { logPoints } from "./export";
import { overdue } from "./overdue";
import { judgeRound, lastRound, roundItems, roundVerdict } from "./round";
import { roundReadings } from "./round-readings";

const zone = "Atlantic/Azores";
const heron = demoYacht("pale-heron");
const tonight = (number: number, at: string, until: string, more: object = {}): DayEntry => ({
  ...{ v: 1, id: id(number), yacht: "pale-heron", kind: "tonight", where: "Sallow Pool" },
  at,
  until,
  ...more,
});
const round = (number: number, at: string, litres: number): DayEntry => ({
  ...{ v: 1, id: id(number), yacht: "pale-heron", at, kind: "round", seconds: 80, looks: [] },
  readings: [{ reading: "fuel", values: { litres } }],
});

describe("the morning round", () => {
  it("asks for what this boat has, the engine cold first and running last", () => {
    const { looks, readings } = roundItems(heron);
    expect(looks).toEqual([
      "strainer",
      "seacock",
      "oil",
      "coolant",
      "belt",
      "bilge",
      "leaks",
      "exhaust-water",
      "charging",
    ]);
    expect(readings.slice(0, 4)).toEqual(["engine-hours", "fuel", "water-fore", "water-aft"]);
    expect(readings).toContain("battery-service");
    expect(readings).not.toContain("battery-starter");
  });

  it("asks for no strainer, belt or charge lamp of an outboard", () => {
    expect(roundItems(demoYacht("little-auk")).looks).toEqual(["oil", "bilge", "leaks", "exhaust-water"]);
  });

  it("has both engines of a catamaran read, and every tank", () => {
    const lanterns = demoYacht("two-lanterns");
    const kinds = roundItems(lanterns).readings.map((key) => lanterns.readings[key]!.kind);
    expect(kinds.filter((kind) => kind === "engine-hours")).toHaveLength(2);
    expect(kinds.filter((kind) => kind === "holding-tank")).toHaveLength(2);
  });

  const judged = (key: string, value: Record<string, number | string | boolean>) => {
    const judgement = judgeRound(heron, key, value, [], "2027-06-14T07:00:00.000Z")!;
    return [judgement.verdict, roundVerdict(heron, key, judgement)];
  };
  it("is judged as at the base, but less in a tank is no fault of the boat", () => {
    expect(judged("fuel", { litres: 60 })).toEqual(["watch", "fine"]);
    // more than goes in cannot be
    expect(judged("fuel", { litres: 400 })).toEqual(["stop", "stop"]);
    // AGM below 12.0 V at rest: stop
    expect(judged("battery-service", { volts: 11.9, restHours: 5 })[1]).toBe("stop");
    const holding = roundItems(heron).readings.find((key) => heron.readings[key]!.kind === "holding-tank")!;
    expect(judged(holding, { litres: 54 })[1]).toBe("stop");
    expect(judged(holding, { litres: 20 })[1]).toBe("fine");
    expect(judgeRound(heron, "no-such", {}, [], "2027-06-14T07:00:00.000Z")).toBeNull();
  });

  it("gives its readings to the planners, and the newest by its own time", () => {
    const log = [
      round(2, "2027-06-15T07:00:00.000Z", 90),
      round(1, "2027-06-14T07:00:00.000Z", 120),
      tonight(3, "2027-06-14T20:00:00.000Z", "2027-06-15T18:00:00.000Z"),
    ];
    expect(roundReadings(log).map(({ at, told, values }) => [at, told, values.litres])).toEqual([
      ["2027-06-15T07:00:00.000Z", "round", 90],
      ["2027-06-14T07:00:00.000Z", "round", 120],
    ]);
    expect(lastRound(log)?.id).toBe(id(2));
    expect(lastRound([])).toBeNull();
  });
});

describe("who has not said where it lies", () => {
  const said = tonight(1, "2027-06-14T19:00:00.000Z", "2027-06-15T18:00:00.000Z");
  it.each([
    ["2027-06-14T20:59:00.000Z", [], "not-yet", "2027-06-14T21:00:00.000Z"],
    ["2027-06-14T21:00:00.000Z", [], "not-said", null],
    ["2027-06-15T17:59:00.000Z", [said], "said", "2027-06-15T18:00:00.000Z"],
    ["2027-06-15T18:00:00.000Z", [said], "late", "2027-06-15T19:00:00.000Z"],
    ["2027-06-15T19:00:00.000Z", [said], "call", "2027-06-15T21:00:00.000Z"],
    ["2027-06-15T21:00:00.000Z", [said], "ask", "2027-06-16T00:00:00.000Z"],
    ["2027-06-16T00:00:00.000Z", [said], "alarm", null],
  ])("at %s", (now, log: LogEntry[], state, nextAt) => {
    expect(overdue(log, now, zone)).toMatchObject({ state, nextAt });
  });

  it("takes an hour more than three days ahead for none: a year typed wrong leaves nobody unmissed", () => {
    const at = (until: string) =>
      overdue([tonight(3, "2027-06-14T19:00:00.000Z", until)], "2027-06-14T22:00:00.000Z", zone);
    expect(at("2027-06-17T22:00:00.000Z").state).toBe("said");
    expect(at("2027-06-17T22:01:00.000Z")).toEqual({ state: "not-said", tonight: null, nextAt: null });
    expect(at("2028-06-15T18:00:00.000Z").state).toBe("not-said");
  });

  it("goes by what reached the base last, whatever a device's clock says", () => {
    const later = tonight(2, "2020-01-01T00:00:00.000Z", "2027-06-16T18:00:00.000Z");
    expect(overdue([said, later], "2027-06-16T10:00:00.000Z", zone).state).toBe("said");
  });
});

describe("the crew's own", () => {
  it("goes to the base only as a round, a night, or what is wrong", () => {
    const kinds = ["round", "tonight", "trouble", "trouble-answer", "trouble-call", "note", "position", "fuelled"];
    expect(kinds.filter((kind) => isForBase({ kind } as LogEntry))).toEqual(kinds.slice(0, 5));
  });

  it("makes a track of positions and of nights whose place is known", () => {
    const log: DayEntry[] = [
      {
        v: 1,
        id: id(1),
        yacht: "pale-heron",
        at: "2027-06-15T10:00:00.000Z",
        kind: "position",
        lon: -30.1,
        lat: 42.3,
        words: "",
      },
      tonight(2, "2027-06-14T19:00:00.000Z", "2027-06-15T18:00:00.000Z", { lon: -30.05, lat: 42.28 }),
      tonight(3, "2027-06-13T19:00:00.000Z", "2027-06-14T18:00:00.000Z"),
    ];
    expect(logPoints(log)).toEqual([
      { at: "2027-06-14T19:00:00.000Z", lon: -30.05, lat: 42.28, words: "Sallow Pool" },
      { at: "2027-06-15T10:00:00.000Z", lon: -30.1, lat: 42.3, words: "" },
    ]);
  });
});
