import { isBlank } from "../yacht/parts/blank";
import type { FileCheck } from "./check";

/** A yacht with a mainsail has her own reef table, with the wind rising from row to row. */
export const reefTable: FileCheck = {
  name: "reef-table",
  level: "error",
  find: ({ sails, reefs }) => {
    const rows = Object.entries(reefs).sort(([, a], [, b]) => a.order - b.order);
    const hasMain = Object.values(sails).some((sail) => sail.kind === "main-slab" || sail.kind === "main-in-mast");
    if (rows.length === 0)
      return hasMain
        ? [
            {
              path: "/reefs",
              message: "there is a mainsail and no reef table: nobody knows when she wants the first reef",
            },
          ]
        : [];
    return rows.flatMap(([key, row], i) => {
      const before = rows[i - 1]?.[1];
      return before && !isBlank(row.fromKn) && row.fromKn <= before.fromKn
        ? [
            {
              path: `/reefs/${key}/fromKn`,
              message: `${row.fromKn} kn does not lie above the ${before.fromKn} kn of the row before`,
            },
          ]
        : [];
    });
  },
};
