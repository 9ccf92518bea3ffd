import { intoAGap } from "./into-a-gap";
import { windOff, windOn } from "./off-the-quay";
import { mooring } from "./mooring";
import type { Scene } from "./scene";
import { turnShort } from "./turn-short";
import { withCurrent } from "./with-current";

export type { Scene, SetScene } from "./scene";

/** Every scene, the easier first. */
export const scenes: readonly Scene[] = [windOff, windOn, withCurrent, mooring, intoAGap, turnShort];
