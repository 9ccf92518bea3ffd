import { named, type FileCheck } from "./check";

/** Outlines lie within the yacht's length and beam, or the plan is not to scale. */
export const placesInside: FileCheck = {
  name: "places-inside",
  level: "warning",
  find: ({ places, particulars: { lengthM, beamM } }) =>
    Object.entries(places).flatMap(([key, place]) =>
      place.outline.some(([aftM, starboardM]) => aftM < 0 || aftM > lengthM || Math.abs(starboardM) > beamM / 2)
        ? [{ path: `/places/${key}/outline`, message: `${named(place, key)} reaches beyond the hull of ${lengthM} m by ${beamM} m` }]
        : [],
    ),
};
