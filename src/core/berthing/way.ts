import type { Motion } from "../handling/frames";
import type { Lain } from "./lie";
import type { BerthingInput, Order } from "./schema";

/** What a manoeuvre is played with. */
export interface Given {
  lain: Lain;
  wind: BerthingInput["wind"];
  /** the side the wind is on as she lies, and the other */
  windward: "port" | "starboard";
  leeward: "port" | "starboard";
}

/** How she stands at a moment, against how she lay. */
export interface Standing {
  /** since this step was begun, s */
  seconds: number;
  motion: Motion;
  /** turned since she lay at the berth, degrees clockwise */
  turnedDeg: number;
  /** her nearest part, from the quay */
  fromQuayM: number;
}

/** Levers by name of the control, `lever`, `wheel`, `thruster:ID`, to where they are put. */
export type Put = Readonly<Record<string, number>>;

/** One step of a manoeuvre. */
export interface Step {
  code: string;
  /** what each of the crew does; lines that are slipped go by it */
  orders: readonly Order[];
  put?: Put;
  /** what is worked on and on while it lasts: the wheel, a burst of the thruster */
  follow?: (standing: Standing) => Put;
  /** when it is over; at the latest after so many seconds */
  until: (standing: Standing) => boolean;
  mostS: number;
}

/** One usual manoeuvre: all of one shape. */
export interface Way {
  name: string;
  /** whether it can be done from this berth with what she has */
  fits: (given: Given) => boolean;
  /** where fenders hang for it */
  fenders: (given: Given) => readonly string[];
  steps: (given: Given) => readonly Step[];
}

export const helm = (code: string): Order => ({ post: "helm", code });
/** A line that somebody slips: as a slip rope its end comes back aboard. */
export const slip = (post: Order["post"], line: string): Order => ({ post, code: "slip", line });
