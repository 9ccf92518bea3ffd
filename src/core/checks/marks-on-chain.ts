import { named, type FileCheck } from "./check";

/** No mark lies beyond the end of chain and rope. */
export const marksOnChain: FileCheck = {
  name: "marks-on-chain",
  level: "error",
  find: ({ groundTackle }) =>
    Object.entries(groundTackle).flatMap(([key, tackle]) =>
      tackle.marks.flatMap((mark, i) =>
        mark.atM > tackle.chainM
          ? [
              {
                path: `/groundTackle/${key}/marks/${i}`,
                message: `${named(tackle, key)} has a mark at ${mark.atM} m, but only ${tackle.chainM} m of chain`,
              },
            ]
          : [],
      ),
    ),
};
