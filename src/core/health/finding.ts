import type { BookDifference } from "../settlement/books";
import type { Instant } from "../basics/instant";
import type { ChainFault } from "./chain";

/** Something that the nightly look over a base found not to fit. */
export type HealthFinding =
  | { what: "money"; difference: BookDifference }
  | { what: "chain"; yacht: string; number: number; code: ChainFault["code"] | "not-signed" }
  /** the base's signing key is missing or broken; with a number, a key that does not follow from the one before it */
  | { what: "key"; number: number | null }
  /** the disk on which the data lie is nearly full */
  | { what: "disk"; freeMb: number }
  /** nothing was backed up for two days; null where nothing ever was */
  | { what: "backup"; lastAt: Instant | null }
  /** what follows from a handover and was not done: defects found, a copy to be sent */
  | { what: "follow-up"; yacht: string; handover: string; kind: string; work: "defects" | "copy"; problem: string }
  | { what: "record"; yacht: string; handover: string; kind: string; problem: string };

/** One look over a base: when, and what did not fit. */
export interface HealthLook {
  at: string;
  findings: HealthFinding[];
}
