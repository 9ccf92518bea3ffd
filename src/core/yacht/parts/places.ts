import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, Level, oneOf, Order, Outline, Point, Side, strict } from "./basics";

/** A spot aboard where one stands or opens something. */
export const Place = strict({
  name: Words,
  level: Level,
  side: Side,
  /** what one stands in or opens, drawn on the plan */
  outline: Outline,
  /** how to get there */
  reach: Words,
  /** what is hidden there, and behind what */
  hidden: Type.Optional(Words),
  /** where it comes in the run of a handover, deck first */
  order: Order,
  /** where one sits down to sign: the walk ends there */
  purpose: Type.Optional(oneOf(["signing"] as const)),
});

/** A connection between two places, walked in both directions unless said otherwise. */
export const Way = strict({
  from: Key,
  to: Key,
  seconds: Type.Number({ minimum: 0 }),
  oneWay: Type.Optional(Type.Boolean()),
});

/** What a sailor recognises on the plan at once; drawn, never counted. */
export const Furniture = strict({
  kind: oneOf([
    "mast",
    "boom",
    "winch",
    "wheel",
    "tiller",
    "windlass",
    "hatch",
    "bunk",
    "sofa",
    "table",
    "galley",
    "head",
    "engine",
    "tank",
    "companionway",
    "coachroof",
    "rail",
    "cockpit",
    "chart-table",
    "platform",
    "bridge-deck",
    "trampoline",
    "centreboard",
    "outboard",
    "davits",
  ] as const),
  level: Level,
  outline: Type.Optional(Outline),
  at: Type.Optional(Point),
  sizeM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 10 })),
});
