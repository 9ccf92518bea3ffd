import { halfBreadthM, hullOutline, sloopStations } from "./hull";
import { centreOf, outlinePath } from "./outline";

describe("hull", () => {
  it("goes through its stations", () => {
    for (const [fraction, half] of sloopStations) expect(halfBreadthM(sloopStations, 11.6, 3.9, fraction * 11.6)).toBeCloseTo((half * 3.9) / 2, 6);
  });
  it("never bulges beyond its stations and is nothing outside the hull", () => {
    for (let aftM = 0; aftM <= 11.6; aftM += 0.05) expect(halfBreadthM(sloopStations, 11.6, 3.9, aftM)).toBeLessThanOrEqual(3.9 / 2 + 1e-9);
    expect(halfBreadthM(sloopStations, 11.6, 3.9, -1)).toBe(0);
    expect(halfBreadthM(sloopStations, 11.6, 3.9, 12)).toBe(0);
  });
  it("is the same on both sides and as long and broad as the yacht", () => {
    const outline = hullOutline(12, 4, undefined, 96);
    expect(Math.max(...outline.map((p) => p[0]))).toBeCloseTo(12, 9);
    expect(Math.max(...outline.map((p) => p[1]))).toBeCloseTo(2, 2);
    for (const [aftM, starboardM] of outline) expect(outline).toContainEqual([aftM, starboardM === 0 ? 0 : -starboardM]);
  });
});

describe("outlines", () => {
  it("finds the middle of an area, not of its corners", () => {
    expect(centreOf([[0, 0], [2, 0], [2, 2], [0, 2]])).toEqual([1, 1]);
    // an L of three unit squares: centroid at 5/6, by hand
    const [a, b] = centreOf([[0, 0], [2, 0], [2, 1], [1, 1], [1, 2], [0, 2]]);
    expect([a, b].map((v) => Math.round(v * 1e6))).toEqual([833333, 833333]);
  });
  it("draws bow up: metres aft run down the picture, starboard runs right", () => expect(outlinePath([[0, 0], [1, 0.5], [1, -0.5]], 10)).toBe("M0.0 0.0L5.0 10.0L-5.0 10.0Z"));
});
