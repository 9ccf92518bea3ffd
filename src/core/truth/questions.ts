import { digestOf } from "../basics/digest";
import { valueAt } from "../yacht/draft/pointer";
import type { YachtFile } from "../yacht/schema";
import { checkTexts } from "./check-texts";
import type { TruthFinding } from "./finding";

/** A text in question, with what tells whether somebody's answer to it still holds. */
export interface Question extends TruthFinding {
  /** hash over the text and the fact it is measured against: another one, once either has changed */
  basis: string;
}

/**
 * The texts of a file that are in question, each with its basis.
 *
 * @param before documents that this one came from: her class's, and her revision before. A text that is as it was there,
 *   while what it rests on is not, is in question too
 */
export function questionsOf(file: YachtFile, before: readonly YachtFile[]): Question[] {
  return checkTexts(file, before).findings.map((finding) => {
    const { path, code } = finding;
    const text = valueAt(file, path);
    const fact = finding.fact === null ? null : valueAt(file, finding.fact);
    // what is not there is the same nothing on every yacht: an answer for one holds for her alone
    const of = text === null ? { of: file.particulars.name } : {};
    return { ...finding, basis: digestOf({ path, code, text, fact, ...of }) };
  });
}
