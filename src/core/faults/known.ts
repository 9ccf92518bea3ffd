/** A fault that the base knows of and has ordered work for. */
export interface KnownFault {
  fault: string;
  since: string;
  /** how many crews were told what to do about it */
  crews: number;
  /** what the base said last */
  answer: string | null;
}

/** After so many crews a fault that is explained instead of mended is the manager's to know. */
export const explainedTooOften = 3;
