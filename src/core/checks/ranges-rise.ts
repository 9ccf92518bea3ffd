import { isRange } from "../basics/span";
import type { FileCheck, Finding } from "./check";

/** A range ends above where it begins. */
export const rangesRise: FileCheck = {
  name: "ranges-rise",
  level: "error",
  find: ({ engines, fittings, heads }) => {
    const found: Finding[] = [];
    for (const [collection, parts] of Object.entries({ engines, fittings, heads }))
      for (const [key, part] of Object.entries(parts as Record<string, object>))
        for (const [field, value] of Object.entries(part))
          if (isRange(value) && value.to <= value.from)
            found.push({
              path: `/${collection}/${key}/${field}`,
              message: `a range from ${value.from} to ${value.to}: write the smaller figure first, or one figure`,
            });
    return found;
  },
};
