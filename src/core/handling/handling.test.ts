import fc from "fast-check";
import { catamaran, dayBoat, yacht } from "../../testing/handled-boats";
import { mismatch } from "../../formats/validate";
import { msPerKn, radPerDeg } from "./frames";
import { HandlingInput, type HandledBoat, type TrackRow } from "./schema";
import { simulate } from "./simulate";

type More = Partial<Omit<HandlingInput, "boat">>;
const run = (boat: HandledBoat, more: More = {}) =>
  simulate({ boat, start: { headingDeg: 0 }, actions: [], until: 60, ...more });
const last = (boat: HandledBoat, more: More = {}): TrackRow => run(boat, more).track.at(-1)!;
const lever = (to: number, at = 0) => ({ at, control: "lever", to });
const wheel = (to: number, at = 0) => ({ at, control: "wheel", to });
const north = (speedKn: number) => ({ headingDeg: 0, speedKn });
const boats: [string, HandledBoat][] = [
  ["yacht", yacht],
  ["catamaran", catamaran],
  ["day boat", dayBoat],
];
/** Off the bow, 0 to 180: where the wind comes from. */
const offBow = (fromDeg: number, headingDeg: number) => Math.abs(((fromDeg - headingDeg + 540) % 360) - 180);

describe.each(boats)("a %s", (_name, boat) => {
  const topMs = 2.4 * Math.sqrt(0.9 * boat.lengthM) * msPerKn;

  it("stays where she is with no force", () => {
    expect(last(boat)).toEqual({ at: 60, x: 0, y: 0, headingDeg: 0, u: 0, v: 0, r: 0, energyJ: 0 });
  });

  it.each([1, 0.6, 0.25, 0.1])("settles at lever %f to that share of her top speed, never under a quarter", (to) => {
    // pull n·(n − q/2) against half of the full pull times q²: q² + nq − 2n² = 0, so q = n
    const { u, v, r } = last(boat, { actions: [lever(to)], until: 30 + 30 / Math.max(0.25, to) });
    expect(u / topMs).toBeCloseTo(Math.max(0.25, to), 2);
    expect([v, r]).toEqual([expect.closeTo(0, 9), expect.closeTo(0, 9)]);
  });

  it("has the speed that her file tells, where it tells", () => {
    expect(last({ ...boat, topSpeedKn: 6.5 }, { actions: [lever(1)], until: 80 }).u / msPerKn).toBeCloseTo(6.5, 1);
  });

  it("stops from two knots within little more than a length", () => {
    const stopped = run(boat, { start: north(2), actions: [lever(-1)] }).track.find(({ u }) => u <= 0)!;
    expect(Math.hypot(stopped.x, stopped.y) / boat.lengthM).toBeLessThan(1.2);
    // energy alone, ½·m·v², and the full pull astern after a second of lag, need no less than this
    const pullN = boat.engines.reduce((sum, { thrustAsternN }) => sum + thrustAsternN, 0);
    const leastM = (0.5 * boat.displacementKg * (2 * msPerKn) ** 2) / (pullN + 0.5 * pullN);
    expect(Math.hypot(stopped.x, stopped.y)).toBeGreaterThan(leastM);
  });

  it.each([20, 35, -35])("turns with the wheel at %i in a circle as her kind does", (to) => {
    const { u, v, r } = last(boat, { start: north(3), actions: [lever(0.5), wheel(to)], until: 60 });
    const radius = Math.hypot(u, v) / Math.abs(r * radPerDeg) / boat.lengthM;
    expect(radius).toBeGreaterThan(0.5);
    expect(radius).toBeLessThan(4.5);
    expect(Math.sign(r)).toBe(Math.sign(to));
  });

  it("settles beam-on to twenty knots of wind", () => {
    const drifts = last(boat, { wind: { fromDeg: 90, kn: 20 }, until: 200 });
    const share = Math.hypot(drifts.u, drifts.v) / (20 * msPerKn);
    expect(share).toBeGreaterThan(0.02);
    expect(share).toBeLessThan(0.22);
    expect(offBow(90, drifts.headingDeg)).toBeGreaterThan(55);
    expect(offBow(90, drifts.headingDeg)).toBeLessThan(155);
    expect(Math.abs(drifts.r)).toBeLessThan(0.1);
  });

  it("brings her stern out on a fore spring, ahead, with the wheel towards the quay", () => {
    const x = boat.beamM / 2 + 0.1;
    const { lengthM } = boat;
    const spring = { id: "fore-spring", boatAtM: [0.4 * lengthM, 0.2 * boat.beamM] as [number, number] };
    const more: More = {
      quay: [
        [
          [x, -60],
          [x, 60],
        ],
      ],
      lines: [{ ...spring, shoreAtM: [x, -0.1 * lengthM], lengthM: 0.52 * lengthM }],
      actions: [lever(0.3), wheel(35)],
      until: 30,
    };
    const { x: toX, headingDeg } = last(boat, more);
    const sternX = toX - (lengthM / 2) * Math.sin(headingDeg * radPerDeg);
    expect(sternX).toBeLessThan(-1);
    expect(run(boat, more).events.some(({ code }) => code === "struck")).toBe(false);
  });

  it("gives in less than half a metre at three metres a second, and comes back at half her speed or less", () => {
    // she begins so near that she has lost nothing of her speed
    const nearM = -boat.lengthM / 2 - 0.02;
    const { events, track } = run(boat, {
      ...{
        start: { headingDeg: 0, y: nearM, speedKn: 3 / msPerKn },
        quay: [
          [
            [-30, 0],
            [30, 0],
          ],
        ],
      },
      actions: Array.from({ length: 60 }, (_, at) => wheel(0, at / 50)),
      until: 4,
    });
    expect(events[0]).toMatchObject({ code: "struck", speedMs: expect.any(Number) as number });
    expect(Math.abs((events[0]?.speedMs ?? 0) - 3)).toBeLessThan(0.1);
    const back = -Math.min(...track.map(({ u }) => u));
    expect(back / 3).toBeLessThan(0.5);
    expect(back).toBeGreaterThan(0);
    const deepest = Math.max(
      ...Array.from({ length: 40 }, (_, at) => {
        const until = (at + 1) / 100;
        return last(boat, {
          start: { headingDeg: 0, y: nearM, speedKn: 3 / msPerKn },
          quay: [
            [
              [-30, 0],
              [30, 0],
            ],
          ],
          until,
        }).y;
      }),
    );
    expect(deepest + boat.lengthM / 2).toBeGreaterThan(0.1);
    expect(deepest + boat.lengthM / 2).toBeLessThan(0.5);
  });

  it("has the same way with half the step, and mirrored input gives the mirrored way but for prop walk", () => {
    const walkless = { ...boat, engines: boat.engines.map((each) => ({ ...each, walkN: 0 })) };
    const actions = [lever(0.5), wheel(30, 2), lever(-0.6, 12), wheel(-20, 15)];
    const more: More = { start: north(2), wind: { fromDeg: 50, kn: 12 }, current: { toDeg: 100, kn: 1 }, actions };
    const [whole, half] = [last(walkless, more), last(walkless, { ...more, stepS: 0.005 })];
    expect(Math.hypot(whole.x - half.x, whole.y - half.y)).toBeLessThan(0.001 * Math.hypot(whole.x, whole.y));
    const mirrored = last(walkless, {
      ...{ start: north(2), wind: { fromDeg: -50, kn: 12 }, current: { toDeg: -100, kn: 1 } },
      actions: actions.map((each) => (each.control === "wheel" ? { ...each, to: -each.to } : each)),
    });
    expect([mirrored.x, mirrored.y, mirrored.u, mirrored.v, mirrored.r].map((of) => Number(of.toFixed(6)))).toEqual(
      [-whole.x, whole.y, whole.u, -whole.v, -whole.r].map((of) => Number(of.toFixed(6))),
    );
    expect(Math.cos((mirrored.headingDeg + whole.headingDeg) * radPerDeg)).toBeCloseTo(1, 9);
  });

  it("never gains energy without force", () => {
    fc.assert(
      fc.property(fc.double({ min: -4, max: 6, noNaN: true }), fc.integer({ min: -40, max: 40 }), (speedKn, to) => {
        const { track } = run(boat, { start: north(speedKn), actions: [wheel(to)], until: 30 });
        for (const [at, row] of track.entries())
          expect(row.energyJ).toBeLessThanOrEqual((track[at - 1]?.energyJ ?? Infinity) + 1e-6);
      }),
      { numRuns: 6, endOnFailure: true },
    );
  });
});

describe("engines", () => {
  it("walk the stern to port astern with a right-handed propeller, and not ahead", () => {
    // stern to port is clockwise
    expect(last(yacht, { actions: [lever(-0.6)], until: 10 }).r).toBeGreaterThan(0.2);
    expect(last(yacht, { actions: [lever(0.6)], until: 10 }).r).toBeCloseTo(0, 9);
  });
  it("apart turn her on the spot: starboard ahead, port astern goes to port", () => {
    const { headingDeg, x, y } = last(catamaran, {
      actions: [
        { at: 0, control: "lever:starboard", to: 0.5 },
        { at: 0, control: "lever:port", to: -0.6 },
      ],
      until: 20,
    });
    expect(headingDeg).toBeGreaterThan(180);
    expect(headingDeg).toBeLessThan(345);
    expect(Math.hypot(x, y)).toBeLessThan(catamaran.lengthM);
  });
  it("come up with a lag of a second", () => {
    // after half a second n is 1 − e^(−0.5) = 0.393: pulled with 3600·n² = 557 N, which is the mean of some 200 N before
    const { u } = last(yacht, { actions: [lever(1)], until: 0.5 });
    const n = (at: number) => 1 - Math.exp(-at);
    let pulled = 0;
    for (let at = 0.005; at < 0.5; at += 0.01) pulled += 3600 * n(at) ** 2 * 0.01;
    expect(u).toBeCloseTo(pulled / (8000 * 1.06), 3);
  });
  it("steer a day boat that has no rudder", () => {
    expect(last({ ...dayBoat, rudders: [] }, { actions: [lever(0.5), wheel(20)], until: 20 }).r).toBeGreaterThan(3);
    expect(last({ ...yacht, rudders: [] }, { actions: [lever(0.5), wheel(20)], until: 20 }).r).toBeCloseTo(0, 9);
  });
  it("kick the stern round from rest by the rudder in their wash, ahead alone", () => {
    const kick = (to: number, boat = yacht) => last(boat, { actions: [wheel(35), lever(to, 2)], until: 6 }).headingDeg;
    expect(kick(0.6)).toBeGreaterThan(4);
    const noWalk = { ...yacht, engines: [{ ...yacht.engines[0]!, walkN: 0 }] };
    expect(kick(-0.6, noWalk)).toBeGreaterThan(355);
    const dry = { ...yacht, rudders: [{ ...yacht.rudders![0]!, inWash: false }] };
    expect(kick(0.6, dry)).toBeLessThan(kick(0.6) / 2);
  });
});

describe("a bow thruster", () => {
  it("turns her about a point behind midships, the stern going the other way", () => {
    const { track } = run(yacht, { actions: [{ at: 0, control: "thruster:bow", to: 1 }], until: 10 });
    for (const { v, r } of track.slice(1)) {
      const pivot = -v / (r * radPerDeg) / yacht.lengthM;
      expect(pivot).toBeLessThan(-0.02);
      expect(pivot).toBeGreaterThan(-0.5);
      expect(r).toBeGreaterThan(0);
    }
  });
  it("has its full push after three tenths of a second", () => {
    // until then half of it in the mean: 500 N · 4.6 m on 8000 · 2.9² · 1.5 kg m²
    const turned = (until: number) => last(yacht, { actions: [{ at: 0, control: "thruster:bow", to: 1 }], until }).r;
    const perS = (500 * 4.6) / (8000 * 2.9 ** 2 * 1.5) / radPerDeg;
    expect(turned(0.3)).toBeCloseTo(perS * 0.15, 3);
    expect(turned(0.5)).toBeCloseTo(perS * 0.35, 2);
  });
});

describe("current", () => {
  it("carries her along with the water, and her speed is over the ground", () => {
    const carried = last(yacht, { current: { toDeg: 90, kn: 2 }, until: 200 });
    // the last of it comes slowly: what drags goes with the square of what is left
    expect(carried.v / msPerKn).toBeGreaterThan(1.8);
    expect(carried.v / msPerKn).toBeLessThan(2);
    const at = last(yacht, { start: north(3), current: { toDeg: 0, kn: 3 }, until: 10 });
    expect([at.u / msPerKn, at.energyJ]).toEqual([expect.closeTo(3, 6), expect.closeTo(0, 6)]);
  });
});

describe("lines", () => {
  const held = (more: object = {}) => ({
    id: "bow",
    boatAtM: [5, 0] as [number, number],
    shoreAtM: [0, 20] as [number, number],
    lengthM: 14,
    ...more,
  });

  it("come tight, hold her, and give their energy back to nobody", () => {
    const { track, events } = run(yacht, { lines: [held()], start: { headingDeg: 0, speedKn: -1 }, until: 60 });
    expect(events[0]).toMatchObject({ code: "line-taut", of: "bow" });
    // one metre short of it at first
    expect(track.at(-1)!.y).toBeGreaterThan(-3);
    expect(events.some(({ code }) => code === "line-broken")).toBe(false);
    for (const [at, row] of track.entries())
      expect(row.energyJ).toBeLessThanOrEqual((track[at - 1]?.energyJ ?? Infinity) + 1e-6);
  });
  it("pull in proportion up to their strength at a fifth more length", () => {
    // full astern with 2300 N stretches a line of 14 m and 9000 N by 2300/9000·2.8 = 0.716 m
    const straight = { ...yacht, engines: [{ ...yacht.engines[0]!, walkN: 0 }] };
    const { y, u } = last(straight, { lines: [held({ strengthN: 9000 })], actions: [lever(-1)], until: 90 });
    expect(u).toBeCloseTo(0, 1);
    expect(20 - (y + 5) - 14).toBeCloseTo((2300 / 9000) * 2.8, 1);
  });
  it("break above it, once and for good, and are told of again only after a second slack", () => {
    const { events } = run(yacht, {
      lines: [held({ strengthN: 1500 })],
      actions: [lever(-1), { at: 30, control: "line:bow", do: "make-fast" }],
    });
    expect(events.map(({ code }) => code)).toEqual(["line-taut", "line-broken"]);
    expect(events[1]!.speedMs).toBeGreaterThan(0);
  });
  it("that are slipped hold nothing, until they are made fast", () => {
    const slip = { at: 0, control: "line:bow", do: "slip" as const };
    expect(last(yacht, { lines: [held()], actions: [slip, lever(-0.5)], until: 60 }).y).toBeLessThan(-20);
    expect(
      last(yacht, {
        lines: [held({ lengthM: 25 })],
        actions: [slip, lever(-0.5), { at: 15, control: "line:bow", do: "make-fast" }],
        until: 120,
      }).y,
    ).toBeGreaterThan(-13);
  });
});

describe("a quay", () => {
  const wall: [number, number][] = [
    [-40, 0],
    [40, 0],
  ];
  it("is touched or struck, once a contact", () => {
    const at = (speedKn: number) =>
      run(yacht, { start: { headingDeg: 0, y: -yacht.lengthM / 2 - 0.1, speedKn }, quay: [wall], until: 8 }).events;
    expect(at(0.5)).toMatchObject([{ code: "touch", speedMs: expect.closeTo(0.25, 1) as number }]);
    expect(at(1.5)).toMatchObject([{ code: "struck", speedMs: expect.closeTo(0.75, 1) as number }]);
  });
  it("holds her off beam-on in a gale, from whichever side she lies", () => {
    for (const side of [1, -1]) {
      const start = { headingDeg: 90, y: side * (yacht.beamM / 2 + 0.3) };
      const { y } = last(yacht, { start, quay: [wall], wind: { fromDeg: side > 0 ? 0 : 180, kn: 45 }, until: 60 });
      expect(side * y).toBeGreaterThan(yacht.beamM / 2 - 0.3);
      expect(side * y).toBeLessThan(yacht.beamM / 2 + 0.3);
    }
  });
  it("stands in her way with its end as well", () => {
    const { events, track } = run(yacht, {
      start: { headingDeg: 0, y: -12, speedKn: 1 },
      quay: [
        [
          [0.3, -3],
          [0.3, 30],
        ],
      ],
      until: 20,
    });
    expect(events[0]?.code).toMatch(/touch|struck/);
    expect(track.at(-1)!.y).toBeLessThan(-3);
  });
  it("throws nobody off who came round its end, and gives no energy back that was not hers", () => {
    const anywhere = fc.record({
      boat: fc.constantFrom(yacht, catamaran, dayBoat),
      start: fc.record({
        x: fc.double({ min: -10, max: 10, noNaN: true }),
        y: fc.double({ min: -18, max: -3, noNaN: true }),
        headingDeg: fc.integer({ min: 0, max: 359 }),
        speedKn: fc.double({ min: -4, max: 7, noNaN: true }),
      }),
      west: fc.double({ min: -15, max: 0, noNaN: true }),
      east: fc.double({ min: 1, max: 20, noNaN: true }),
      to: fc.integer({ min: -40, max: 40 }),
    });
    fc.assert(
      fc.property(anywhere, ({ boat, start, west, east, to }) => {
        const quay: [number, number][][] = [
          [
            [west, 0],
            [east, 2],
            [east + 5, 15],
          ],
        ];
        const { track } = run(boat, { start, quay, actions: [wheel(to)], until: 12 });
        for (const [at, row] of track.entries())
          expect(row.energyJ).toBeLessThanOrEqual((track[at - 1]?.energyJ ?? Infinity) + 1);
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
  it("has its energy in the fenders", () => {
    // pressed by 45 knots of wind: ½·F²/k of the contact, and nothing else once she lies still
    const start = { headingDeg: 90, y: -yacht.beamM / 2 };
    const { energyJ, v } = last(yacht, { start, quay: [wall], wind: { fromDeg: 180, kn: 45 }, until: 120 });
    const pressN = 0.5 * 1.225 * 26 * (45 * msPerKn) ** 2;
    expect(v).toBeCloseTo(0, 2);
    expect(energyJ).toBeGreaterThan((0.5 * pressN ** 2) / (60 * 8000 * 4));
    expect(energyJ).toBeLessThan((0.5 * pressN ** 2) / (60 * 8000) + 1);
  });
});

describe("the track", () => {
  it("has rows at 0, every half second, and at the end", () => {
    expect(run(yacht, { until: 1.2, actions: [lever(1, 0.7)] }).track.map(({ at }) => at)).toEqual([0, 0.5, 1, 1.2]);
    expect(run(yacht, { until: 0 }).track).toHaveLength(1);
    expect(run(yacht, { until: 1 }).track.map(({ at }) => at)).toEqual([0, 0.5, 1]);
  });
  it("goes from 0 to below 360, and twice the same", () => {
    const more: More = { start: { headingDeg: -30 }, actions: [lever(0.7), wheel(-40)], until: 90 };
    const { track } = run(yacht, more);
    expect(track[0]!.headingDeg).toBe(330);
    expect(track.every(({ headingDeg }) => headingDeg >= 0 && headingDeg < 360)).toBe(true);
    expect(run(yacht, more)).toEqual(run(yacht, more));
  });
});

describe("what is no manoeuvre is refused by name", () => {
  const base: HandlingInput = { boat: yacht, start: { headingDeg: 0 }, actions: [], until: 10 };
  it.each<[string, object, RegExp]>([
    ["mass", { boat: { ...yacht, displacementKg: 0 } }, /displacementKg/],
    ["length", { boat: { ...yacht, lengthM: -1 } }, /lengthM/],
    ["step", { stepS: 0.2 }, /stepS/],
    ["end", { until: 1300 }, /until/],
    ["moment", { actions: [lever(1, -1)] }, /at/],
    ["line of no length", { lines: [{ id: "a", boatAtM: [0, 0], shoreAtM: [1, 1], lengthM: 0 }] }, /lengthM/],
    ["hull", { boat: { ...yacht, hull: "raft" } }, /hull/],
    ["field", { tide: 1 }, /tide/],
  ])("%s, by the schema", (_what, change, words) => {
    const wrong = mismatch(HandlingInput, { ...base, ...change });
    expect(`${wrong?.where} ${wrong?.message}`).toMatch(words);
  });
  it.each<[string, Partial<HandlingInput>, RegExp]>([
    ["control", { actions: [{ at: 0, control: "sail", to: 1 }] }, /"sail" is no control/],
    ["engine", { actions: [{ at: 0, control: "lever:left", to: 1 }] }, /no engine "left"/],
    ["thruster", { actions: [{ at: 0, control: "thruster:stern", to: 1 }] }, /no thruster "stern"/],
    ["line", { actions: [{ at: 0, control: "line:aft", do: "slip" }] }, /no line "aft"/],
    ["lever", { actions: [lever(1.1)] }, /from -1 to 1/],
    ["wheel", { actions: [wheel(41)] }, /from -40 to 40/],
    ["wheel to nowhere", { actions: [{ at: 0, control: "wheel" }] }, /from -40 to 40/],
    [
      "deed",
      {
        lines: [{ id: "a", boatAtM: [0, 0], shoreAtM: [1, 1], lengthM: 1 }],
        actions: [{ at: 0, control: "line:a", to: 1 }],
      },
      /slip or make-fast/,
    ],
    ["line twice", { lines: [1, 2].map(() => ({ id: "a", boatAtM: [0, 0], shoreAtM: [1, 1], lengthM: 1 })) }, /twice/],
    [
      "quay of one place",
      {
        quay: [
          [
            [0, 0],
            [0, 0],
          ],
        ],
      },
      /no length/,
    ],
  ])("%s", (_what, change, words) => expect(() => simulate({ ...base, ...change })).toThrow(words));
});
