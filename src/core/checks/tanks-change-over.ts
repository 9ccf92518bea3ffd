import { named, type FileCheck } from "./check";

/** Tanks that share a pump each have a valve, or nobody can change from one to the other. */
export const tanksChangeOver: FileCheck = {
  name: "tanks-change-over",
  level: "error",
  find: ({ tanks }) => {
    const onPump = new Map<string, [string, (typeof tanks)[string]][]>();
    for (const [key, tank] of Object.entries(tanks))
      if (tank.pump !== undefined) onPump.set(tank.pump, [...(onPump.get(tank.pump) ?? []), [key, tank]]);
    return [...onPump.values()]
      .filter((shared) => shared.length > 1)
      .flatMap((shared) => shared.filter(([, tank]) => tank.valve === undefined))
      .map(([key, tank]) => ({
        path: `/tanks/${key}/valve`,
        message: `${named(tank, key)} shares its pump with another tank and has no valve to change over by`,
      }));
  },
};
