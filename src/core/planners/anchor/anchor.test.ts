import * as fc from "fast-check";
import { anchorCalculation } from "./calc";
import type { Anchoring, AnchorInput } from "./schema";

const calc = (input: AnchorInput) => anchorCalculation.run(input as never, {} as never) as Anchoring;
const usual: AnchorInput = {
  ...{ waterM: 5.2, bowM: 1.4, riseM: 1.8, fallM: 0.6, lengthM: 15.4 },
  rode: { chainM: 60, chainKgPerM: 2.3, ropeM: 20, ropeKgPerM: 0.2 },
  ...{ windKn: 25, gustKn: 33, currentKn: 0.5, dragAreaAirM2: 16, dragAreaWaterM2: 0.3 },
  ...{ school: "larger", ratio: { chain: 4, rope: 7 }, roomM: 52 },
};

/**
 * A second way to the same figures: the line cut into short straight pieces, laid from the anchor up piece by piece, the
 * free figure (what lies on the ground, or the upward pull at the anchor) found by halving. From the words of the contract,
 * without any formula of a catenary.
 */
function byPieces(lengthM: number, input: AnchorInput, heightM: number, pullN: number) {
  const { chainM, chainKgPerM, ropeKgPerM } = input.rode;
  const weightAt = (at: number) =>
    at < chainM ? chainKgPerM * 9.81 * (1 - 1025 / 7850) : ropeKgPerM * 9.81 * (1 - 1025 / 1140);
  const lay = (groundM: number, upN: number) => {
    const pieces = 800;
    const pieceM = (lengthM - groundM) / pieces;
    let [x, y, up] = [0, 0, upN];
    for (let piece = 0; piece < pieces; piece++) {
      const load = weightAt(groundM + (piece + 0.5) * pieceM) * pieceM;
      const [middle, tension] = [up + load / 2, Math.hypot(pullN, up + load / 2)];
      x += (pieceM * pullN) / tension;
      y += (pieceM * middle) / tension;
      up += load;
    }
    return { x, y, up };
  };
  const halve = (goesUp: (at: number) => number, from: number, to: number) => {
    let [low, high] = [from, to];
    for (let turn = 0; turn < 44; turn++) {
      const middle = (low + high) / 2;
      if (goesUp(middle) < heightM) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  };
  const deg = (opposite: number) => (Math.atan(opposite / pullN) * 180) / Math.PI;
  if (lay(0, 0).y >= heightM) {
    const liftedM = halve((lifted) => lay(lengthM - lifted, 0).y, 0, lengthM);
    const { x, up } = lay(lengthM - liftedM, 0);
    return { onGroundM: lengthM - liftedM, upliftDeg: 0, bowAngleDeg: deg(up), reachM: lengthM - liftedM + x };
  }
  let most = 1;
  while (lay(0, most).y < heightM) most *= 4;
  const upN = halve((up) => lay(0, up).y, 0, most);
  const { x, up } = lay(0, upN);
  return { onGroundM: 0, upliftDeg: deg(upN), bowAngleDeg: deg(up), reachM: x };
}

/**
 * A third way: the textbook catenary y = a·cosh(x/a) of each material, a = H/w, its parts joined where they pull alike; the
 * free figure by halving. Exact also where a heavy chain bends sharply, where pieces are too long.
 */
function byCosh(lengthM: number, input: AnchorInput, heightM: number, pullN: number) {
  const { chainM, chainKgPerM, ropeKgPerM } = input.rode;
  const chain = { m: Math.min(chainM, lengthM), w: chainKgPerM * 9.81 * (1 - 1025 / 7850) };
  const rope = { m: lengthM - chain.m, w: ropeKgPerM * 9.81 * (1 - 1025 / 1140) };
  const hang = (groundM: number, upN: number) => {
    let [x, y, up, lies] = [0, 0, upN, groundM];
    for (const { m, w } of [chain, rope]) {
      const hangs = m - Math.min(lies, m);
      lies -= Math.min(lies, m);
      if (hangs <= 0) continue;
      const a = pullN / w;
      const slope = (n: number) => Math.log(n / pullN + Math.sqrt((n / pullN) ** 2 + 1));
      const [from, to] = [slope(up), slope(up + w * hangs)];
      x += a * (to - from);
      y += a * (Math.cosh(to) - Math.cosh(from));
      up += w * hangs;
    }
    return { x, y, up };
  };
  const deg = (n: number) => 90 - (Math.atan(pullN / n) * 180) / Math.PI;
  let [low, high] = [0, lengthM];
  if (hang(0, 0).y >= heightM) {
    for (let turn = 0; turn < 80; turn++) {
      const middle = (low + high) / 2;
      if (hang(middle, 0).y > heightM) low = middle;
      else high = middle;
    }
    const { x, up } = hang(low, 0);
    return { onGroundM: low, upliftDeg: 0, bowAngleDeg: deg(up), reachM: low + x };
  }
  for (high = 1; hang(0, high).y < heightM; high *= 3);
  for (let turn = 0; turn < 80; turn++) {
    const middle = (low + high) / 2;
    if (hang(0, middle).y < heightM) low = middle;
    else high = middle;
  }
  const { x, up } = hang(0, low);
  return { onGroundM: 0, upliftDeg: deg(low), bowAngleDeg: deg(up), reachM: x };
}

const close = (found: number, expected: number, least = 0.02) =>
  expect(Math.abs(found - expected)).toBeLessThanOrEqual(Math.max(0.005 * Math.abs(expected), least));

describe("how much chain", () => {
  it("is reckoned by hand for a usual night", () => {
    // 25 kn are 12.8611 m/s, 33 kn 16.9767, half a knot of current 0.257222
    const pull = 0.5 * 1.225 * 12.8611 ** 2 * 16 + 0.5 * 1025 * 0.257222 ** 2 * 0.3;
    const gust = 0.5 * 1.225 * 16.976652 ** 2 * 16 + 0.5 * 1025 * 0.257222 ** 2 * 0.3;
    // h = 5.2 + 1.8 + 1.4; 2.3 kg of chain weigh 2.3·9.81·(1 − 1025/7850) = 19.6170 N in water
    const level = Math.sqrt(8.4 ** 2 + (2 * 8.4 * pull) / 19.617);
    const found = calc(usual);
    close(found.pullN, pull, 0.1);
    close(found.gustPullN, gust, 0.1);
    expect(level).toBeGreaterThan(4 * 8.4);
    expect(found).toMatchObject({ letOutM: Math.ceil(level), chainM: Math.ceil(level), ropeM: 0, enough: true });
    expect(found.wind.upliftDeg).toBe(0);
    expect(found.gust.upliftDeg).toBeGreaterThan(0.05);
    expect(calc({ ...usual, school: "ratio" }).letOutM).toBe(34);
    expect(calc({ ...usual, school: "catenary" }).letOutM).toBe(Math.ceil(level));
  });

  it.each([
    [{ windKn: 4, gustKn: 5 }, "fine", []],
    [{ roomM: 60 }, "watch", ["gust-uplift"]],
    [{}, "stop", ["gust-uplift", "room"]],
    [{ roomM: 20 }, "stop", ["gust-uplift", "room"]],
    [{ roomM: null }, "watch", ["gust-uplift"]],
    [{ school: "ratio" as const, windKn: 45, gustKn: 60 }, "stop", ["wind-uplift", "gust-uplift"]],
    [{ waterM: 25, ratio: { chain: 4, rope: 7 }, school: "ratio" as const, roomM: null }, "stop", ["not-enough"]],
  ] as const)("with %j is %s: %j", (change, verdict, reasons) => {
    const { verdict: found, reasons: told } = calc({ ...usual, ...change } as AnchorInput);
    expect([found, told.filter((reason) => reasons.includes(reason as never))]).toEqual([verdict, reasons]);
  });

  it("in no wind hangs straight down and lies on the ground", () => {
    const still = calc({ ...usual, windKn: 0, gustKn: 0, currentKn: 0, school: "catenary" });
    expect(still).toMatchObject({ letOutM: 9, pullN: 0, verdict: "fine", reasons: [] });
    close(still.wind.onGroundM, 0.6, 1e-9);
    expect(still.wind).toEqual({
      onGroundM: still.wind.reachM,
      upliftDeg: 0,
      bowAngleDeg: 90,
      reachM: still.wind.reachM,
    });
    // at low water: 5.2 − 0.6 + 1.4 = 6 m up, 3 m on the ground
    close(still.swingRadiusM.low, 18.4, 1e-9);
  });

  it("straight up and down pulls at ninety degrees", () => {
    const straight = calc({
      ...usual,
      ...{ waterM: 6, riseM: 1, bowM: 1, fallM: 0, windKn: 1e-9, gustKn: 10, currentKn: 0 },
      school: "catenary",
    });
    expect(straight.letOutM).toBe(8);
    expect(straight.wind).toEqual({ onGroundM: 0, upliftDeg: 90, bowAngleDeg: 90, reachM: 0 });
    expect(straight.reasons).toEqual(expect.arrayContaining(["wind-uplift", "gust-uplift"]));
  });

  it("never lets out more than there is, and tells of all of it then", () => {
    const short = calc({ ...usual, rode: { ...usual.rode, chainM: 20.5, ropeM: 0 }, windKn: 40, gustKn: 50 });
    expect(short).toMatchObject({ letOutM: 20.5, chainM: 20.5, ropeM: 0, enough: false, verdict: "stop" });
    expect(short.reasons).toEqual(["not-enough", "wind-uplift", "gust-uplift"]);
  });

  it.each([
    [{ gustKn: 24 }, "/gustKn"],
    [{ fallM: 5.3 }, "/fallM"],
    [{ ratio: { chain: 1, rope: 7 } }, "/ratio/chain"],
    [{ ratio: { chain: 5, rope: 4 } }, "/ratio/rope"],
    [{ rode: { ...usual.rode, chainKgPerM: 0 } }, "/rode/chainKgPerM"],
    [{ rode: { ...usual.rode, ropeKgPerM: 0 } }, "/rode/ropeKgPerM"],
    [{ rode: { ...usual.rode, chainM: 8.4, ropeM: 0 } }, "/rode"],
    [{ rode: { ...usual.rode, chainM: 0, ropeM: 0 } }, "/rode"],
  ])("refuses %j, and says where", (change, where) => {
    expect(() => calc({ ...usual, ...change })).toThrow(expect.objectContaining({ name: "InputError", where }));
  });
});

describe("against other ways to the same line", () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const inputs: fc.Arbitrary<AnchorInput> = fc
    .record({
      waterM: number(1.5, 30),
      bowM: number(0.3, 2.5),
      riseM: number(0, 4),
      fall: number(0, 1),
      lengthM: number(6, 20),
      chainM: fc.oneof(fc.constant(0), number(5, 90)),
      chainKgPerM: number(0.8, 4.5),
      ropeM: fc.oneof(fc.constant(0), number(5, 80)),
      ropeKgPerM: number(0.05, 0.6),
      windKn: number(0.5, 50),
      more: number(0, 20),
      currentKn: number(0, 2),
      dragAreaAirM2: number(3, 40),
      dragAreaWaterM2: number(0.1, 2),
      school: fc.constantFrom("catenary" as const, "ratio" as const, "larger" as const),
      chain: number(1.5, 6),
      rope: number(0, 5),
    })
    .map(({ fall, more, chain, rope, chainM, chainKgPerM, ropeM, ropeKgPerM, ...rest }) => ({
      ...rest,
      fallM: fall * rest.waterM,
      gustKn: rest.windKn + more,
      rode: { chainM, chainKgPerM, ropeM, ropeKgPerM },
      ratio: { chain, rope: chain + rope },
      roomM: null,
    }))
    .filter(({ waterM, riseM, bowM, rode }) => rode.chainM + rode.ropeM > waterM + riseM + bowM + 0.5);

  const sameAs = (way: typeof byCosh, numRuns: number, of: fc.Arbitrary<AnchorInput>) =>
    fc.assert(
      fc.property(of, (input) => {
        const found = calc(input);
        const heightM = input.waterM + input.riseM + input.bowM;
        for (const [line, pullN] of [
          [found.wind, found.pullN],
          [found.gust, found.gustPullN],
        ] as const) {
          const expected = way(found.letOutM, input, heightM, pullN);
          close(line.onGroundM, expected.onGroundM, 0.05);
          close(line.reachM, expected.reachM, 0.05);
          close(line.upliftDeg, expected.upliftDeg, 0.06);
          close(line.bowAngleDeg, expected.bowAngleDeg, 0.1);
        }
        const low = way(found.letOutM, input, input.waterM - input.fallM + input.bowM, found.pullN);
        close(found.swingRadiusM.low, low.reachM + input.lengthM, 0.05);
        close(found.swingRadiusM.high, found.wind.reachM + input.lengthM, 1e-9);
      }),
      { numRuns, endOnFailure: true },
    );

  it("every figure is the same by the textbook's catenary, in 400 places and winds", () => {
    sameAs(byCosh, 400, inputs);
  });

  it("every figure is the same laid piece by piece, where it bends gently", () => {
    sameAs(
      byPieces,
      15,
      inputs.filter(({ windKn, rode, dragAreaAirM2 }) => windKn > 15 && dragAreaAirM2 > 8 && rode.chainKgPerM < 3),
    );
  });

  it("by catenary it pulls level, and a metre less would not", () => {
    fc.assert(
      fc.property(inputs, (given) => {
        const input = { ...given, school: "catenary" as const };
        const { letOutM, enough, pullN, wind } = calc(input);
        const heightM = input.waterM + input.riseM + input.bowM;
        if (!enough) return;
        expect(wind.upliftDeg).toBeLessThan(0.01);
        if (letOutM - 1.01 > heightM && letOutM === Math.ceil(letOutM))
          expect(byCosh(letOutM - 1.01, input, heightM, pullN).upliftDeg).toBeGreaterThan(0);
      }),
      { numRuns: 300, endOnFailure: true },
    );
  });
});
