import type { YachtFile } from "./schema";

/** The anchor that is let go first: her main one, or the first of her file; null where it names none. */
export function mainTackle({ groundTackle }: YachtFile): YachtFile["groundTackle"][string] | null {
  return groundTackle.main ?? Object.values(groundTackle)[0] ?? null;
}
