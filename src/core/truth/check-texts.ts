import type { YachtFile } from "../yacht/schema";
import { boatOf } from "./boat";
import type { Found, TruthFinding } from "./finding";
import { neededParts } from "./needed";
import { truthRules } from "./rules";
import { classTexts } from "./rules/class-text";
import { translationsBehind } from "./rules/translations";

/** What is in question of a boat's texts, and how many there are. */
export interface TextsChecked {
  findings: TruthFinding[];
  texts: number;
}

/**
 * Every text of a yacht file that her own facts contradict, and what she has to have and has not.
 *
 * @param before documents that this one came from, her class's among them: texts that are still theirs although what they
 *   rest on is not
 */
export function checkTexts(file: YachtFile, before: readonly YachtFile[] = []): TextsChecked {
  const boat = boatOf(file);
  const safety = new Set(boat.texts.filter(({ isSafety }) => isSafety).map(({ path }) => path));
  const found: Found[] = [
    ...truthRules.flatMap((rule) => rule.find(boat)),
    ...neededParts.flatMap((part) => part.find(file)),
  ];
  const known = new Set(found.map(({ path }) => path));
  // what a rule has already found untrue needs no second reason
  for (const each of before) {
    found.push(...classTexts(boat, each).filter(({ path }) => !known.has(path)));
    found.push(...translationsBehind(file, each));
  }
  const written = new Set(boat.texts.map(({ path }) => path));
  return {
    findings: once(found).map((each) => ({ ...each, blocks: blocks(each, safety, written) })),
    texts: boat.texts.length,
  };
}

/** The first of those that say the same of one text. */
const once = (found: readonly Found[]): Found[] =>
  found.filter((each, at) => found.findIndex(({ path, code }) => path === each.path && code === each.code) === at);

/** A safety text blocks, and so does what is missing altogether: no text of its own stands there. */
const blocks = ({ path, code }: Found, safety: ReadonlySet<string>, written: ReadonlySet<string>): boolean =>
  safety.has(path) || (code === "needed-missing" && (path.startsWith("/emergencyCards") || !written.has(path)));
