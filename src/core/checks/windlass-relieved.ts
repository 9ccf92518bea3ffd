import { named, type FileCheck } from "./check";

/** What works by a windlass names what takes the load off it. */
export const windlassRelieved: FileCheck = {
  name: "windlass-relieved",
  level: "error",
  find: ({ groundTackle }) =>
    Object.entries(groundTackle).flatMap(([key, tackle]) =>
      tackle.windlass !== undefined && tackle.relief === "none"
        ? [
            {
              path: `/groundTackle/${key}/relief`,
              message: `${named(tackle, key)} names neither snubber, bridle, chain stop nor belayed rope: the windlass would carry the yacht`,
            },
          ]
        : [],
    ),
};
