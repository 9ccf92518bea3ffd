import * as fc from "fast-check";
import { routeCalculation } from "./calc";
import type { Route, RouteInput } from "./schema";

const calc = (input: RouteInput) => routeCalculation.run(input as never, {} as never) as Route;
/** On the equator a minute is a mile east and north alike. */
const at = (x: number, y: number): [number, number] => [x / 60, y / 60];
const polygon = (...corners: [number, number][]) => ({
  type: "Polygon" as const,
  coordinates: [[...corners, corners[0]!].map(([x, y]) => at(x, y))],
});
const square = (x: number, y: number, half: number) =>
  polygon([x - half, y - half], [x + half, y - half], [x + half, y + half], [x - half, y + half]);
const ask = (change: Partial<RouteInput>) =>
  calc({ land: [], from: at(-5, 0), to: at(5, 0), clearanceNm: 0.5, ...change });

describe("the shortest way", () => {
  it("over open water is one leg", () => {
    const { distanceNm, legs } = ask({});
    expect(distanceNm).toBeCloseTo(10, 6);
    expect(legs).toHaveLength(1);
    expect(legs[0]?.bearingDeg).toBeCloseTo(90, 6);
    expect(ask({ to: at(-5, 0) })).toEqual({ distanceNm: 0, legs: [] });
    expect(ask({ to: at(-5, -3) }).legs[0]?.bearingDeg).toBeCloseTo(180, 6);
    expect(ask({ from: [179.95, 0], to: [-179.95, 0] }).distanceNm).toBeCloseTo(6, 6);
  });

  it("round a square island is its tangents and arcs, reckoned by hand", () => {
    // an island of 2 miles in the middle, half a mile kept: from (-5,0) the line touches the circle round (-1,1)
    const [far, r] = [Math.hypot(4, 1), 0.5];
    const tangent = Math.sqrt(far * far - r * r);
    // the line to the corner lies atan(1/4) up, the tangent asin(r/far) beyond it; it turns level over the corner
    const turn = Math.atan(1 / 4) + Math.asin(r / far);
    const exact = 2 * (tangent + r * turn) + 2;
    const { distanceNm, legs } = ask({ land: [square(0, 0, 1)] });
    expect(distanceNm! / exact).toBeGreaterThan(0.9999);
    expect(distanceNm! / exact).toBeLessThan(1.003);
    expect(legs.reduce((sum, { nm }) => sum + nm, 0)).toBeCloseTo(distanceNm!, 9);
    expect(legs.at(-1)?.to[0]).toBeCloseTo(5 / 60, 9);
    // wound the other way it is the same
    const { type, coordinates } = square(0, 0, 1);
    expect(ask({ land: [{ type, coordinates: [coordinates[0]!.toReversed()] }] }).distanceNm).toBeCloseTo(
      distanceNm!,
      9,
    );
  });

  it("goes through a gap that is wide enough, and round where it is not", () => {
    const wall = (gap: number) => [
      polygon([-0.2, gap / 2], [0.2, gap / 2], [0.2, 8], [-0.2, 8]),
      polygon([-0.2, -8], [0.2, -8], [0.2, -gap / 2], [-0.2, -gap / 2]),
    ];
    expect(ask({ land: wall(1.03) }).distanceNm).toBeCloseTo(10, 2);
    expect(ask({ land: wall(0.99) }).distanceNm).toBeGreaterThan(18);
  });

  it("is none where land shuts it in", () => {
    const ring = [
      polygon([-7, 2], [-3, 2], [-3, 3], [-7, 3]),
      polygon([-7, -3], [-3, -3], [-3, -2], [-7, -2]),
      polygon([-8, -3], [-7, -3], [-7, 3], [-8, 3]),
      polygon([-3, -3], [-2, -3], [-2, 3], [-3, 3]),
    ];
    expect(ask({ land: ring })).toEqual({ distanceNm: null, legs: [] });
  });

  it("joins an end that lies too near by the straight leg to where the clearance is kept", () => {
    // 0.1 off the west side of the island: 0.4 miles straight out
    const told = ask({ land: [square(0, 0, 1)], from: at(-1.1, 0), to: at(-5, 0) });
    expect(told.distanceNm).toBeCloseTo(3.9, 6);
    expect(told.legs[0]?.nm).toBeCloseTo(0.4, 6);
    // in the corner of a bay the nearest point keeps it from both sides
    const bay = polygon([0, 0], [4, 0], [4, 4], [3, 4], [3, 1], [0, 1]);
    const out = ask({ land: [bay], from: at(2.9, 1.1), to: at(0, 6) });
    expect(out.legs[0]?.nm).toBeCloseTo(0.4 * Math.SQRT2, 6);
  });

  it("along the shore may touch it where no clearance is asked for", () => {
    const { distanceNm } = ask({ land: [square(0, 0, 1)], clearanceNm: 0 });
    expect(distanceNm! / (2 * Math.hypot(4, 1) + 2)).toBeCloseTo(1, 3);
  });

  it.each([
    [{ from: at(0, 0), land: [square(0, 0, 1)] }, "/from"],
    [{ to: at(0, 0.5), land: [square(0, 0, 1)] }, "/to"],
    [{ to: [3.2, 0] }, "/to"],
    [{ from: [0, 91] }, "/from"],
    [{ land: [{ type: "Polygon" as const, coordinates: [[at(0, 0), at(1, 0), at(1, 1), at(0, 1)]] }] }, "/land/0"],
    [{ land: [{ type: "Polygon" as const, coordinates: [[at(0, 0), at(1, 0), at(0, 0)]] }] }, "/land/0"],
    [{ land: [{ type: "Polygon" as const, coordinates: [] }] }, "/land/0"],
    [{ land: [square(9, 9, 1), polygon([0, 0], [2, 2], [2, 0], [0, 2])] }, "/land/1"],
    [{ land: [polygon([0, 95 * 60], [1, 95 * 60], [1, 96 * 60])] }, "/land/0"],
    // in a harbour with a bend at its mouth: no straight way leads to where the clearance is kept
    [
      {
        from: at(-5, 0),
        land: [
          polygon(
            [-6, -1],
            [-4, -1],
            [-4, 1],
            [-6, 1],
            [-6, 0.3],
            [-4.4, 0.3],
            [-4.4, -0.3],
            [-5.2, -0.3],
            [-5.2, 0.1],
            [-6, 0.1],
          ),
        ],
        clearanceNm: 2,
      },
      "/from",
    ],
  ])("refuses %j", (change, where) => {
    expect(() => ask(change)).toThrow(expect.objectContaining({ name: "InputError", where }));
  });
});

/** A second way: the water as a raster, sailed from cell to cell in 32 directions (Dijkstra), which is at most a little longer. */
function byRaster(islands: { x: number; y: number; corners: [number, number][] }[], clearance: number, size: number) {
  // both ends lie on cells: an end between two of them would make the way shorter or longer than it is
  const cell = 0.125;
  const count = Math.round((2 * size) / cell) + 1;
  const where = (index: number) => -size + index * cell;
  const off = (px: number, py: number) =>
    Math.min(
      ...islands.map(({ corners }) => {
        let least = Infinity;
        let within = false;
        corners.forEach(([x1, y1], i) => {
          const [x2, y2] = corners[(i + 1) % corners.length]!;
          const t = Math.max(
            0,
            Math.min(1, ((px - x1) * (x2 - x1) + (py - y1) * (y2 - y1)) / ((x2 - x1) ** 2 + (y2 - y1) ** 2)),
          );
          least = Math.min(least, Math.hypot(px - x1 - t * (x2 - x1), py - y1 - t * (y2 - y1)));
          if (y1 > py !== y2 > py && px < ((x2 - x1) * (py - y1)) / (y2 - y1) + x1) within = !within;
        });
        return within ? -1 : least;
      }),
      Infinity,
    );
  const free = Array.from(
    { length: count * count },
    (_, index) => off(where(index % count), where(Math.floor(index / count))) >= clearance,
  );
  const steps: [number, number][] = [];
  for (let dx = -3; dx <= 3; dx++)
    for (let dy = -3; dy <= 3; dy++)
      if ((dx !== 0 || dy !== 0) && gcd(Math.abs(dx), Math.abs(dy)) === 1) steps.push([dx, dy]);
  const sailed = new Float64Array(count * count).fill(Infinity);
  const index = (x: number, y: number) => Math.round((y + size) / cell) * count + Math.round((x + size) / cell);
  const buckets: number[][] = [];
  const put = (node: number) => (buckets[Math.floor(sailed[node]! / cell)] ??= []).push(node);
  const start = index(-5, 0);
  sailed[start] = 0;
  put(start);
  for (let bucket = 0; bucket < buckets.length; bucket++)
    for (const node of buckets[bucket] ?? [])
      for (const [dx, dy] of steps) {
        const [x, y] = [(node % count) + dx, Math.floor(node / count) + dy];
        if (x < 0 || y < 0 || x >= count || y >= count || !free[y * count + x]) continue;
        const next = sailed[node]! + cell * Math.hypot(dx, dy);
        if (next < sailed[y * count + x]! - 1e-9) {
          sailed[y * count + x] = next;
          put(y * count + x);
        }
      }
  return { nm: sailed[index(5, 0)]!, off };
}
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

describe("against a raster of the water, and along every leg", () => {
  const island = fc
    .record({
      x: fc.double({ min: -3.5, max: 3.5, noNaN: true }),
      y: fc.double({ min: -3, max: 3, noNaN: true }),
      radii: fc.array(fc.double({ min: 0.4, max: 1.1, noNaN: true }), { minLength: 3, maxLength: 9 }),
    })
    .map(({ x, y, radii }) => ({
      ...{ x, y },
      corners: radii.map((radius, i): [number, number] => {
        const angle = (2 * Math.PI * i) / radii.length;
        return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
      }),
    }));

  it("it is as short, and never nearer to land than asked", () => {
    fc.assert(
      fc.property(
        fc.array(island, { minLength: 1, maxLength: 5 }),
        fc.constantFrom(0.15, 0.2, 0.3),
        (islands, clearanceNm) => {
          const { nm: tight, off } = byRaster(islands, clearanceNm + 0.12, 6);
          fc.pre(off(-5, 0) > clearanceNm + 0.1 && off(5, 0) > clearanceNm + 0.1);
          const { distanceNm, legs } = ask({ land: islands.map(({ corners }) => polygon(...corners)), clearanceNm });
          // a gap that the raster is too coarse for may be found by the one and not by the other
          const wide = byRaster(islands, clearanceNm - 0.12, 6).nm;
          expect(distanceNm).not.toBeNull();
          expect(distanceNm!).toBeLessThanOrEqual(tight * 1.002);
          expect(distanceNm!).toBeGreaterThanOrEqual(wide * 0.97);
          expect(distanceNm!).toBeGreaterThanOrEqual(10 - 1e-9);
          let [x, y] = [-5, 0];
          for (const leg of legs) {
            const [tx, ty] = [leg.to[0] * 60, leg.to[1] * 60];
            expect(Math.hypot(tx - x, ty - y)).toBeCloseTo(leg.nm, 6);
            for (let step = 0; step <= 60; step++) {
              const share = step / 60;
              expect(off(x + share * (tx - x), y + share * (ty - y))).toBeGreaterThan(0.98 * clearanceNm - 0.003);
            }
            [x, y] = [tx, ty];
          }
          expect([x, y]).toEqual([expect.closeTo(5, 6), expect.closeTo(0, 6)]);
        },
      ),
      { numRuns: 8, endOnFailure: true },
    );
  }, 60_000);
});
