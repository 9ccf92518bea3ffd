import fc from "fast-check";
import { drillCheck, play } from "../../testing/drill";
import { drillCatalogues } from "../../messages/drills";
import { deedsOf, senses, type Control } from "./control";
import { devices } from "./devices";
import { Drill } from "./drill";
import { listDevices } from "./list";
import { runDrill, setupFor } from "./run";
import type { DrillInput } from "./schema";

const refused = (change: Partial<DrillInput>) => () =>
  runDrill({ device: "engine", actions: [], until: 10, ...change }, drillCheck);
const action = (change: Partial<DrillInput["actions"][number]>) => ({
  actions: [{ at: 1, do: "press" as const, control: "power", ...change }],
});

describe("what is no drill is refused by name", () => {
  it.each<[string, Partial<DrillInput>, RegExp]>([
    ["device", { device: "oven" }, /"oven"/],
    ["setup field", { setup: { fuel: 3 } }, /fuel/],
    ["setup value", { setup: { idleRpm: -1 } }, /idleRpm/],
    ["revs", { setup: { idleRpm: 3000 } }, /above idleRpm/],
    ["sides", { setup: { sides: ["port"] } }, /sides/],
    ["fault", { faults: ["tired"] }, /"tired" is none of/],
    ["task", { task: "sail" }, /"sail"/],
    ["control", action({ control: "horn" }), /"horn"/],
    ["control of a twin", action({ control: "power:port" }), /"power:port"/],
    ["missing control", { actions: [{ at: 1, do: "press" }] }, /say which/],
    ["deed", action({ control: "hub" }), /hub takes set/],
    ["value", action({ do: "set", control: "hub", to: "half" }), /out, in/],
    ["missing value", action({ do: "set", control: "lever" }), /from -1 to 1/],
    ["figure too large", action({ do: "set", control: "lever", to: 1.1 }), /from -1 to 1/],
    ["word for a figure", action({ do: "set", control: "lever", to: "ahead" }), /from -1 to 1/],
    [
      "tank twice",
      { device: "water", setup: { tanks: [1, 2].map(() => ({ id: "a", capacityL: 1, litres: 0 })) } },
      /another/,
    ],
    ["tank too full", { device: "water", setup: { tanks: [{ id: "a", capacityL: 1, litres: 2 }] } }, /more than/],
  ])("%s", (_what, change, words) => {
    expect(refused(change)).toThrow(words);
  });
  it("but anything can be looked at, and one leaves from nowhere", () => {
    expect(
      refused({
        actions: [
          { at: 1, do: "look", control: "rpm" },
          { at: 2, do: "feel", control: "lever" },
          { at: 3, do: "leave" },
        ],
      }),
    ).not.toThrow();
  });
});

describe("actions", () => {
  it("go by their time, of equal times as listed, and none after the end", () => {
    expect(play("engine", "5 power; 1 isolator=off; 9 power", 6).state).toMatchObject({ isolator: "off", panel: true });
    expect(play("pilot", "1 auto; 1 standby", 2).state.mode).toBe("standby");
    expect(play("pilot", "1 standby; 1 auto", 2).state.mode).toBe("auto");
    expect(play("pilot", "2 auto", 2).state.mode).toBe("auto");
  });
  it("that change nothing do nothing: pressed twice, let go unpressed, set where it stands", () => {
    expect(play("engine", "0 power; 1 power; 2 -power; 3 -power; 3.5 -start", 4).state.panel).toBe(true);
    expect(play("gas", "0 bottle=shut", 1).state.bottle).toBe("shut");
  });
});

/** What a monkey may do to a control. */
const deedOn = (control: Control): fc.Arbitrary<Omit<DrillInput["actions"][number], "at">> =>
  fc.oneof(
    ...[...deedsOf(control), ...senses].map((deed) => {
      const of = { do: deed, control: control.name };
      if (deed !== "set") return fc.constant(of);
      if (control.kind === "choice") return fc.constantFrom(...control.values).map((to) => ({ ...of, to }));
      const { min, max } = control as Extract<Control, { kind: "number" }>;
      return fc.oneof(fc.constantFrom(min, max), fc.double({ min, max, noNaN: true })).map((to) => ({ ...of, to }));
    }),
  );
const monkeyOn = (name: string, most: number, seconds: number) => {
  const device = devices.find((each) => each.name === name)!;
  const deeds = fc.oneof(
    { weight: 30, arbitrary: fc.constantFrom(...device.controls(device.setup.usual)).chain(deedOn) },
    { weight: 1, arbitrary: fc.constant({ do: "leave" as const }) },
  );
  return fc.record({
    actions: fc.array(
      fc.tuple(deeds, fc.integer({ min: 0, max: seconds * 1000 })).map(([deed, ms]) => ({ ...deed, at: ms / 1000 })),
      { minLength: most, maxLength: most },
    ),
    faults: fc.subarray([...device.faults]),
    task: fc.constantFrom(null, ...device.tasks),
  });
};
const isSound = (value: unknown): boolean =>
  typeof value === "number" ? Number.isFinite(value) : Array.isArray(value) ? value.every(isSound) : true;

describe.each(devices.map(({ name }) => name))("a monkey at the %s", (name) => {
  it("breaks nothing in ten thousand actions, and the same actions do the same", () => {
    const [case_] = fc.sample(monkeyOn(name, 10_000, 2000), { numRuns: 1, seed: 20 });
    const input = { device: name, until: 2000, ...case_! };
    const run = runDrill(input, drillCheck);
    expect(Object.entries(run.state).filter(([, value]) => !isSound(value))).toEqual([]);
    const codes = devices.find((each) => each.name === name)!.mistakes;
    expect([...new Set(run.mistakes.map(({ code }) => code))].filter((code) => !codes.includes(code))).toEqual([]);
    expect(runDrill(input, drillCheck)).toEqual(run);
  });

  it("is told the same in steps of 10 and of 100 ms, and a shorter run is the beginning of a longer one", () => {
    fc.assert(
      fc.property(monkeyOn(name, 60, 120), fc.integer({ min: 0, max: 120 }), (drill, part) => {
        const whole = runDrill({ device: name, until: 120, stepS: 0.1, ...drill }, drillCheck);
        const fine = runDrill({ device: name, until: 120, stepS: 0.01, ...drill }, drillCheck);
        expect(fine).toEqual(whole);
        const short = runDrill({ device: name, until: part, ...drill }, drillCheck);
        expect(whole.mistakes.slice(0, short.mistakes.length)).toEqual(short.mistakes);
        expect(whole.mistakes.slice(short.mistakes.length).every(({ at }) => at >= part)).toBe(true);
        expect(whole.done || !short.done).toBe(true);
      }),
      { numRuns: 25 },
    );
  });
});

describe("the list of devices", () => {
  const list = listDevices();
  it.each(["en", "de"] as const)("has a sentence for each mistake and none besides, %s", (language) => {
    const said = Object.keys(drillCatalogues[language]["drill-mistake"]);
    expect(said.toSorted()).toEqual(
      list.flatMap(({ name, mistakes }) => mistakes.map((code) => `${name}_${code}`)).toSorted(),
    );
  });
  it("has schemas that their own usual setups fit, and controls with what they take", () => {
    for (const device of devices) expect(setupFor(device, device.setup.usual, drillCheck)).toEqual(device.setup.usual);
    const engine = list.find(({ name }) => name === "engine")!;
    expect(engine.controls.find(({ name }) => name === "lever")).toEqual({
      name: "lever",
      do: ["set"],
      min: -1,
      max: 1,
    });
    expect(engine.controls.find(({ name }) => name === "hub")).toEqual({
      name: "hub",
      do: ["set"],
      values: ["out", "in"],
    });
    expect(engine.outputs).toContainEqual({ name: "rpm", unit: "rpm" });
  });
  it("has every output that its devices give", () => {
    for (const device of devices) {
      const given = Object.keys(new Drill(device, device.setup.usual).state());
      const named = device.outputs(device.setup.usual).map(({ name }) => name);
      expect(named.filter((name) => !given.includes(name))).toEqual([]);
    }
  });
});
