import type { FileCheck } from "./check";

/** Gas can be shut at the bottle and once more below. */
export const gasShutTwice: FileCheck = {
  name: "gas-shut-twice",
  level: "error",
  find: ({ gas }) =>
    Object.entries(gas).flatMap(([key, part]) =>
      (
        [
          ["bottleValve", "at the bottle"],
          ["tap", "below"],
        ] as const
      ).flatMap(([end, where]) =>
        part[end] === undefined
          ? [{ path: `/gas/${key}/${end}`, message: `gas needs both shut-offs, and the one ${where} is not named` }]
          : [],
      ),
    ),
};
