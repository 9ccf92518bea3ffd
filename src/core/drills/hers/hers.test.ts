import { demoYacht } from "../../../testing/demo-yacht";
import { drillCheck } from "../../../testing/drill";
import { Drill } from "../drill";
import { drillsOf } from ".";
import { deviceOf, setupFor } from "../run";

const yachts = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"] as const;
const of = (slug: (typeof yachts)[number]) => drillsOf(demoYacht(slug));
const drill = (slug: (typeof yachts)[number], key: string) => of(slug).find((each) => each.key === key);

it.each(yachts)("%s has drills whose setup and tasks their devices take, each with a key of its own", (slug) => {
  const all = of(slug);
  expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
  for (const { device, setup, tasks } of all) {
    const its = deviceOf(device);
    for (const { task, setup: more, faults = [] } of tasks) {
      expect(its.tasks).toContain(task);
      expect(faults.filter((fault) => !its.faults.includes(fault))).toEqual([]);
      const whole = setupFor(its, { ...setup, ...more }, drillCheck);
      // no task is done before anything was done
      expect(new Drill(its, whole, faults, task).isDone).toBe(false);
    }
  }
});

it("takes her figures from her file", () => {
  const file = demoYacht("pale-heron");
  expect(drill("pale-heron", "engine")?.setup).toMatchObject({
    coolingWaterSeconds: file.engines.main!.coolingWaterSeconds,
    stopHoldSeconds: file.engines.main!.stopHoldSeconds,
  });
  expect(drill("pale-heron", "windlass")?.setup).toMatchObject({ chainM: file.groundTackle.main!.chainM });
  expect(drill("two-lanterns", "engine")?.setup.sides).toEqual(["port", "starboard"]);
});

it("has none for what she has not got: no windlass, gas or diesel on the day boat, no figure that her file is silent on", () => {
  const auk = of("little-auk").map(({ device }) => device);
  expect(auk).toContain("pilot");
  expect(auk.filter((device) => ["engine", "windlass", "gas", "thruster", "head"].includes(device))).toEqual([]);
  expect(drill("little-auk", "pilot")?.setup).toEqual({ kind: "tiller" });
  const file = demoYacht("pale-heron");
  const { coolingWaterSeconds: _told, ...silent } = file.engines.main!;
  const [engine] = drillsOf({ ...file, engines: { main: silent } });
  expect(engine!.setup).not.toHaveProperty("coolingWaterSeconds");
  expect(
    drillsOf({ ...file, engines: { main: { ...file.engines.main!, outOfUse: { why: { en: "sold" } } as never } } })[0]
      ?.device,
  ).not.toBe("engine");
});

it("is true to the boat that differs from her class: Cold Harbour's remote and her switch of the lights", () => {
  expect(drill("cold-harbour", "windlass")?.setup.remote).toBe("reversed");
  expect(drill("quillback", "windlass")?.setup).not.toHaveProperty("remote");
  expect(drill("cold-harbour", "lights")?.setup).toEqual({ left: "sailing" });
  expect(drill("quillback", "lights")?.setup).toEqual({ left: "motoring" });
  // a single switch is not of three ways
  expect(drill("little-auk", "lights")).toBeUndefined();
});

it("shows no control of what she has not got", () => {
  for (const slug of yachts) {
    const file = demoYacht(slug);
    const sources = drill(slug, "sources");
    if (!sources) continue;
    const hasGenerator = Object.keys(file.generators).length > 0;
    expect([slug, sources.lacks.includes("gen-start")]).toEqual([slug, !hasGenerator]);
    expect([slug, sources.lacks.includes("feed-inverter")]).toEqual([slug, Object.keys(file.inverters).length === 0]);
  }
  for (const { device, setup, lacks } of yachts.flatMap(of)) {
    const its = deviceOf(device);
    const whole = setupFor(its, setup, drillCheck);
    const names = [...its.controls(whole), ...its.outputs(whole)].map(({ name }) => name.split(":")[0]);
    expect([device, lacks.filter((name) => !names.includes(name))]).toEqual([device, []]);
  }
});

it("works a thruster as hers is, told apart by name, and none whose kind her file does not tell", () => {
  const withTwo = yachts.find((slug) => of(slug).filter(({ device }) => device === "thruster").length === 2)!;
  const two = of(withTwo).filter(({ device }) => device === "thruster");
  expect(two.map(({ setup }) => [setup.end, setup.kind, setup.needsEngine])).toEqual([
    ["bow", "retracting", true],
    ["stern", "retracting", true],
  ]);
  expect(two.map(({ part }) => part?.en)).toEqual(["Bow thruster control", "Stern thruster control"]);
  expect(drill("cold-harbour", "thruster")?.setup).toMatchObject({ end: "bow", kind: "fixed" });
  const file = demoYacht("cold-harbour");
  const { thruster: _kind, ...silent } = file.fittings["thruster-control"]!;
  const without = drillsOf({ ...file, fittings: { ...file.fittings, "thruster-control": silent } });
  expect(without.map(({ device }) => device)).not.toContain("thruster");
});

it("draws her valves, switches and breakers as they are", () => {
  // Pale Heron's file: levers in line are open, the bilge switch tips up, middle and down, the breaker is pushed in
  expect(drill("pale-heron", "head")?.drawn).toMatchObject({
    intake: { shape: "lever", at: { open: "in-line", shut: "across" } },
    outlet: { shape: "lever", at: { open: "in-line", shut: "across" } },
  });
  expect(drill("pale-heron", "bilge")?.drawn.switch?.at).toMatchObject({ auto: "up", off: "middle", on: "down" });
  expect(drill("pale-heron", "windlass")?.drawn.breaker).toMatchObject({
    shape: "push-pull",
    at: { in: "in", out: "out" },
  });
  // a gas bottle is shut clockwise; two engines whose cocks look alike have one drawing
  expect(drill("cold-harbour", "gas")?.drawn.bottle?.at).toMatchObject({ shut: "clockwise", open: "anticlockwise" });
  expect(drill("two-lanterns", "engine")?.drawn.seacock?.at).toMatchObject({ open: "in-line" });
});

it("draws nothing that her file does not tell", () => {
  const file = demoYacht("pale-heron");
  const tap = file.gas.main!.tap!;
  const untold = { ...file, fittings: { ...file.fittings, [tap]: { ...file.fittings[tap]!, opens: undefined } } };
  expect(drillsOf(untold as typeof file).find(({ device }) => device === "gas")?.drawn).not.toHaveProperty("tap");
});

it("draws two engines' cocks only where both look alike", () => {
  const file = demoYacht("two-lanterns");
  const [key] = Object.entries(file.fittings).find(([, { purpose }]) => purpose === "raw-water-seacock")!;
  const other = {
    ...file,
    fittings: { ...file.fittings, [key]: { ...file.fittings[key]!, opens: "across" as const } },
  };
  expect(drillsOf(other).find(({ device }) => device === "engine")?.drawn).not.toHaveProperty("seacock");
});
