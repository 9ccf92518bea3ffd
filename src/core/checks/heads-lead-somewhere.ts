import { named, type FileCheck } from "./check";

/** A head that is no portable one has a tank or an outlet. */
export const headsLeadSomewhere: FileCheck = {
  name: "heads-lead-somewhere",
  level: "error",
  find: ({ heads }) =>
    Object.entries(heads).flatMap(([key, head]) =>
      head.kind !== "portable" && head.tank === undefined && head.outlet === undefined
        ? [{ path: `/heads/${key}`, message: `${named(head, key)} has neither tank nor outlet` }]
        : [],
    ),
};
