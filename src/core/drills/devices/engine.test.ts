import { play } from "../../../testing/drill";

// every instant is worked out by hand from the setup: fires 1.5 s after cranking begins, water half of 12 s later, dead after
// 4 s of stop
const started = "0 power; 0.5 -power; 4 start; 6 -start; ";
const looked = `${started}18 look exhaust; `;
const stopped = "40 stop; 45 -stop; 46 power; 46.5 -power";
const engine = (words: string, until: number, more: Parameters<typeof play>[3] = {}) =>
  play("engine", words, until, { task: "start-and-stop", ...more });

describe("an engine", () => {
  it("that is started, looked at, stopped and put off is through, without a mistake", () => {
    const run = engine(looked + stopped, 90);
    expect(run.happened).toEqual(["cranks@4", "fires@5.5", "water@11.5", "dead@44"]);
    expect([run.wrong, run.done, run.clean]).toEqual([[], true, true]);
  });

  it("does not turn without panel or isolator, and fires where it wants only with throttle", () => {
    expect(engine("4 start", 10).happened).toEqual([]);
    expect(engine("0 isolator=off; 1 power; 4 start", 10).happened).toEqual([]);
    const cold = { setup: { startThrottle: 0.3 } };
    expect(engine(started, 10, cold).happened).toEqual(["cranks@4"]);
    expect(engine("0 hub=in; 0 lever=0.3; 0 power; 4 start", 10, cold).happened).toEqual(["cranks@4", "fires@5.5"]);
    expect(engine("0 lever=0.3; 0 power; 4 start", 10, cold).happened).toEqual(["cranks@4"]);
  });

  it("is looked at when water is there, or when it should be: neither too early nor too late", () => {
    // water at 11.5, due by 17.5, judged at 22.5
    expect(engine(`${started}8 look exhaust`, 40).wrong).toEqual(["cooling-not-looked-at@22.5"]);
    expect(engine(`${started}12 look exhaust`, 40).wrong).toEqual([]);
    expect(engine(`${started}17.5 look exhaust`, 20, { faults: ["no-cooling-water"] }).wrong).toEqual([]);
    expect(engine(`${started}23 look exhaust`, 40).wrong).toEqual(["cooling-not-looked-at@22.5"]);
    expect(engine(started, 22.4).wrong).toEqual([]);
  });

  it.each(["no-cooling-water", "strainer-blocked", "seacock-shut"])(
    "runs dry with %s: 22 s after firing, alarm at 60",
    (fault) => {
      const run = engine(looked, 90, { faults: [fault] });
      expect(run.happened).toEqual(["cranks@4", "fires@5.5", "alarm@65.5"]);
      expect(run.wrong).toEqual(["ran-without-water@27.5", "alarm-not-heeded@75.5"]);
      expect(run.state.alarm).toBe(true);
    },
  );

  it("has ten seconds where water stays away later on, and is told of again after it came back", () => {
    const run = engine(`${looked}30 seacock=shut; 45 seacock=open; 50 seacock=shut; 58 seacock=open`, 80);
    expect(run.wrong).toEqual(["ran-without-water@40"]);
    expect(engine(`${looked}30 seacock=shut; 45 seacock=open; 50 seacock=shut`, 80).wrong).toEqual([
      "ran-without-water@40",
      "ran-without-water@60",
    ]);
  });

  it("is not judged dry before 22 s, whenever its water went", () => {
    // water from 11.5 on, gone at 13: dry for 14.5 s at 27.5
    expect(engine(`${started}12 look exhaust; 13 seacock=shut`, 30).wrong).toEqual(["ran-without-water@27.5"]);
    // gone at 26: ten seconds later
    expect(engine(`${looked}26 seacock=shut`, 40).wrong).toEqual(["ran-without-water@36"]);
  });

  it("has its alarm heeded by a hand on stop, also where she does not die of it", () => {
    expect(
      engine(`${looked}70 stop; 75 -stop`, 90, { faults: ["no-cooling-water", "stop-solenoid-dead"] }).wrong,
    ).toEqual(["ran-without-water@27.5"]);
  });

  it("loses its oil twenty seconds after firing where that is the fault, and alarms", () => {
    const run = engine(looked, 40, { faults: ["oil-lamp"] });
    expect(run.happened).toContain("alarm@25.5");
    expect([run.state.oilBar, run.wrong]).toEqual([0, ["alarm-not-heeded@35.5"]]);
  });

  it("is cranked too long, again without rest, in gear, and a fourth time with the seacock open", () => {
    const weak = { faults: ["weak-starter"] };
    expect(engine("0 power; 1 start; 11.5 -start", 20, weak).wrong).toEqual(["cranked-too-long@11"]);
    expect(engine("0 power; 1 start; 4 -start; 23 start", 24, weak).wrong).toEqual(["cranked-again-without-rest@23"]);
    expect(engine("0 power; 1 start; 3.9 -start; 10 start", 12, weak).wrong).toEqual([]);
    expect(engine("0 power; 1 start; 4 -start; 24 start", 25, weak).wrong).toEqual([]);
    const three = "0 power; 1 start; 4 -start; 30 start; 33 -start; 60 start; 63 -start; ";
    expect(engine(`${three}90 start`, 92, weak).wrong).toEqual(["cranked-with-seacock-open@90"]);
    expect(engine(`${three}80 seacock=shut; 90 start`, 92, weak).wrong).toEqual([]);
    expect(engine("0 lever=0.2; 0 power; 4 start; 4.5 -start", 10).wrong).toEqual(["cranked-in-gear@4"]);
    expect(engine("0 lever=0.2; 0 hub=in; 0 power; 4 start; 4.5 -start", 10).wrong).toEqual([]);
    // in gear is beyond a twentieth
    expect(engine("0 lever=0.05; 0 power; 4 start; 4.5 -start", 10).wrong).toEqual([]);
  });

  it("runs on when the panel goes first, does not stop where stop is let go, and is not left with the panel on", () => {
    expect(engine(`${looked}30 power`, 40).wrong).toEqual(["power-off-before-stop@30"]);
    const early = engine(`${looked}40 stop; 43.9 -stop`, 60);
    expect([early.wrong, early.happened.includes("dead@44"), early.state.running]).toEqual([
      ["stop-let-go-early@43.9"],
      false,
      true,
    ]);
    expect(engine(`${looked}40 stop; 41 -stop`, 60, { faults: ["stop-solenoid-dead"] }).wrong).toEqual([]);
    expect(engine(`${looked}40 stop; 45 -stop`, 110).wrong).toEqual(["panel-left-on@104"]);
    expect(engine(`${looked}40 stop; 45 -stop; 50 leave`, 60).wrong).toEqual(["panel-left-on@50"]);
    expect(engine(`${looked}50 leave`, 60).wrong).toEqual([]);
    expect(engine("0 isolator=off; 3 leave; 5 leave", 6).wrong).toEqual(["isolator-left-off@3", "isolator-left-off@5"]);
  });

  it("dies at once by the emergency stop, and turns no more while that is in", () => {
    const run = engine(`${looked}30 emergency-stop; 32 start; 40 -start; 41 -emergency-stop; 42 start`, 45);
    expect(run.happened).toEqual(["cranks@4", "fires@5.5", "water@11.5", "dead@30", "cranks@42", "fires@43.5"]);
  });

  it("is put off only by a press that was held, where her panel wants that, and not by the one that put it on", () => {
    const slow = { setup: { powerHoldSeconds: 3 } };
    expect(engine("0 power; 5 -power", 6, slow).state.panel).toBe(true);
    expect(engine("0 power; 1 -power; 2 power; 4 -power", 6, slow).state.panel).toBe(true);
    expect(engine("0 power; 1 -power; 2 power; 5.1 -power", 6, slow).state.panel).toBe(false);
  });

  it("goes from gear to gear with a pause at low revs", () => {
    const gears = (words: string) => engine(looked + words, 60).wrong;
    expect(gears("30 lever=0.08; 34 lever=0; 35 lever=-0.08")).toEqual([]);
    expect(gears("30 lever=0.08; 34 lever=0; 34.9 lever=-0.08")).toEqual(["shifted-without-pause@34.9"]);
    expect(gears("30 lever=0.08; 34 lever=-0.08")).toEqual(["shifted-without-pause@34"]);
    // full throttle with the hub in: 3000 rpm, then the hub springs out in gear
    expect(gears("30 hub=in; 31 lever=1; 40 hub=out")).toEqual(["shifted-at-revs@40"]);
    // 850 + 0.13 * 2150 is 1129.5, below 1150
    expect(gears("30 hub=in; 31 lever=0.13; 40 hub=out")).toEqual([]);
    expect(gears("30 hub=in; 31 lever=0.15; 40 hub=out")).toEqual(["shifted-at-revs@40"]);
  });

  it("keeps its twin apart: names, mistakes and the task are of a side", () => {
    const twins = { setup: { sides: ["port", "starboard"] } };
    const one = "0 power:port; 1 start:port; 3 -start:port; 16 look exhaust:port; 20 stop:port; 25 -stop:port; ";
    expect(engine(`${one}26 leave`, 30, twins).wrong).toEqual(["panel-left-on:port@26"]);
    const half = engine(`${one}26 -power:port; 26.1 power:port`, 30, twins);
    expect([half.happened, half.done]).toEqual([
      ["cranks:port@1", "fires:port@2.5", "water:port@8.5", "dead:port@24"],
      false,
    ]);
    const both = `${one}26 -power:port; 26.1 power:port; ${one.replaceAll("port", "starboard")} 26 -power:starboard; 26.1 power:starboard`;
    expect(engine(both, 30, twins)).toMatchObject({ done: true, clean: true });
  });

  it("with a start button that sticks cranks on until the isolator is off", () => {
    const run = engine("0 power; 1 start; 2 -start; 12 isolator=off", 20, { faults: ["button-stuck", "weak-starter"] });
    expect([run.wrong, run.state.batteryV]).toEqual([["cranked-too-long@11"], 12.6]);
  });
});
