import { cards } from "./cards";
import { covered } from "./covered";
import type { Needed } from "./needed";
import { practice } from "./practice";
import { rigging } from "./rigging";

/** Everything that a file has to hold for what is aboard. */
export const neededParts: readonly Needed[] = [cards, rigging, covered, practice];
