import { dayBoatStations, halfBreadthM, hullOutline, hullShape, isInsideHull, sloopStations } from "./hull";
import { centreOf, outlinePath } from "./outline";

describe("hull", () => {
  it("goes through its stations", () => {
    for (const [fraction, half] of sloopStations)
      expect(halfBreadthM(sloopStations, 11.6, 3.9, fraction * 11.6)).toBeCloseTo((half * 3.9) / 2, 6);
  });
  it("never bulges beyond its stations and is nothing outside the hull", () => {
    for (let aftM = 0; aftM <= 11.6; aftM += 0.05)
      expect(halfBreadthM(sloopStations, 11.6, 3.9, aftM)).toBeLessThanOrEqual(3.9 / 2 + 1e-9);
    expect(halfBreadthM(sloopStations, 11.6, 3.9, -1)).toBe(0);
    expect(halfBreadthM(sloopStations, 11.6, 3.9, 12)).toBe(0);
  });
  it("is the same on both sides and as long and broad as the yacht", () => {
    const outline = hullOutline(12, 4, undefined, 96);
    expect(Math.max(...outline.map((p) => p[0]))).toBeCloseTo(12, 9);
    expect(Math.max(...outline.map((p) => p[1]))).toBeCloseTo(2, 2);
    for (const [aftM, starboardM] of outline)
      expect(outline).toContainEqual([aftM, starboardM === 0 ? 0 : -starboardM]);
  });
});

describe("outlines", () => {
  it("finds the middle of an area, not of its corners", () => {
    expect(
      centreOf([
        [0, 0],
        [2, 0],
        [2, 2],
        [0, 2],
      ]),
    ).toEqual([1, 1]);
    // an L of three unit squares: centroid at 5/6, by hand
    const [a, b] = centreOf([
      [0, 0],
      [2, 0],
      [2, 1],
      [1, 1],
      [1, 2],
      [0, 2],
    ]);
    expect([a, b].map((v) => Math.round(v * 1e6))).toEqual([833333, 833333]);
  });
  it("draws bow up: metres aft run down the picture, starboard runs right", () =>
    expect(
      outlinePath(
        [
          [0, 0],
          [1, 0.5],
          [1, -0.5],
        ],
        10,
      ),
    ).toBe("M0.0 0.0L5.0 10.0L-5.0 10.0Z"));
});

describe("hull shapes", () => {
  const spread = (outline: readonly (readonly [number, number])[]) =>
    [Math.min(...outline.map((p) => p[1])), Math.max(...outline.map((p) => p[1]))] as const;

  it("are one outline for a single hull, to length and beam", () => {
    for (const hull of ["monohull", "day-boat"] as const) {
      const shape = hullShape({ hull, lengthM: 10, beamM: 3 });
      expect(shape).toHaveLength(1);
      const [left, right] = spread(shape[0] ?? []);
      expect([left, right].map((m) => Math.round(m * 100) / 100)).toEqual([-1.5, 1.5]);
      expect(Math.max(...(shape[0] ?? []).map((p) => p[0]))).toBe(10);
    }
  });

  it("are two slim hulls and the deck between them for a catamaran", () => {
    const [deck, port, starboard] = hullShape({ hull: "catamaran", lengthM: 12.8, beamM: 7 });
    const [p, s] = [spread(port ?? []), spread(starboard ?? [])];
    // each hull 27 % of the beam: 1.89 m, its outer side at half the beam
    expect([p[0], p[1], s[0], s[1]].map((m) => Math.round(m * 100) / 100)).toEqual([-3.5, -1.61, 1.61, 3.5]);
    expect(spread(deck ?? [])[1]).toBeGreaterThan(s[0]);
    expect(spread(deck ?? [])[1]).toBeLessThan(s[1]);
  });

  it("make a day boat fuller forward than a sloop", () => {
    expect(halfBreadthM(dayBoatStations, 10, 4, 1.5)).toBeGreaterThan(halfBreadthM(sloopStations, 10, 4, 1.5) * 1.2);
  });

  it("know what lies inside", () => {
    const cat = { hull: "catamaran", lengthM: 12.8, beamM: 7 } as const;
    expect([isInsideHull(cat, [3, 0]), isInsideHull(cat, [3, 3.6]), isInsideHull(cat, [13, 0])]).toEqual([
      true,
      false,
      false,
    ]);
    const sloop = { hull: "monohull", lengthM: 10, beamM: 4 } as const;
    expect([isInsideHull(sloop, [0.3, 1]), isInsideHull(sloop, [6, 1.9]), isInsideHull(sloop, [-1, 0])]).toEqual([
      false,
      true,
      false,
    ]);
  });
});
