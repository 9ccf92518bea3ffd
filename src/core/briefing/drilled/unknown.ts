import { devices } from "../../drills/devices";
import type { DrillRunKept } from "./run";

/** What of a run no device knows: where, and what; null where all is known. */
export function unknownIn({ drill, task, mistakes }: DrillRunKept): { where: string; what: string } | null {
  const device = devices.find(({ name }) => name === drill.split(".")[0]);
  if (!device) return { where: "/drill", what: `no device is called "${drill}"` };
  if (!device.tasks.includes(task)) return { where: "/task", what: `${device.name} has no task "${task}"` };
  const unknown = mistakes.find((code) => !device.mistakes.includes(code));
  return unknown === undefined ? null : { where: "/mistakes", what: `${device.name} knows no mistake "${unknown}"` };
}
