import { isOfFamily, valueIn, type Folded } from "./fold";

/** Where it is recorded that somebody has taken a place to count alone: on the handover, under the place. */
export const takenAspect = (place: string): `took:${string}` => `took:${place}`;

/** Places that somebody has taken, and who. Two that took one without knowing of each other are both there: it shows the first. */
export function takenPlaces(folded: Folded): Map<string, string> {
  const taken = new Map<string, string>();
  for (const cell of folded.values()) {
    if (!isOfFamily(cell, "took")) continue;
    const head = cell.heads.find((each) => valueIn(cell, each)?.taken);
    if (head) taken.set(cell.aspect.slice("took:".length), head.by.person);
  }
  return taken;
}
