import { InputError } from "../basics/calculation";
import { vectorTo, type Point } from "../handling/frames";
import { catamaran, dayBoat, yacht } from "../../testing/handled-boats";
import { humans } from "./human";
import { fromQuayM, lain, windwardOf } from "./lie";
import { givenOf, planBerthing, tryWay } from "./plan";
import { roomBetween } from "./room";
import type { BerthingInput } from "./schema";
import { ways } from "./ways";

/** Yachts of her own kind on both sides, with so much free water between them as a share of length or beam. */
function beside(
  { boat = yacht, lies = "alongside" as BerthingInput["berth"]["lies"], gap = 0.5 } = {},
  change: Partial<BerthingInput> = {},
): BerthingInput {
  const { lengthM, beamM } = boat;
  const widthM = (lies === "alongside" ? lengthM : beamM) * (1 + gap);
  return {
    boat,
    berth: { lies, outDeg: 270, widthM, ...(lies === "alongside" ? {} : { lazyLines: true }) },
    neighbours: [-1, 1].map((way) => ({ offsetM: way * widthM, lengthM, beamM })),
    wind: { fromDeg: 0, kn: 0 },
    crew: 4,
    // few, because each takes its time here; the first makes no error
    trials: 4,
    ...change,
  };
}
const told = (input: BerthingInput, name: string) => planBerthing(input).ways.find(({ way }) => way === name);

describe("room between two shapes", () => {
  const box = (x: number, y: number): Point[] => [
    [x, y],
    [x + 2, y],
    [x + 2, y + 1],
    [x, y + 1],
  ];
  it("is the shortest way between them, by corner or by side; none where they touch or lie in one another", () => {
    expect(roomBetween(box(0, 0), box(5, 0))).toBeCloseTo(3, 9);
    // corner to corner: 3 and 4 make 5
    expect(roomBetween(box(0, 0), box(5, 5))).toBeCloseTo(5, 9);
    expect(roomBetween(box(0, 0), box(1, 0.5))).toBe(0);
    expect(
      roomBetween(box(0, 0), [
        [0.5, 0.2],
        [1, 0.2],
        [1, 0.8],
      ]),
    ).toBe(0);
  });

  it("is the same from either side, over many shapes, and never more than between any two of their points", () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    for (let at = 0; at < 300; at++) {
      const shape = (): Point[] => {
        const [x, y] = [random() * 20, random() * 20];
        return Array.from({ length: 5 }, (_, side): Point => {
          const [east, north] = vectorTo(side * 72, 1 + random() * 3);
          return [x + east, y + north];
        });
      };
      const [one, other] = [shape(), shape()];
      const room = roomBetween(one, other);
      expect(roomBetween(other, one)).toBeCloseTo(room, 9);
      const corners = Math.min(...one.flatMap(([x, y]) => other.map(([a, b]) => Math.hypot(a - x, b - y))));
      expect(room).toBeLessThanOrEqual(corners + 1e-9);
    }
  });
});

describe("a boat at her berth", () => {
  it("lies with the side that is told to the quay, a fender off it, or with an end a step off", () => {
    // the quay runs north, the water is west of it: starboard to the quay she heads north
    const along = lain(beside());
    expect(along.start).toEqual({
      x: expect.closeTo(-(yacht.beamM / 2 + 0.3), 9),
      y: expect.closeTo(0, 9),
      headingDeg: 360,
    });
    const port = lain(beside({}, { berth: { lies: "alongside", outDeg: 270, widthM: 20, side: "port" } }));
    expect(port.start.headingDeg).toBe(180);
    const stern = lain(beside({ lies: "stern-to" }));
    expect(stern.start.headingDeg).toBe(270);
    expect(stern.start.x).toBeCloseTo(-(yacht.lengthM / 2 + 1), 9);
    expect(fromQuayM(stern, stern.start.x, stern.start.y, (270 * Math.PI) / 180)).toBeCloseTo(1, 9);
  });

  it.each(["alongside", "stern-to", "bow-to"] as const)(
    "%s, all her lines reach, and she lies still with them",
    (lies) => {
      for (const boat of [yacht, catamaran, dayBoat]) {
        const its = lain(beside({ boat, lies }));
        for (const { boatAtM, shoreAtM, lengthM } of its.lines) {
          const heading = (its.start.headingDeg * Math.PI) / 180;
          const x = its.start.x + boatAtM[0] * Math.sin(heading) + boatAtM[1] * Math.cos(heading);
          const y = its.start.y + boatAtM[0] * Math.cos(heading) - boatAtM[1] * Math.sin(heading);
          const distance = Math.hypot(shoreAtM[0] - x, shoreAtM[1] - y);
          expect(lengthM - distance).toBeGreaterThan(-1e-9);
          expect(lengthM - distance).toBeLessThan(0.2);
        }
      }
    },
  );

  it("has the wind on the side it comes from, whichever way she lies", () => {
    const wind = { fromDeg: 0, kn: 10 };
    expect(windwardOf(lain(beside({ lies: "stern-to" })), wind)).toBe("starboard");
    expect(windwardOf(lain(beside({ lies: "bow-to" })), wind)).toBe("port");
  });

  it("is refused where she does not fit, by name", () => {
    expect(() => planBerthing(beside({ gap: -0.1 }))).toThrow(InputError);
    expect(() => planBerthing(beside({ gap: -0.1 }))).toThrow(/takes 11.6 m/);
    const box = { lies: "stern-to", outDeg: 0, widthM: 5, postsM: 4 } as const;
    expect(() => planBerthing(beside({ lies: "stern-to" }, { berth: box }))).toThrow(/posts stand beyond/);
  });
});

describe("what a human does otherwise", () => {
  it("is the same every time, within its bounds and spread over them; the first makes no error", () => {
    const all = humans(20);
    expect(all).toEqual(humans(20));
    expect(all[0]).toEqual({ delayS: 1, wind: 1, lever: 1, wheelDeg: 0 });
    for (const { delayS, wind, lever, wheelDeg } of all) {
      expect(delayS).toBeGreaterThanOrEqual(0.3);
      expect(delayS).toBeLessThanOrEqual(2);
      expect(Math.abs(wind - 1)).toBeLessThanOrEqual(0.3);
      expect(Math.abs(lever - 1)).toBeLessThanOrEqual(0.2);
      expect(Math.abs(wheelDeg)).toBeLessThanOrEqual(5);
    }
    const winds = all.map(({ wind }) => wind);
    expect(Math.max(...winds)).toBeGreaterThan(1.2);
    expect(Math.min(...winds)).toBeLessThan(0.8);
  });
});

describe("the plan of leaving", () => {
  it("lets the wind do it where it blows her off, and says with what room", () => {
    const plan = planBerthing(beside({}, { wind: { fromDeg: 90, kn: 15 } }));
    expect(plan.ways.find(({ way }) => way === "blown-off")).toMatchObject({ trials: 4, clear: 4, spoilt: [] });
    expect(plan.advice).toBe("go");
    expect(plan.ways.find(({ way }) => way === plan.best)?.roomM?.least).toBeGreaterThan(2);
  });

  it("springs the stern out where the wind pins her, and nothing else will do", () => {
    const input = beside({}, { wind: { fromDeg: 270, kn: 10 } });
    const plan = planBerthing(input);
    expect(plan.best).toBe("spring-stern-out");
    expect(plan.steps.map(({ code }) => code)).toEqual(["single-up", "ahead-on-spring", "neutral", "astern"]);
    // the spring goes last, by who stands at the bow
    expect(plan.steps.at(-1)?.orders[0]).toEqual({ post: "bow", code: "slip", line: "fore-spring" });
    // a thruster drives her quarter and her neighbour into one another
    expect(told(input, "thruster-out")?.clear).toBeLessThan(4);
  });

  it("says wait in much wind across a narrow gap, and ask where there is little wind and no room", () => {
    const across = beside({ lies: "stern-to", gap: 0.3 }, { wind: { fromDeg: 0, kn: 25 } });
    expect(planBerthing(across)).toMatchObject({ best: null, advice: "wait", steps: [], fenders: [] });
    const tight = beside({ lies: "bow-to", gap: 0.02 }, { wind: { fromDeg: 0, kn: 8 } });
    expect(planBerthing(tight)).toMatchObject({ best: null, advice: "ask" });
  });

  it("keeps to the base's limits whatever the manoeuvres say", () => {
    const limits = { windKn: 12, crew: 3, byDay: true };
    const plan = planBerthing(beside({}, { wind: { fromDeg: 90, kn: 15 }, crew: 2, isDark: true, limits }));
    expect(plan).toMatchObject({ advice: "wait", stops: ["wind", "crew", "dark"] });
    expect(plan.best).not.toBeNull();
    expect(planBerthing(beside({}, { wind: { fromDeg: 90, kn: 12 }, crew: 3, limits })).stops).toEqual([]);
  });

  it("tries only what her berth and her gear allow", () => {
    const names = (input: BerthingInput) => planBerthing(input).ways.map(({ way }) => way);
    const bare = { ...yacht, thrusters: [] };
    expect(names(beside({ boat: bare }))).toEqual(["spring-stern-out", "spring-bow-out"]);
    expect(names(beside())).toContain("thruster-out");
    expect(names(beside({ lies: "stern-to" }))).toEqual(["straight", "straight-thruster", "windward-last"]);
    expect(names(beside({ lies: "bow-to", boat: bare }))).toEqual(["straight"]);
  });

  it("never touches in more wind what it left clear in none, and is the same turned round by any angle", () => {
    const clear = (kn: number) => told(beside({ lies: "stern-to" }, { wind: { fromDeg: 0, kn } }), "straight")!.clear;
    const all = [0, 8, 16, 24].map(clear);
    expect(all).toEqual(all.toSorted((a, b) => b - a));
    expect(all[0]).toBe(4);
    const turned = (deg: number) => {
      const input = beside({}, { wind: { fromDeg: 270 + deg, kn: 12 } });
      return planBerthing({ ...input, berth: { ...input.berth, outDeg: 270 + deg } });
    };
    const [straight, round] = [turned(0), turned(113)];
    expect(round.best).toBe(straight.best);
    round.ways.forEach(({ clear: times, roomM }, at) => {
      expect(times).toBe(straight.ways[at]?.clear);
      expect(roomM?.median).toBeCloseTo(straight.ways[at]?.roomM?.median ?? 0, 3);
    });
  });

  it("is mirrored where she lies with the other side to the quay, but for her propeller's walk", () => {
    const still = { ...yacht, engines: yacht.engines.map((engine) => ({ ...engine, walkN: 0 })) };
    const lies = (side: "port" | "starboard") =>
      planBerthing({
        ...beside({ boat: still }, { wind: { fromDeg: 270, kn: 9 }, trials: 1 }),
        berth: { lies: "alongside", outDeg: 270, widthM: 18, side },
      }).ways.map(({ way, clear, roomM }) => [way, clear, Math.round((roomM?.median ?? 0) * 100)]);
    expect(lies("port")).toEqual(lies("starboard"));
  });

  it("leaves a box between its posts, and touches them where they stand too near", () => {
    const box = (widthM: number, kn: number) =>
      planBerthing({
        ...beside({ lies: "bow-to" }, { wind: { fromDeg: 0, kn }, neighbours: [] }),
        berth: { lies: "bow-to", outDeg: 270, widthM, postsM: yacht.lengthM + 2 },
      });
    expect(box(yacht.beamM * 1.6, 0)).toMatchObject({ advice: "go" });
    expect(box(yacht.beamM * 1.6, 0).ways[0]?.roomM?.least).toBeLessThan(yacht.beamM * 0.3);
    expect(box(yacht.beamM * 1.05, 18).best).toBeNull();
  });

  it("slips every line of hers once, by somebody who stands there, in every way that fits", () => {
    for (const lies of ["alongside", "stern-to", "bow-to"] as const) {
      const input = beside({ lies }, { wind: { fromDeg: 60, kn: 10 } });
      const given = givenOf({
        ...input,
        boat: { ...yacht, thrusters: [...yacht.thrusters!, { id: "stern", atM: -4.5, thrustN: 400 }] },
      });
      for (const way of ways.filter(({ fits }) => fits(given))) {
        const slipped = way.steps(given).flatMap(({ orders }) => orders.filter(({ code }) => code === "slip"));
        expect(slipped.map(({ line }) => line).toSorted()).toEqual(given.lain.lines.map(({ id }) => id).toSorted());
        expect(slipped.every(({ post }) => post === "bow" || post === "stern")).toBe(true);
        expect(way.fenders(given).length).toBeGreaterThan(0);
      }
    }
  });

  it("keeps where she was in each trial, from her berth to clear of it", () => {
    const input = beside({}, { wind: { fromDeg: 90, kn: 10 }, trials: 3 });
    const given = givenOf(input);
    const way = ways.find(({ name }) => name === "blown-off")!;
    const { trials } = tryWay(way, given, input);
    for (const { track, spoilt } of trials) {
      expect(spoilt).toBeNull();
      expect(track[0]).toMatchObject({ x: given.lain.start.x, y: given.lain.start.y });
      const end = track.at(-1)!;
      expect(fromQuayM(given.lain, end.x, end.y, (end.headingDeg * Math.PI) / 180)).toBeGreaterThanOrEqual(
        given.lain.clearM,
      );
    }
  });
});
