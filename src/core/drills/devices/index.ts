import type { Device } from "../device";
import { batteries } from "./batteries";
import { engine } from "./engine";
import { gas } from "./gas";
import { head } from "./head";
import { lights } from "./lights";
import { pilot } from "./pilot";
import { sources } from "./sources";
import { thruster } from "./thruster";
import { water } from "./water";
import { windlass } from "./windlass";

/** Every simulated device, in the order of the walk. */
export const devices: readonly Device[] = [
  ...[engine, thruster, windlass, pilot, sources, gas, head, water, batteries, lights],
];
