import { mismatch } from "../../../formats/validate";
import { demoYacht } from "../../../testing/demo-yacht";
import { drillsOf } from "../../drills/hers";
import { StudyAnswer } from "../study/answer";
import { makeBriefingPart } from "../study/make-part";
import { briefingPlan } from "../study/study";
import { askedNow, drilledOf } from "./drilled";
import { machineOf } from "./machine";
import type { DrillRunKept } from "./run";
import { taskStanding } from "./standing";
import { unknownIn } from "./unknown";

const heron = demoYacht("pale-heron");
const hers = (key: string) => drillsOf(heron).find((drill) => drill.key === key)!;
let second = 0;
/** A run of her autopilot, on the eve unless it is told otherwise. */
const run = (change: Partial<DrillRunKept> = {}): DrillRunKept => ({
  ...{ drill: "pilot", task: "test", machine: machineOf(hers("pilot"), hers("pilot").tasks[0]!) },
  ...{ day: "2027-06-10", value: "done", helped: false, mistakes: [], seconds: 30 },
  at: new Date(Date.UTC(2027, 5, 10, 20, 0, ++second)).toISOString(),
  ...change,
});
const said = (...runs: DrillRunKept[]): StudyAnswer[] =>
  runs.map((each, at) => ({
    ...{ v: 1, id: `00000000-0000-7000-8000-${String(at + 1).padStart(12, "0")}`, revision: 1, about: "drill" },
    ...each,
  }));
const wrong = () => run({ mistakes: ["steered-against-it"] });

describe("done alone on the drill", () => {
  const isAlone = (...runs: DrillRunKept[]) => taskStanding("test", runs).isAlone;
  it("is clean on two days, or three times running", () => {
    expect([isAlone(), isAlone(run()), isAlone(run(), run())]).toEqual([false, false, false]);
    expect(isAlone(run(), run({ day: "2027-06-11" }))).toBe(true);
    expect(isAlone(run(), wrong(), run({ day: "2027-06-11" }))).toBe(true);
    expect(isAlone(run(), run(), run())).toBe(true);
    expect(isAlone(run(), run(), wrong(), run())).toBe(false);
  });
  it("and stays so, whatever goes wrong afterwards", () => {
    expect(isAlone(run(), run(), run(), wrong())).toBe(true);
  });
  it("is not what was helped or given up", () => {
    expect(isAlone(run({ helped: true }), run({ helped: true }), run({ helped: true }))).toBe(false);
    expect(isAlone(run(), run(), run({ value: "given-up" }))).toBe(false);
  });
  it("tells the last run and every mistake, most first", () => {
    const standing = taskStanding("test", [wrong(), run({ mistakes: ["knob-turned-the-boat", "steered-against-it"] })]);
    expect(standing).toMatchObject({ runs: 2, inARow: 0, daysClean: 0, last: { isClean: false } });
    expect(standing.mistakes).toEqual([
      { code: "steered-against-it", count: 2 },
      { code: "knob-turned-the-boat", count: 1 },
    ]);
  });
});

describe("how a skipper stands with her devices", () => {
  const drilled = (...runs: DrillRunKept[]) =>
    briefingPlan(heron, said(...runs)).drilled.find(({ drill }) => drill.key === "pilot")!;

  it("counts only what was drilled on the machine she is today", () => {
    expect(drilled(run(), run({ day: "2027-06-11" })).isAlone).toBe(true);
    const other = { machine: "0".repeat(64) };
    expect(drilled(run(other), run({ ...other, day: "2027-06-11" })).isAlone).toBe(false);
    const slow = structuredClone(heron);
    slow.engines.main!.stopHoldSeconds = 6;
    const engineOf = (file: typeof heron) => drillsOf(file).find(({ key }) => key === "engine")!;
    expect(machineOf(engineOf(slow), { task: "start-and-stop" })).not.toBe(
      machineOf(engineOf(heron), { task: "start-and-stop" }),
    );
  });
  it("wants every task of a device", () => {
    const gas = (task: string, day: string) => {
      const of = hers("gas").tasks.find((each) => each.task === task)!;
      return run({ drill: "gas", task, day, machine: machineOf(hers("gas"), of) });
    };
    const standing = (...runs: DrillRunKept[]) =>
      drilledOf(heron, [], runs).find(({ drill }) => drill.key === "gas")?.isAlone;
    expect(standing(gas("cook", "2027-06-10"), gas("cook", "2027-06-11"))).toBe(false);
    expect(standing(...["2027-06-10", "2027-06-11"].flatMap((day) => [gas("cook", day), gas("smell", day)]))).toBe(
      true,
    );
  });
  it("is asked for what is briefed deeper than in short, once a day until it is done", () => {
    const as = (depth: "skim" | "normal") => new Map([["pilot", depth]]);
    expect(askedNow(drilled(), as("skim"), "2027-06-10")).toBe("free");
    expect(askedNow(drilled(), as("normal"), "2027-06-10")).toBe("now");
    expect(askedNow(drilled(run()), as("normal"), "2027-06-10")).toBe("another-day");
    expect(askedNow(drilled(run()), as("normal"), "2027-06-11")).toBe("now");
    expect(askedNow(drilled(wrong()), as("normal"), "2027-06-10")).toBe("now");
    expect(askedNow(drilled(run(), run(), run()), as("normal"), "2027-06-10")).toBe("done");
  });
});

describe("what a drill does to the briefing", () => {
  const alone = said(run(), run({ day: "2027-06-11" }));
  const minutesOf = (topic: string, answers: readonly StudyAnswer[], share?: number) =>
    briefingPlan(heron, answers, share).minutes[topic];

  it("makes the talk shorter by the base's share", () => {
    // the pilot's stop has two minutes: less 30 % is 1.4, to the half minute 1.5; less half is 1
    expect([minutesOf("pilot", []), minutesOf("pilot", alone), minutesOf("pilot", alone, 50)]).toEqual([2, 1.5, 1]);
    expect(minutesOf("pilot", alone, 0)).toBe(2);
    expect(minutesOf("pilot", said(run()))).toBe(2);
  });
  it("never what is tried with own hands", () => {
    const never: StudyAnswer = {
      ...{ v: 1, id: "00000000-0000-7000-8000-00000000aaaa", revision: 1, at: "2027-06-09T20:00:00Z" },
      ...{ about: "experience", value: { longestM: 12, weeks: 5, handled: ["diesel"], language: "en" } },
    };
    // half as much again is three minutes: two of talk, one of trying; the talk alone is halved
    expect([minutesOf("pilot", [never]), minutesOf("pilot", [never, ...alone], 50)]).toEqual([3, 2]);
  });
  it("nor a topic of safety", () => {
    const tasks = hers("engine").tasks;
    const engine = ["2027-06-10", "2027-06-11"].map((day) =>
      run({ drill: "engine", task: "start-and-stop", day, machine: machineOf(hers("engine"), tasks[0]!) }),
    );
    expect(minutesOf("engine-start", said(...engine))).toBe(minutesOf("engine-start", []));
  });
  it("is told to briefer and record with what went wrong", () => {
    const part = makeBriefingPart(heron, said(wrong(), run(), run({ day: "2027-06-11" })));
    expect(part.stops.find(({ id }) => id === "pilot")?.why).toContainEqual({ why: "drilled", values: {} });
    expect(part.drills).toEqual([
      {
        ...{ device: "pilot", task: "test", runs: 3, alone: true, clean: true, lastAt: expect.any(String) as string },
        mistakes: [{ code: "steered-against-it", count: 1 }],
      },
    ]);
    expect(makeBriefingPart(heron, []).drills).toBeUndefined();
  });
});

describe("a run as it is sent", () => {
  it("has its form, and names what devices know", () => {
    const [sound] = said(run());
    expect(mismatch(StudyAnswer, sound)).toBeNull();
    for (const change of [
      { day: "tomorrow" },
      { machine: "1" },
      { value: "maybe" },
      { seconds: -1 },
      { drill: "Pilot" },
    ])
      expect(mismatch(StudyAnswer, { ...sound, ...change })).not.toBeNull();
    expect(unknownIn(run())).toBeNull();
    expect(unknownIn(run({ drill: "head.fore", task: "flush", mistakes: ["paper-in-it"] }))).toBeNull();
    expect(unknownIn(run({ drill: "oven" }))?.where).toBe("/drill");
    expect(unknownIn(run({ task: "sail" }))?.where).toBe("/task");
    expect(unknownIn(run({ mistakes: ["burner-left"] }))?.what).toContain("burner-left");
  });
});
