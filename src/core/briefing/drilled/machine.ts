import { digestOf } from "../../basics/digest";
import type { HerDrill, HerTask } from "../../drills/hers";

/** What was worked in a drill, as a digest: a device that her file tells otherwise of today is another one. */
export const machineOf = ({ device, setup }: HerDrill, { task, setup: own, faults }: HerTask): string =>
  digestOf({ device, task, setup: { ...setup, ...own }, faults: faults ?? [] });
