import { isInsideHull } from "../plan/hull";
import { isBlank } from "../yacht/parts/blank";
import type { Point, YachtFile } from "../yacht/schema";
import { named, type FileCheck } from "./check";

/** Outlines may reach over the drawn hull by this much: a rail, a bow roller. */
const slackM = 0.15;

const hasHull = ({ lengthM, beamM }: YachtFile["particulars"]) => !isBlank(lengthM) && !isBlank(beamM);

/** Outlines lie within the yacht's hull, or the plan is not to scale. */
export const placesInside: FileCheck = {
  name: "places-inside",
  level: "warning",
  find: ({ places, particulars }) =>
    Object.entries(places).flatMap(([key, place]) =>
      hasHull(particulars) && place.outline.some((point) => !isInsideHull(particulars, point as Point, slackM))
        ? [
            {
              path: `/places/${key}/outline`,
              message: `${named(place, key)} reaches beyond her hull of ${particulars.lengthM} m by ${particulars.beamM} m`,
            },
          ]
        : [],
    ),
};
