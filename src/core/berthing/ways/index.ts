import type { Way } from "../way";
import { blownOff, bothThrusters, springBowOut, springSternOut, thrusterOut } from "./alongside";
import { straight, straightThruster, windwardLast } from "./from-end";

/** The usual manoeuvres, the simplest first. */
export const ways: readonly Way[] = [
  ...[blownOff, springSternOut, springBowOut, thrusterOut, bothThrusters],
  ...[straight, straightThruster, windwardLast],
];
