import { drillsOf } from "@/core/drills/hers";
import { demoYacht } from "@/testing/demo-yacht";
import { DrillRun, type RunMade } from "./drill-run";

const hers = (key: string) => drillsOf(demoYacht("pale-heron")).find((each) => each.key === key)!;
const firstOf = (key: string) => [hers(key), hers(key).tasks[0]!] as const;
/** Frames of a sixtieth, for so many seconds. */
const frames = (run: DrillRun, seconds: number, fromMs: number): number => {
  const frameMs = 1000 / 60;
  for (let at = 0; at <= seconds * 60; at++) run.tick(fromMs + at * frameMs);
  return fromMs + seconds * 1000;
};
const press = (run: DrillRun, control: string) => run.act({ do: "press", control });
const release = (run: DrillRun, control: string) => run.act({ do: "release", control });

describe("a drill on a page", () => {
  it("goes on with the frames, at half the pace, or not at all, and misses nothing by a page that was away", () => {
    const run = new DrillRun(...firstOf("engine"));
    let ms = frames(run, 2, 1000);
    expect(run.at).toBeCloseTo(2, 1);
    run.setPace("slow");
    ms = frames(run, 2, ms);
    expect(run.at).toBeCloseTo(3, 1);
    run.setPace("paused");
    ms = frames(run, 5, ms);
    expect(run.at).toBeCloseTo(3, 1);
    run.setPace("usual");
    // an hour in the pocket is a quarter of a second
    run.tick(ms + 3_600_000);
    expect(run.at).toBeCloseTo(3.25, 1);
  });

  it("is told to who reads it once for each frame and each deed", () => {
    const run = new DrillRun(...firstOf("engine"));
    let heard = 0;
    const stop = run.subscribe(() => heard++);
    press(run, "power");
    frames(run, 1, 0);
    expect(heard).toBe(61);
    stop();
    press(run, "start");
    expect(heard).toBe(61);
  });

  it("begins again from just before a mistake, with what was done until then and no button held", () => {
    const run = new DrillRun(...firstOf("engine"));
    press(run, "power");
    let ms = frames(run, 0.5, 0);
    release(run, "power");
    press(run, "start");
    ms = frames(run, 2, ms);
    release(run, "start");
    ms = frames(run, 20, ms);
    const [mistake] = run.mistakes;
    expect(mistake?.code).toBe("cooling-not-looked-at");
    run.goBack(mistake!.at);
    expect([run.at, run.mistakes, run.state.running]).toEqual([expect.closeTo(mistake!.at - 3, 6), [], true]);
    run.act({ do: "look", control: "exhaust" });
    frames(run, 6, ms);
    expect(run.mistakes).toEqual([]);
    run.again();
    expect([run.at, run.state.running, run.told]).toEqual([0, false, []]);
  });

  it("lets go of what was held where it begins again", () => {
    const run = new DrillRun(...firstOf("engine"));
    press(run, "power");
    let ms = frames(run, 1, 0);
    press(run, "start");
    ms = frames(run, 8, ms);
    run.goBack(6);
    expect(run.state.start).toBeUndefined();
    frames(run, 20, ms);
    expect(run.told.map(({ code }) => code)).toContain("fires");
  });

  it("shows what is looked at for some seconds, and whoever is to make gas safe finds it leaking", () => {
    const run = new DrillRun(...firstOf("engine"));
    run.act({ do: "look", control: "exhaust" });
    expect(run.looksAt).toBe("exhaust");
    frames(run, 5, 0);
    expect(run.looksAt).toBeNull();
    const gas = new DrillRun(
      hers("gas"),
      hers("gas").tasks.find(({ task }) => task === "smell")!,
    );
    gas.act({ do: "set", control: "bottle", to: "open" });
    frames(gas, 11, 0);
    expect(gas.state.alarm).toBe(true);
  });

  /** Starts her and stops her as one should, and walks away. */
  const startAndStop = (run: DrillRun, fromMs: number): number => {
    press(run, "power");
    let ms = frames(run, 0.5, fromMs);
    release(run, "power");
    press(run, "start");
    ms = frames(run, 2, ms);
    release(run, "start");
    ms = frames(run, 8, ms);
    run.act({ do: "look", control: "exhaust" });
    press(run, "stop");
    ms = frames(run, 6, ms);
    release(run, "stop");
    press(run, "power");
    ms = frames(run, 0.5, ms);
    release(run, "power");
    run.act({ do: "leave" });
    return ms;
  };

  it("is over once one walks away with it done, and kept once as it went", () => {
    const made: RunMade[] = [];
    const run = new DrillRun(...firstOf("engine"), null, (each) => made.push(each));
    startAndStop(run, 0);
    expect([run.isDone, run.isOver]).toEqual([true, true]);
    expect(made).toEqual([{ value: "done", helped: false, mistakes: [], seconds: 17 }]);
    // nothing goes on, and nothing is kept a second time
    press(run, "power");
    run.giveUp();
    expect([run.state.panel, made.length]).toEqual([false, 1]);
    run.again();
    expect([run.isOver, run.at]).toEqual([false, 0]);
  });

  it("is given up after a mistake, and practice once one went back, slowed down or gave it a fault", () => {
    const made: RunMade[] = [];
    const keep = (each: RunMade) => void made.push(each);
    const first = new DrillRun(...firstOf("engine"), null, keep);
    first.giveUp();
    expect(made).toEqual([]);
    first.act({ do: "set", control: "lever", to: 0.5 });
    press(first, "power");
    frames(first, 0.2, 0);
    release(first, "power");
    press(first, "start");
    frames(first, 2, 200);
    expect(first.mistakes[0]?.code).toBe("cranked-in-gear");
    first.goBack(first.mistakes[0]!.at);
    first.again();
    expect(made.splice(0)).toEqual([{ value: "given-up", helped: true, mistakes: ["cranked-in-gear"], seconds: 0 }]);
    const slow = new DrillRun(...firstOf("engine"), null, keep);
    slow.setPace("slow");
    slow.setPace("usual");
    startAndStop(slow, 0);
    const faulty = new DrillRun(...firstOf("engine"), "isolator-off", keep);
    faulty.act({ do: "set", control: "isolator", to: "on" });
    startAndStop(faulty, 0);
    expect(made.map(({ value, helped, mistakes }) => [value, helped, mistakes])).toEqual([
      ["done", true, []],
      ["done", true, []],
    ]);
  });

  it("shows the task right, step by step, takes no hand meanwhile, and keeps nothing of it", () => {
    const made: RunMade[] = [];
    const run = new DrillRun(...firstOf("engine"), null, (each) => made.push(each));
    run.show();
    press(run, "stop");
    expect(run.state.stop).toBeUndefined();
    let ms = frames(run, 4, 0);
    expect(run.shownStep).toMatchObject({ do: "press", control: "start", avoids: "cranked-too-long" });
    ms = frames(run, 50, ms);
    expect([run.isDone, run.isOver, run.mistakes, made]).toEqual([true, true, [], []]);
    run.again();
    expect(run.isShown).toBe(false);
    startAndStop(run, ms);
    expect(made).toHaveLength(1);
    expect(made[0]?.helped).toBe(false);
  });
});
