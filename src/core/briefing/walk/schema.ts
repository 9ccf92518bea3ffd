import { Type, type Static } from "@sinclair/typebox";

const closed = { additionalProperties: false } as const;
const Id = Type.String({ minLength: 1, maxLength: 120 });

export const walkOrders = ["shortest", "deck-first", "by-system"] as const;
export type WalkOrder = (typeof walkOrders)[number];

const WalkPlace = Type.Object(
  { id: Id, level: Type.Unsafe<"deck" | "below">({ type: "string", enum: ["deck", "below"] }) },
  closed,
);

/** A way between two places; walked in both directions unless it says otherwise. Signs are looked at by the planner, which can name the way. */
const WalkWay = Type.Object(
  { from: Id, to: Id, seconds: Type.Number(), oneWay: Type.Optional(Type.Boolean()) },
  closed,
);

/** Something to be shown or tried at one place, with what must come before. */
export const WalkStop = Type.Object(
  {
    id: Id,
    place: Id,
    system: Id,
    minutes: Type.Number(),
    after: Type.Optional(Type.Array(Id)),
    /** the stop that this one ends: whatever needs that one open comes before this one */
    closes: Type.Optional(Id),
    safety: Type.Optional(Type.Boolean()),
  },
  closed,
);
export type WalkStop = Static<typeof WalkStop>;

export const WalkInput = Type.Object(
  {
    places: Type.Array(WalkPlace, { maxItems: 500 }),
    ways: Type.Array(WalkWay, { maxItems: 5000 }),
    stops: Type.Array(WalkStop, { maxItems: 500 }),
    start: Id,
    end: Type.Union([Id, Type.Null()]),
    order: Type.Unsafe<WalkOrder>({ type: "string", enum: [...walkOrders] }),
  },
  closed,
);
export type WalkInput = Static<typeof WalkInput>;

/** One change of place. */
export interface Leg {
  from: string;
  to: string;
  /** places walked through, in order */
  via: string[];
  seconds: number;
}

/** What stands open between two stops: an engine that runs, a bottle that is open. */
export interface OpenSpan {
  from: string;
  to: string;
  /** talking strictly between the two, and walking from one to the other */
  minutes: number;
}

/** A planned walk. */
export interface WalkPlan {
  /** stops by id, in the order they are taken */
  sequence: string[];
  legs: Leg[];
  walkSeconds: number;
  talkMinutes: number;
  /** no allowed walk takes less (with as few repeats, in `by-system`) */
  boundSeconds: number;
  /** proven to be the best */
  optimal: boolean;
  /** runs of one system, less the number of systems */
  repeats: number;
  open: OpenSpan[];
  /** in `deck-first`: stops below that a stop on deck depends on, in the order they are taken */
  exceptions: string[];
}
