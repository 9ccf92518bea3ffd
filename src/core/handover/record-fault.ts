import type { TimeFault } from "./times";

/**
 * What does not fit of a signed record as the base keeps it: something that was signed is not what is kept, its link in the
 * yacht's chain, a picture, or its hour. An hour that cannot be is only said; with anything else no money is settled on it.
 */
export type RecordFault =
  | { what: "record"; problem: string }
  | { what: "chain" }
  | { what: "photo"; hash: string }
  | { what: "time"; fault: TimeFault };

/** Whether money may be settled on a record. */
export const isUnfit = (faults: readonly RecordFault[]): boolean => faults.some(({ what }) => what !== "time");
