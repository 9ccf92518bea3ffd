import type { YachtFile } from "../yacht/schema";
import type { Experience } from "./experience";

/** Why a skipper's experience is far below a yacht; by keys of the message catalogue. */
export interface FarBelow {
  reasons: { why: string; values: Record<string, string | number> }[];
  /** what the base can do about it, gentlest first */
  remedies: ("longer-briefing" | "trial-sail" | "hired-skipper")[];
}

/** Longer than the longest commanded by this part: nobody learns that in an hour. */
const muchLonger = 1.4;
const fewWeeks = 2;

/**
 * Whether experience is so far below a yacht that the manager must know. One reason: a longer briefing; two: a trial sail
 * too; three or more, or no command at all: a hired skipper. The decision stays with the manager.
 *
 * @returns null when it is not
 */
export function farBelow(file: YachtFile, experience: Experience): FarBelow | null {
  const { lengthM, hull } = file.particulars;
  const missing = (what: Experience["handled"][number]) => !experience.handled.includes(what);
  const reasons: FarBelow["reasons"] = [];
  if (experience.longestM === 0) reasons.push({ why: "no-command", values: {} });
  else if (lengthM > experience.longestM * muchLonger)
    reasons.push({ why: "much-longer", values: { lengthM, longestM: experience.longestM } });
  if (experience.weeks < fewWeeks && hull !== "day-boat")
    reasons.push({ why: "few-weeks", values: { weeks: experience.weeks } });
  if (hull === "catamaran" && missing("catamaran") && missing("twin-engines"))
    reasons.push({ why: "never-two-hulls", values: {} });
  if (Object.values(file.engines).some((engine) => engine.kind === "diesel") && missing("diesel"))
    reasons.push({ why: "never-diesel", values: {} });
  if (missing("slab-reefing") && missing("in-mast")) reasons.push({ why: "never-reefed", values: {} });
  if (reasons.length === 0) return null;
  const remedies = (["longer-briefing", "trial-sail", "hired-skipper"] as const).slice(
    0,
    experience.longestM === 0 ? 3 : reasons.length,
  );
  return { reasons, remedies };
}
