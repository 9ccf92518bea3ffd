import type { Shown } from "./shown";

/** How the tasks of a device are played right, by its name. */
export type Shows = Readonly<Record<string, (shown: Shown, setup: object, task: string) => Shown>>;
