import type { Words } from "../../basics/words";
import type { DrawnControl } from "./drawn";
import type { YachtFile } from "../../yacht/schema";
import type { FittingPurpose } from "../../yacht/parts/purposes";

/** A device of hers that can be worked beforehand, with its setup from her file; what that is silent on is as usual. */
export interface HerDrill {
  /** as it stands in an address: `engine`, `head.fore` */
  key: string;
  device: string;
  /** which of several it is; null where there is one */
  part: Words | null;
  setup: Readonly<Record<string, unknown>>;
  tasks: readonly HerTask[];
  /** controls and outputs of the device that she has not got, or that her file does not tell of: they are not shown */
  lacks: readonly string[];
  /** how some of its controls are made on her: a key, a pull handle, a lever that lies level in neutral */
  looks: Readonly<Record<string, string>>;
  /** how valves, switches and breakers among its controls look on her, where her file tells */
  drawn: Readonly<Record<string, DrawnControl>>;
  /** what she calls parts that stand behind the colon of a control or output: her tanks */
  names: Readonly<Record<string, Words>>;
}

/** A task, with what stands otherwise for it: chain that is out, gas that leaks. */
export interface HerTask {
  task: string;
  setup?: Readonly<Record<string, unknown>>;
  faults?: readonly string[];
}

type Range = number | { from: number; to: number };
export const least = (figure: Range | undefined): number | undefined =>
  typeof figure === "object" ? figure.from : figure;
export const most = (figure: Range | undefined): number | undefined =>
  typeof figure === "object" ? figure.to : figure;

/** Only what is known: a device keeps its usual figure for the rest. */
export const known = (figures: Readonly<Record<string, unknown>>): Record<string, unknown> =>
  Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== undefined));

export const one = (
  device: string,
  tasks: readonly (string | HerTask)[],
  setup: Readonly<Record<string, unknown>> = {},
  lacks: readonly string[] = [],
): HerDrill => ({
  ...{ key: device, device, part: null, lacks, looks: {}, names: {}, drawn: {} },
  tasks: tasks.map((task) => (typeof task === "string" ? { task } : task)),
  setup: known(setup),
});

export const inUse = <T extends { outOfUse?: unknown }>(parts: Readonly<Record<string, T>>): [string, T][] =>
  Object.entries(parts).filter(([, { outOfUse }]) => outOfUse === undefined);

export const fittingsFor = ({ fittings }: YachtFile, purpose: FittingPurpose) =>
  inUse(fittings).filter(([, fitting]) => fitting.purpose === purpose);
