import { InputError } from "../../basics/calculation";
import { forgiven } from "../quantity";
import { levelM, lying, partsOf } from "./line";
import type { Anchoring, AnchorInput, AnchorReason } from "./schema";

const airKgPerM3 = 1.225;
const seawaterKgPerM3 = 1025;
const msPerKn = 0.514444;

/** Uplift that counts as one, degrees. */
const countsDeg = 0.05;

/** How much to let out, and how she lies to it in the steady wind and in gusts. */
export function anchoring(input: AnchorInput): Anchoring {
  const { rode } = input;
  const needM = needOf(input, heightOf(input), pullOf(input, input.windKn));
  const aboardM = rode.chainM + rode.ropeM;
  return laid(input, Math.min(Math.ceil(needM - forgiven), aboardM), needM <= aboardM);
}

/** From the ground to the roller when the water is highest, m. */
export const heightOf = ({ waterM, riseM, bowM }: AnchorInput): number => waterM + riseM + bowM;

/**
 * How she lies to a length that somebody chose.
 *
 * @param letOutM at least the height of the roller, at most what is aboard
 * @param enough whether it is as much as was asked for
 */
export function laid(input: AnchorInput, letOutM: number, enough: boolean): Anchoring {
  const { waterM, bowM, fallM, lengthM, rode, windKn, gustKn, roomM } = input;
  const heightM = heightOf(input);
  const [pullN, gustPullN] = [pullOf(input, windKn), pullOf(input, gustKn)];
  const parts = partsOf(rode, letOutM);
  const [wind, gust] = [lying(parts, heightM, pullN), lying(parts, heightM, gustPullN)];
  const swingRadiusM = {
    low: lying(parts, waterM - fallM + bowM, pullN).reachM + lengthM,
    high: wind.reachM + lengthM,
  };
  const radiusM = Math.max(swingRadiusM.low, swingRadiusM.high);
  const reasons: AnchorReason[] = [
    ...(enough ? [] : (["not-enough"] as const)),
    ...(wind.upliftDeg > countsDeg ? (["wind-uplift"] as const) : []),
    ...(gust.upliftDeg > countsDeg ? (["gust-uplift"] as const) : []),
    ...(roomM !== null && radiusM > roomM ? (["room"] as const) : []),
  ];
  const chainM = Math.min(letOutM, rode.chainM);
  return {
    ...{ letOutM, chainM, ropeM: letOutM - chainM, enough, pullN, gustPullN, wind, gust, swingRadiusM },
    verdict: reasons.some((reason) => reason !== "gust-uplift") ? "stop" : reasons.length > 0 ? "watch" : "fine",
    reasons,
  };
}

/** Pull of wind and current at the bow, N: half of density, speed squared and drag area, of air and of water. */
export function pullOf({ currentKn, dragAreaAirM2, dragAreaWaterM2 }: AnchorInput, windKn: number): number {
  const [wind, current] = [msPerKn * windKn, msPerKn * currentKn];
  return 0.5 * airKgPerM3 * wind * wind * dragAreaAirM2 + 0.5 * seawaterKgPerM3 * current * current * dragAreaWaterM2;
}

/** The length that is asked for, m, not rounded. */
function needOf({ school, ratio, rode }: AnchorInput, heightM: number, pullN: number): number {
  const byChainM = ratio.chain * heightM;
  const byRatioM = byChainM <= rode.chainM ? byChainM : ratio.rope * heightM;
  if (school === "ratio") return byRatioM;
  const byLineM = levelM(rode, heightM, pullN);
  return school === "catenary" ? byLineM : Math.max(byLineM, byRatioM);
}

/** Refuses what a schema cannot: no such wind, tide, ratio or rode. */
export function checkAnchorInput({ windKn, gustKn, fallM, waterM, riseM, bowM, ratio, rode }: AnchorInput): void {
  const refuse = (where: string, words: string) => {
    throw new InputError(where, words);
  };
  if (gustKn < windKn) refuse("/gustKn", `gusts of ${gustKn} kn are less than the wind of ${windKn} kn`);
  if (fallM > waterM) refuse("/fallM", `the tide cannot fall by ${fallM} m in ${waterM} m of water`);
  if (ratio.chain <= 1) refuse("/ratio/chain", "a ratio is above 1");
  if (ratio.rope < ratio.chain) refuse("/ratio/rope", "the ratio for rope is not below that for chain");
  if (rode.chainM > 0 && rode.chainKgPerM === 0) refuse("/rode/chainKgPerM", "tell what a metre of the chain weighs");
  if (rode.ropeM > 0 && rode.ropeKgPerM === 0) refuse("/rode/ropeKgPerM", "tell what a metre of the rope weighs");
  const heightM = waterM + riseM + bowM;
  if (rode.chainM + rode.ropeM <= heightM)
    refuse("/rode", `${rode.chainM + rode.ropeM} m of rode do not reach the ground, ${heightM} m below the roller`);
}
