import { Type, type Static } from "@sinclair/typebox";
import { HandledBoat } from "../handling/schema";
import { amount, fields, figure, positive } from "../planners/quantity";
import { oneOf } from "../yacht/parts/basics";

export const lies = ["alongside", "stern-to", "bow-to"] as const;

/** How a boat lies at a piece of quay. */
export const BerthLie = fields({
  lies: oneOf(lies),
  /** from the quay to the water, degrees clockwise from north */
  outDeg: figure(),
  /** her piece of the quay, m along it */
  widthM: positive(),
  /** alongside: which side she has to the quay */
  side: Type.Optional(oneOf(["port", "starboard"] as const)),
  /** two posts at the corners of a box, m from the quay */
  postsM: Type.Optional(positive()),
  /** lines that lead from the quay along the ground to her outer end */
  lazyLines: Type.Optional(Type.Boolean()),
});
export type BerthLie = Static<typeof BerthLie>;

/** A boat that lies beside her, as she does: its middle along the quay, m, to the right as one looks out from it. */
export const Neighbour = fields({ offsetM: figure(), lengthM: positive(), beamM: positive() });
export type Neighbour = Static<typeof Neighbour>;

/** Her berth as the base tells it, and who lies beside her; a stranger is taken for a boat that fits there. */
export const HerBerth = fields({
  lie: BerthLie,
  beside: Type.Array(
    fields({
      berth: Type.String(),
      isKnown: Type.Boolean(),
      ...{ offsetM: figure(), lengthM: positive(), beamM: positive() },
    }),
  ),
  depthM: Type.Union([Type.Number(), Type.Null()]),
});
export type HerBerth = Static<typeof HerBerth>;

/** A boat at her berth, what blows there, and who is aboard. */
export const BerthingInput = fields({
  boat: HandledBoat,
  berth: BerthLie,
  neighbours: Type.Optional(Type.Array(Neighbour, { maxItems: 12 })),
  wind: fields({ fromDeg: figure(), kn: amount() }),
  current: Type.Optional(fields({ toDeg: figure(), kn: amount() })),
  /** with the skipper */
  crew: Type.Integer({ minimum: 1, maximum: 60 }),
  isDark: Type.Optional(Type.Boolean()),
  /** the base's own; what is left out is not asked for */
  limits: Type.Optional(
    fields({
      windKn: Type.Optional(amount()),
      crew: Type.Optional(Type.Integer({ minimum: 1, maximum: 60 })),
      byDay: Type.Optional(Type.Boolean()),
    }),
  ),
  trials: Type.Optional(Type.Integer({ minimum: 1, maximum: 50 })),
});
export type BerthingInput = Static<typeof BerthingInput>;

/** What went wrong in a trial. */
export type Spoilt = "touched-other" | "struck-quay" | "line-broken" | "not-clear";

/** One manoeuvre, tried with the errors of a human. */
export interface WayTried {
  way: string;
  trials: number;
  /** trials without anything that spoils them */
  clear: number;
  /** room to what stands beside her, m; null where nothing does. Of all trials: least, and in the middle */
  roomM: { least: number; median: number } | null;
  /** in the middle, s */
  seconds: number;
  /** what went wrong, most often first */
  spoilt: { code: Spoilt; trials: number }[];
}

/** Where somebody stands. */
export type Post = "helm" | "bow" | "stern" | "middle";

/** What one of the crew does, at one step of a manoeuvre. */
export interface Order {
  post: Post;
  code: string;
  /** the line it is about */
  line?: string;
}
/** All that is done at one step: the skipper gives the word, and each answers. */
export interface OrderStep {
  code: string;
  orders: Order[];
}

export interface BerthingPlan {
  ways: WayTried[];
  /** the way that stays clear in every trial, with most room; null for none */
  best: string | null;
  /** go, wait for less wind or light, or ask for the base's boat */
  advice: "go" | "wait" | "ask";
  /** limits of the base that speak against it */
  stops: ("wind" | "crew" | "dark")[];
  /** where each hangs, before anything else */
  fenders: string[];
  steps: OrderStep[];
}
