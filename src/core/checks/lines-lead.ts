import { named, type FileCheck, type Finding } from "./check";

/** A line runs through a clutch and round a winch, and no clutch holds two lines. */
export const linesLead: FileCheck = {
  name: "lines-lead",
  level: "error",
  find: ({ lines, fittings, reefs }) => {
    const through = new Map<string, string>();
    const found: Finding[] = [];
    for (const [key, line] of Object.entries(lines)) {
      for (const end of ["clutch", "winch"] as const) {
        const fitting = line[end] === undefined ? undefined : fittings[line[end]];
        if (fitting && fitting.kind !== end)
          found.push({
            path: `/lines/${key}/${end}`,
            message: `${named(line, key)}: ${fitting.name.en} is a ${fitting.kind}, and no ${end}`,
          });
      }
      if (line.clutch === undefined) continue;
      const held = `${line.clutch} ${line.clutchNumber ?? ""}`;
      const other = through.get(held);
      if (other !== undefined)
        found.push({
          path: `/lines/${key}/clutchNumber`,
          message: `${named(line, key)} and ${named(lines[other]!, other)} cannot run through one clutch: say which of the row each has`,
        });
      through.set(held, key);
    }
    for (const [key, reef] of Object.entries(reefs))
      if (reef.toKn !== undefined && reef.toKn <= reef.fromKn)
        found.push({
          path: `/reefs/${key}/toKn`,
          message: `the range of wind ends at ${reef.toKn} kn, and begins at ${reef.fromKn} kn`,
        });
    return found;
  },
};
