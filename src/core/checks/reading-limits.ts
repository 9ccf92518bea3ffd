import { readingRules } from "../readings";
import type { FileCheck } from "./check";

/** A limit of a reading is one that its rule knows: a misspelt one would be believed and never looked at. */
export const readingLimits: FileCheck = {
  name: "reading-limits",
  level: "error",
  find: (file) =>
    Object.entries(file.readings).flatMap(([key, { kind, limits }]) => {
      const known = readingRules[kind]?.limits ?? [];
      return Object.keys(limits ?? {}).flatMap((limit) =>
        known.includes(limit)
          ? []
          : [
              {
                path: `/readings/${key}/limits/${limit}`,
                message: `"${limit}" is no limit of this reading; ${known.length > 0 ? `there are: ${known.join(", ")}` : "it has none"}`,
              },
            ],
      );
    }),
};
