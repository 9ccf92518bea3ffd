import { heightOf, pullOf } from "../planners/anchor/anchor";
import { partsOf, shapeOf } from "../planners/anchor/line";
import type { Anchoring, AnchorInput } from "../planners/anchor/schema";

/** A point of the side view: along the ground from the anchor, and above the ground, m. */
export interface ViewPoint {
  alongM: number;
  aboveM: number;
}

/** What an anchored boat looks like from the side, to scale: the line, its marks, and how high everything is. */
export interface SideView {
  line: ViewPoint[];
  /** where the chain ends and rope begins; null where all that is out is chain */
  ropeFrom: ViewPoint | null;
  marks: (ViewPoint & { atM: number; index: number })[];
  roller: ViewPoint;
  /** the water's surface above the ground, m: now, when it is highest and when it is lowest */
  waterM: { now: number; high: number; low: number };
}

/** Points along the line: enough for a bend that looks like one. */
const points = 60;

/** Draws the line that is out as it lies in the steady wind when the water is highest. */
export function sideView(input: AnchorInput, answer: Anchoring, marksM: readonly number[]): SideView {
  const { letOutM, chainM, ropeM, wind } = answer;
  const parts = partsOf(input.rode, letOutM);
  const pullN = pullOf(input, input.windKn);
  const at = (lengths: readonly number[]) => shapeOf(parts, wind, pullN, lengths);
  // marks are counted from the anchor, as they run out over the roller
  const out = marksM.map((atM, index) => ({ atM, index })).filter(({ atM }) => atM < letOutM && atM <= chainM);
  const marks = at(out.map(({ atM }) => atM));
  const [ropeFrom] = ropeM > 0 && chainM > 0 ? at([chainM]) : [];
  return {
    line: at(Array.from({ length: points + 1 }, (_, index) => (letOutM * index) / points)),
    ropeFrom: ropeFrom ?? null,
    marks: marks.map((point, index) => ({ ...point, ...(out[index] as { atM: number; index: number }) })),
    roller: { alongM: wind.reachM, aboveM: heightOf(input) },
    waterM: { now: input.waterM, high: input.waterM + input.riseM, low: input.waterM - input.fallM },
  };
}
