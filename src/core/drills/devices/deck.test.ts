import { play } from "../../../testing/drill";

describe("a thruster", () => {
  const thruster = (words: string, until: number, more: Parameters<typeof play>[3] = {}) =>
    play("thruster", words, until, { task: "try", ...more });
  const on = "0 on; 0.6 -on; ";

  it("is tried by turning each way with a pause, then off", () => {
    const run = thruster(`${on}2 port; 3 -port; 5 starboard; 6 -starboard; 7 off; 7.1 -off`, 10);
    expect([run.wrong, run.done, run.clean]).toEqual([[], true, true]);
    expect(thruster(`${on}2 port; 3 -port; 5 starboard; 6 -starboard`, 10).done).toBe(false);
    expect(thruster(`${on}2 port; 3 -port; 7 off`, 10).done).toBe(false);
  });

  it("is on only once the button was held, and turns neither without the engine it needs nor with both buttons", () => {
    expect(thruster("0 on; 0.3 -on; 2 port", 3).state).toMatchObject({ ready: false, turning: "no" });
    const needs = { setup: { needsEngine: true } };
    expect(thruster(`${on}1 engine=off; 2 port`, 3, needs).state.turning).toBe("no");
    expect(thruster(`${on}2 port`, 3, needs).state.turning).toBe("port");
    expect(thruster(`${on}2 port; 2.5 starboard`, 3).state.turning).toBe("no");
    expect(thruster(`${on}2 port`, 3, { faults: ["fuse-blown"] }).state).toMatchObject({
      fuse: "blown",
      turning: "no",
    });
  });

  it("is not turned the other way under two seconds, nor held over four", () => {
    expect(thruster(`${on}2 port; 3 -port; 4.9 starboard`, 6).wrong).toEqual(["reversed-without-pause@4.9"]);
    expect(thruster(`${on}2 port; 3 -port; 3.2 port`, 6).wrong).toEqual([]);
    expect(thruster(`${on}2 port; 6 -port`, 8).wrong).toEqual([]);
    expect(thruster(`${on}2 port; 7 -port`, 8).wrong).toEqual(["ran-too-long@6"]);
  });

  it("that comes down first is neither used before nor kept down above three knots", () => {
    const down = { setup: { kind: "retracting", downSeconds: 4 } };
    // on at 0.5, down at 4.5
    expect(thruster(`${on}3 port; 3.5 -port; 5 port; 6 -port`, 8, down).wrong).toEqual(["used-before-down@3"]);
    expect(thruster(`${on}5 port; 6 -port; 7 speed=3.1; 8 speed=2; 9 speed=4`, 10, down).wrong).toEqual([
      "under-way-with-it-down@7",
      "under-way-with-it-down@9",
    ]);
    expect(thruster(`${on}7 speed=5`, 8, { ...down, faults: ["stuck-up"] }).wrong).toEqual([]);
    expect(thruster(`${on}7 speed=5`, 8).wrong).toEqual([]);
  });

  it("sleeps after its seconds: a pulse tells, more relies on it, and holding on wakes it", () => {
    const sleepy = { setup: { sleepSeconds: 20 } };
    expect(thruster(`${on}2 port; 3 -port; 22 port; 22.9 -port`, 24, sleepy)).toMatchObject({
      wrong: [],
      state: { asleep: false },
    });
    const slept = thruster(`${on}2 port; 3 -port; 25 port; 26.5 -port`, 27, sleepy);
    expect([slept.wrong, slept.state.asleep]).toEqual([["relied-on-it-asleep@26"], true]);
    const woken = thruster(`${on}2 port; 3 -port; 25 on; 25.6 -on; 26 port; 28 -port`, 29, sleepy);
    expect([woken.wrong, woken.state.asleep]).toEqual([[], false]);
    expect(thruster(`${on}500 port; 502 -port`, 503, { setup: { sleepSeconds: 0 } }).wrong).toEqual([]);
  });

  it("does not turn beside a line, and is not left on", () => {
    const lazy = { setup: { lazyLines: true } };
    expect(thruster(`${on}2 port; 3 -port; 4 lines=clear; 8 port; 9 -port; 10 leave`, 11, lazy).wrong).toEqual([
      "lazy-line-in-it@2",
      "left-on@10",
    ]);
  });

  it("moves its own end and, less, the other one the other way", () => {
    const { state } = thruster(`${on}2 starboard`, 5);
    expect(state.endMs).toBeGreaterThan(0.3);
    expect(state.otherEndMs).toBeLessThan(0);
    expect(state.yawDegS).toBeGreaterThan(0);
    expect(thruster(`${on}2 starboard`, 5, { setup: { end: "stern" } }).state.yawDegS).toBeLessThan(0);
  });
});

describe("a windlass", () => {
  const windlass = (words: string, until: number, more: Parameters<typeof play>[3] = {}) =>
    play("windlass", words, until, { task: "lower", ...more });
  const ready = "0 engine=on; 0 rpm=1600; 0 switch=on; 0 pin=out; 0 hatch=tied; ";
  const raise = { task: "raise", setup: { outM: 40 } };

  it("lowers three depths and relieves the chain, in touches over the first two metres", () => {
    // 0.3 m/s: 1.8 s is 0.54 m; 21.6 m wanted
    const touches = [0, 1, 2, 3].map((each) => `${2 + each * 3} down; ${3.8 + each * 3} -down`).join("; ");
    const run = windlass(`${ready}${touches}; 20 down; 87 -down; 88 relief=on; 90 leave`, 91);
    // 2.16 m in touches, 67 s more: 22.26 m
    expect(run.state.outM).toBeCloseTo(2.16 + 20.1, 1);
    expect([run.wrong, run.done, run.clean]).toEqual([[], true, true]);
  });

  it("swings the anchor where the first metres go in one run", () => {
    expect(windlass(`${ready}2 down`, 5).wrong).toEqual(["anchor-swung@4"]);
  });

  it("needs engine, revs, a free pin, a tied hatch and hands away", () => {
    const all = "0 switch=on; 0 hands=near; 2 down; 3 -down";
    expect(windlass(all, 4).wrong.toSorted()).toEqual([
      "hands-near@2",
      "hatch-loose@2",
      "pin-in@2",
      "started-without-engine@2",
    ]);
    expect(windlass(all.replace("switch=on", "switch=off"), 4).wrong).toEqual([]);
    expect(windlass(all, 4, { faults: ["switch-dead"] }).wrong).toEqual([]);
    expect(windlass(all, 4, { faults: ["breaker-out"] }).wrong).toEqual([]);
    // nine tenths of 1500
    expect(windlass(`${ready}1 rpm=1349; 2 up; 5 -up`, 6, raise).wrong).toContain("without-revs@4");
    expect(windlass(`${ready}1 rpm=1350; 2 up; 5 -up`, 6, raise).wrong).not.toContain("without-revs@4");
  });

  it("has its load from wind, the engine’s help and the chain that hangs", () => {
    // 20 kn is 10.28888 m/s: 0.5 · 1.225 · 105.861 · 16 = 1037.44 N; 7.2 m of chain at 2.3 kg in water: 141.33 N
    const wind = { ...raise, setup: { outM: 40, windKn: 20 } };
    expect(windlass("", 1, wind).state.strain).toBeCloseTo((1037.44 + 141.33) / 2500, 4);
    expect(windlass("0 ahead=0.25", 1, wind).state.strain).toBeCloseTo((37.44 + 141.33) / 2500, 4);
    expect(windlass("0 ahead=1", 1, wind).state.strain).toBeCloseTo(141.33 / 2500, 4);
    expect(windlass("0 relief=on", 1, wind).state.strain).toBe(0);
    // off the ground: 5 m of chain and the anchor, 36.5 kg
    expect(windlass("", 1, { setup: { outM: 5 } }).state.strain).toBeCloseTo((0.87 * 9.81 * 36.5) / 2500, 4);
  });

  it("hauls slower the more it strains, and is not to pull the boat", () => {
    const hard = { ...raise, setup: { outM: 40, windKn: 25 } };
    // 12.8611 m/s: 1620.99 N and 141.33: strain 0.70493, 0.3 · (1 - 0.35246) = 0.19426 m/s
    const run = windlass(`${ready}2 up; 12 -up`, 13, hard);
    expect(run.state.outM).toBeCloseTo(40 - 1.9426, 2);
    expect(run.wrong).toEqual(["pulled-the-boat@5"]);
    expect(windlass(`${ready}1 ahead=0.3; 2 up; 12 -up`, 13, hard).wrong).toEqual([]);
    const gale = { ...raise, setup: { outM: 40, windKn: 35 } };
    expect(windlass(`${ready}2 up; 6 -up`, 7, gale).wrong).toEqual(["pressed-through-strain@4", "pulled-the-boat@5"]);
  });

  it("trips by I²t, and is not pushed back before its wait", () => {
    // held by the pin with strain 0: 3 · 0.4 = 1.2; 1.44 - 1 = 0.44 a second: 45.45 s
    const run = windlass("0 engine=on; 0 rpm=1600; 0 switch=on; 0 hatch=tied; 2 down; 50 -down; 60 breaker=in", 61);
    expect(run.happened).toEqual(["trips@47.5"]);
    expect(run.wrong).toEqual(["pin-in@2", "breaker-pushed-back-hot@60"]);
    const waited = windlass(
      "0 engine=on; 0 rpm=1600; 0 switch=on; 0 hatch=tied; 2 down; 50 -down; 348 breaker=in",
      349,
    );
    expect(waited.wrong).toEqual(["pin-in@2"]);
  });

  it("brings the last metre in by touches, and pins the anchor", () => {
    const near = { task: "raise", setup: { outM: 1.5 } };
    // off the ground 28.45 kg: 242.8 N, strain 0.097: 0.2854 m/s; 0.5 m after 1.75 s
    expect(windlass(`${ready}2 up; 4.5 -up`, 5, near).wrong).toEqual(["last-metre-not-in-touches@3.8"]);
    const touches = [0, 1, 2, 3, 4, 5].map((each) => `${4 + each * 2} up; ${4.9 + each * 2} -up`).join("; ");
    const run = windlass(`${ready}${touches}; 20 pin=in`, 21, near);
    expect([run.wrong, run.done, run.state.outM]).toEqual([[], true, 0]);
  });

  it("with a reversed remote goes the other way, which one sees within a second", () => {
    const reversed = { task: "lower", setup: { outM: 4, remote: "reversed" } };
    expect(windlass(`${ready}2 down; 3.5 -down`, 4, reversed).wrong).toEqual(["wrong-way-by-remote@3"]);
    expect(windlass(`${ready}2 down; 2.9 -down; 4 up; 6 -up`, 7, reversed).wrong).toEqual([]);
  });

  it("does not take a splice, nor the clutch under load, nor being left with the load or too little chain", () => {
    const rope = { task: "lower", setup: { outM: 29.5, chainM: 30, ropeM: 40, plannedM: 35 } };
    expect(windlass(`${ready}2 down; 5 -down; 6 leave`, 7, rope).wrong).toEqual([
      "splice-in-gypsy@3.7",
      "load-left-on@6",
      "too-little-chain@6",
    ]);
    expect(
      windlass(`${ready}2 down; 5 -down`, 7, { ...rope, setup: { ...rope.setup, gypsyTakesRope: true } }).wrong,
    ).toEqual([]);
    const hard = { setup: { outM: 40, windKn: 25 } };
    expect(windlass(`${ready}2 clutch=loose; 4 clutch=tight`, 5, hard).wrong).toEqual(["clutch-under-load@2"]);
    expect(windlass(`${ready}2 relief=on; 3 hands=near; 4 clutch=loose`, 5, hard).wrong).toEqual(["hands-near@4"]);
  });

  it("lets the chain fall with the clutch loose, two metres a second, to its end", () => {
    expect(windlass(`${ready}2 clutch=loose; 7 clutch=tight`, 8).state.outM).toBeCloseTo(10, 1);
    expect(windlass(`${ready}2 clutch=loose`, 60).state.outM).toBe(60);
  });
});
