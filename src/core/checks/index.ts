import type { YachtFile } from "../yacht/schema";
import type { FileCheck, Finding } from "./check";
import { boughtBefore } from "./bought-before";
import { engineFacts } from "./engine-facts";
import { factsTold } from "./facts-told";
import { fittingsFound } from "./fittings-found";
import { gaugesTold } from "./gauges-told";
import { gasShutTwice } from "./gas-shut-twice";
import { headsLeadSomewhere } from "./heads-lead-somewhere";
import { linesLead } from "./lines-lead";
import { marksOnChain } from "./marks-on-chain";
import { nothingWaitsForItself } from "./nothing-waits-for-itself";
import { outOfUse } from "./out-of-use";
import { placesInside } from "./places-inside";
import { placesReached } from "./places-reached";
import { rangesRise } from "./ranges-rise";
import { reefTable } from "./reef-table";
import { purposesNamed } from "./purposes-named";
import { readingLimits } from "./reading-limits";
import { referencesHold } from "./references-hold";
import { safetyTopicsCovered } from "./safety-topics";
import { signalsMeasured } from "./signals-measured";
import { sourcesDiffer } from "./sources-differ";
import { stepsAtFitting } from "./steps-at-fitting";
import { stepsShort } from "./steps-short";
import { tanksChangeOver } from "./tanks-change-over";
import { textsWritten } from "./texts-written";
import { thingsPriced } from "./things-priced";
import { walkPossible } from "./walk-possible";
import { windlassRelieved } from "./windlass-relieved";

export const fileChecks: readonly FileCheck[] = [
  referencesHold,
  placesReached,
  marksOnChain,
  windlassRelieved,
  tanksChangeOver,
  headsLeadSomewhere,
  gasShutTwice,
  reefTable,
  linesLead,
  sourcesDiffer,
  gaugesTold,
  rangesRise,
  safetyTopicsCovered,
  purposesNamed,
  stepsAtFitting,
  nothingWaitsForItself,
  walkPossible,
  placesInside,
  readingLimits,
  signalsMeasured,
  fittingsFound,
  engineFacts,
  outOfUse,
  stepsShort,
  textsWritten,
  factsTold,
  thingsPriced,
  boughtBefore,
];

export interface CheckedFinding extends Finding {
  check: string;
  level: FileCheck["level"];
  /** where it is a text in question: what it is measured against, and what an answer to it rests on */
  question?: { code: string; fact: string | null; basis: string };
}

/** All that is found in a file that came from others: from its class's document, from its revision before. */
export type FileChecker = (file: YachtFile, before: readonly YachtFile[]) => CheckedFinding[];

/**
 * Everything the checks find in a yacht file, errors first. Errors block publishing; warnings can be accepted with a reason.
 *
 * @param today the day at the base, 2027-06-12
 */
export function checkFile(file: YachtFile, today: string): CheckedFinding[] {
  return [...fileChecks]
    .sort((a, b) => (a.level === b.level ? 0 : a.level === "error" ? -1 : 1))
    .flatMap(({ name, level, find }) => find(file, today).map((finding) => ({ check: name, level, ...finding })));
}
