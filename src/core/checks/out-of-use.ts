import { named, type FileCheck, type Finding } from "./check";

/** What is out of use is not worked, tried or counted as if it were there: whoever follows the text would look for it. */
export const outOfUse: FileCheck = {
  name: "out-of-use",
  level: "warning",
  find: ({ fittings, procedures }) => {
    const found: Finding[] = [];
    for (const [key, { steps }] of Object.entries(procedures))
      steps.forEach(({ fitting }, i) => {
        const part = fitting === undefined ? undefined : fittings[fitting];
        if (fitting !== undefined && part?.outOfUse)
          found.push({
            path: `/procedures/${key}/steps/${i}/fitting`,
            message: `${named(part, fitting)} is out of use: say what is done instead`,
          });
      });
    return found;
  },
};
