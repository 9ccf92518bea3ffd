import type { Device } from "../device";
import { batteries } from "./batteries";
import { bilge } from "./bilge";
import { davits } from "./davits";
import { engine } from "./engine";
import { gas } from "./gas";
import { head } from "./head";
import { lights } from "./lights";
import { outboard } from "./outboard";
import { pilot } from "./pilot";
import { platform } from "./platform";
import { radio } from "./radio";
import { sails } from "./sails";
import { sources } from "./sources";
import { thruster } from "./thruster";
import { tiller } from "./tiller";
import { toilet } from "./toilet";
import { water } from "./water";
import { windlass } from "./windlass";

/** Every simulated device, in the order of the walk. */
export const devices: readonly Device[] = [
  ...[engine, thruster, windlass, sails, pilot, tiller, radio, sources, gas, head, toilet, water, bilge, batteries],
  ...[lights, outboard, davits, platform],
];
