import { demoYacht } from "../../testing/demo-yacht";
import { fittingKinds } from "../yacht/parts/fittings";
import { fittingPoints, symbolM } from "./fitting-points";
import { isOnLayer, layers } from "./layers";

const file = demoYacht("gannet-rock");
const keys = Object.keys(file.fittings);

describe("where fittings stand on the plan", () => {
  const points = fittingPoints(file, keys);

  it("has a spot for each, and the same one every time", () => {
    expect(Object.keys(points).sort()).toEqual([...keys].sort());
    expect(fittingPoints(file, keys)).toEqual(points);
  });

  it("puts no two of one place on top of each other", () => {
    for (const place of Object.keys(file.places)) {
      const here = keys
        .filter((key) => file.fittings[key]?.place === place)
        .map((key) => points[key] as [number, number]);
      here.forEach(([a, b], i) =>
        here.slice(i + 1).forEach(([c, d]) => expect(Math.hypot(a - c, b - d)).toBeGreaterThanOrEqual(symbolM - 1e-9)),
      );
    }
  });

  it("takes a fitting's own spot where the file has one, and leaves out what is not there", () => {
    const own = {
      ...file,
      fittings: { ...file.fittings, "gas-tap": { ...file.fittings["gas-tap"]!, at: [5, -1] as [number, number] } },
    };
    expect(fittingPoints(own, ["gas-tap"])).toEqual({ "gas-tap": [5, -1] });
    expect(fittingPoints(file, ["moon"])).toEqual({});
  });
});

describe("layers", () => {
  it("show what belongs together", () => {
    const on = (layer: (typeof layers)[number]) => keys.filter((key) => isOnLayer(file.fittings[key]!, layer));
    expect(on("fillers").sort()).toEqual([
      "fuel-filler",
      "waste-filler",
      "water-filler-aft",
      "water-filler-fore",
      "water-filler-third",
    ]);
    expect(on("shut-offs")).toEqual(
      expect.arrayContaining([
        "gas-tap",
        "gas-bottle",
        "fuel-shut-off",
        "generator-seacock",
        "head-inlet",
        "log-impeller",
      ]),
    );
    expect(on("safety")).toEqual(
      expect.arrayContaining(["raft", "ring-buoy-holder", "gas-detector", "extinguisher-port"]),
    );
    for (const layer of layers) expect(on(layer).length).toBeGreaterThan(0);
  });

  it("know every kind of fitting there is", () => {
    for (const { kind } of Object.values(file.fittings)) expect(fittingKinds).toContain(kind);
  });
});
