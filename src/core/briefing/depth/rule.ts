import type { YachtFile } from "../../yacht/schema";
import type { Experience } from "../experience";
import type { Topic } from "../topics";

export const depths = ["skim", "normal", "hands-on"] as const;
/** How deep a topic is briefed: the same as one knows, as usual, or with own hands until it sits. */
export type Depth = (typeof depths)[number];

/** What is known of a skipper when the depth of a topic is weighed. */
export interface Known {
  file: YachtFile;
  topic: Topic;
  /** null until the skipper has said something */
  experience: Experience | null;
  /** how the skipper marked the topic in the study */
  mark: "understood" | "ask" | null;
  /** questions on it that were answered wrongly */
  wrong: number;
  /** own questions of the skipper on it that are open */
  asked: number;
}

/** One rule: what depth it asks for and why, or null when it has nothing to say. `why` is a key of the message catalogue. */
export interface DepthRule {
  name: string;
  /** `floor` never lets the depth fall below; `suggests` is taken where no floor is higher */
  kind: "suggests" | "floor";
  weigh: (known: Known) => { depth: Depth; why: string; values?: Record<string, string | number> } | null;
}
