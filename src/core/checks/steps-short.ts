import { named, type FileCheck } from "./check";

const most = 25;

/** A step can be heard at the bow: 25 words at most. */
export const stepsShort: FileCheck = {
  name: "steps-short",
  level: "warning",
  find: ({ procedures }) =>
    Object.entries(procedures).flatMap(([key, procedure]) =>
      procedure.steps.flatMap((step, i) => {
        const words = (step.words.en ?? "").split(/\s+/).length;
        return words > most
          ? [
              {
                path: `/procedures/${key}/steps/${i}/words`,
                message: `${named(procedure, key)}: step ${i + 1} has ${words} words, too long to be heard`,
              },
            ]
          : [];
      }),
    ),
};
