import { isBlank } from "../yacht/parts/blank";
import type { YachtFile } from "../yacht/schema";
import type { HullParticulars } from "./hull";

/**
 * What a hull is drawn from: her own length and beam; where nobody has told them yet, as far as the places reach, so that
 * the plan of a template can be looked at and worked on.
 */
export function drawnSize({ particulars, places }: Pick<YachtFile, "particulars" | "places">): HullParticulars {
  const { hull, lengthM, beamM } = particulars;
  const points = Object.values(places).flatMap(({ outline }) => outline);
  return {
    hull,
    lengthM: isBlank(lengthM) ? Math.max(1, ...points.map(([aftM]) => aftM)) : lengthM,
    beamM: isBlank(beamM) ? 2 * Math.max(0.5, ...points.map(([, starboardM]) => Math.abs(starboardM))) : beamM,
  };
}
