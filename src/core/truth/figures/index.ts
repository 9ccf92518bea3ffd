import { coolingWater } from "./cooling-water";
import { cranking } from "./cranking";
import type { FigureKind } from "./figure";
import { groundTackle } from "./ground-tackle";
import { heads } from "./heads";
import { held } from "./held";
import { own } from "./own";
import { power } from "./power";
import { ratings } from "./ratings";
import { revs } from "./revs";
import { shore } from "./shore";
import { size } from "./size";
import { stopHold } from "./stop-hold";
import { stowed } from "./stowed";
import { tanks } from "./tanks";
import { volts } from "./volts";
import { waits } from "./waits";

/** Every kind of figure; the first that a figure speaks of counts. */
export const figureKinds: readonly FigureKind[] = [
  coolingWater,
  stopHold,
  cranking,
  heads,
  held,
  waits,
  revs,
  tanks,
  groundTackle,
  shore,
  power,
  ratings,
  volts,
  stowed,
  size,
  own,
];
