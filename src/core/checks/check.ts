import type { YachtFile } from "../yacht/schema";

/** What a check found: where in the file, and what is wrong in a sentence. */
export interface Finding {
  /** JSON pointer */
  path: string;
  message: string;
}

/** One check of a yacht file before it is published. Errors block; warnings can be accepted with a reason. */
export interface FileCheck {
  name: string;
  level: "error" | "warning";
  /** @param today the day at the base, 2027-06-12 */
  find: (file: YachtFile, today: string) => Finding[];
}

/** A part's name with its key, as findings write it. */
export const named = (part: { name?: { en?: string }; title?: { en?: string } }, key: string) =>
  `${part.name?.en ?? part.title?.en ?? key} (${key})`;
