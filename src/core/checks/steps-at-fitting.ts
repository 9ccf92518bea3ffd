import { named, type FileCheck } from "./check";

/** A step that names a fitting sends people where that fitting is. */
export const stepsAtFitting: FileCheck = {
  name: "steps-at-fitting",
  level: "error",
  find: ({ procedures, fittings, places }) =>
    Object.entries(procedures).flatMap(([key, procedure]) =>
      procedure.steps.flatMap((step, i) => {
        const fitting = step.fitting === undefined ? undefined : fittings[step.fitting];
        if (!fitting || step.place === undefined || step.place === fitting.place) return [];
        return [
          {
            path: `/procedures/${key}/steps/${i}/place`,
            message: `${named(procedure, key)}: step ${i + 1} sends people to ${places[step.place]?.name.en ?? step.place}, but ${fitting.name.en ?? ""} is at ${places[fitting.place]?.name.en ?? fitting.place}`,
          },
        ];
      }),
    ),
};
