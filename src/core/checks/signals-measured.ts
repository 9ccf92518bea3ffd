import { readingRules } from "../readings";
import type { FileCheck } from "./check";

/** A boat-data path stands only where the kind of reading can be measured by one. */
export const signalsMeasured: FileCheck = {
  name: "signals-measured",
  level: "error",
  find: (file) =>
    Object.entries(file.readings).flatMap(([key, { kind, signal }]) =>
      signal !== undefined && !readingRules[kind]?.measured
        ? [
            {
              path: `/readings/${key}/signal`,
              message: "no boat-data server measures this kind of reading; take the path out",
            },
          ]
        : [],
    ),
};
