import { named, type FileCheck, type Finding } from "./check";

/** One gauge for several tanks has a switch that is known, or is read for all of them together; marks go up to what the tank holds. */
export const gaugesTold: FileCheck = {
  name: "gauges-told",
  level: "error",
  find: ({ tanks, readings }) => {
    const found: Finding[] = [];
    const together = (one: string, other: string) =>
      Object.values(readings).some(
        ({ of, with: others }) =>
          others !== undefined && [of, ...others].includes(one) && [of, ...others].includes(other),
      );
    const all = Object.entries(tanks);
    all.forEach(([key, tank], i) => {
      // tanks on one panel of gauges have no switch at all; where one has, the others on it have too
      const like = all.find(
        ([other, { gauge, gaugeSwitch }], n) =>
          n !== i &&
          tank.gauge !== undefined &&
          gauge === tank.gauge &&
          gaugeSwitch !== undefined &&
          !together(key, other),
      );
      if (like && tank.gaugeSwitch === undefined)
        found.push({
          path: `/tanks/${key}/gaugeSwitch`,
          message: `${named(tank, key)} and ${named(like[1], like[0])} have one gauge: say how its switch stands for each, or read them together (a reading "with" the other)`,
        });
      if ((tank.gaugeIn === "marks") !== (tank.gaugeMarks !== undefined))
        found.push({
          path: `/tanks/${key}/gaugeMarks`,
          message: `${named(tank, key)}: marks belong to a gauge that is read in marks, and such a gauge needs them`,
        });
      tank.gaugeMarks?.forEach(({ litres }, n) => {
        if (litres > tank.capacityL)
          found.push({
            path: `/tanks/${key}/gaugeMarks/${n}/litres`,
            message: `${litres} l do not go into the ${tank.capacityL} l of ${named(tank, key)}`,
          });
      });
    });
    for (const [key, { kind, with: others }] of Object.entries(readings))
      if (others !== undefined && !["fuel", "water", "holding-tank"].includes(kind))
        found.push({ path: `/readings/${key}/with`, message: "only a gauge of tanks is read for several together" });
    return found;
  },
};
