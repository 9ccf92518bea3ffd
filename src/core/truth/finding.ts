/** What is wrong with a text, by what it was measured against. */
export const truthCodes = [
  "figure-differs",
  "place-differs",
  "says-other",
  "names-missing",
  "class-text",
  "needed-missing",
] as const;
export type TruthCode = (typeof truthCodes)[number];

/** A text that a fact of its boat contradicts, or what a file lacks. */
export interface TruthFinding {
  /** JSON pointer of the text in the resolved document, without its language */
  path: string;
  code: TruthCode;
  /** JSON pointer of what it is measured against; null where nothing stands */
  fact: string | null;
  /** a safety text: it keeps the file from being published */
  blocks: boolean;
}

/** A finding before it is known whether its text is one of safety. */
export type Found = Omit<TruthFinding, "blocks">;
