import { attributesSay } from "./attributes-say";
import { countsDiffer } from "./counts-differ";
import { figuresDiffer } from "./figures-differ";
import { kindsSay } from "./kinds-say";
import { linesSay } from "./lines-say";
import { marksSay } from "./marks-say";
import { namesMissing } from "./names-missing";
import { neighbours } from "./neighbours";
import { neutralSays } from "./neutral-says";
import { numbersTwice } from "./numbers-twice";
import { placesDiffer } from "./places-differ";
import { placesNamed } from "./places-named";
import { positionsSay } from "./positions-say";
import { readingsThere } from "./readings-there";
import type { TruthRule } from "./rule";
import { sensesSay } from "./senses-say";
import { sidesSay } from "./sides-say";
import { stopsThere } from "./stops-there";
import { winchesTurn } from "./winches-turn";

/** Every way in which a text can be untrue of its boat. */
export const truthRules: readonly TruthRule[] = [
  figuresDiffer,
  countsDiffer,
  numbersTwice,
  placesDiffer,
  readingsThere,
  stopsThere,
  placesNamed,
  neighbours,
  neutralSays,
  sensesSay,
  positionsSay,
  attributesSay,
  sidesSay,
  winchesTurn,
  marksSay,
  linesSay,
  kindsSay,
  namesMissing,
];
