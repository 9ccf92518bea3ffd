import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, oneOf, Order, sides, strict, toldOneOf } from "./basics";

export const lineKinds = [
  "halyard",
  "sheet",
  "reef",
  "furling",
  "outhaul",
  "topping-lift",
  "traveller",
  "vang",
  "lazy-jack",
  "other",
] as const;
export const lineColours = [
  "white",
  "red",
  "blue",
  "green",
  "yellow",
  "orange",
  "black",
  "grey",
  "violet",
  "brown",
] as const;
export type LineColour = (typeof lineColours)[number];

/** A line of the running rigging: what it works, and by which clutch and winch one works it. */
export const RunningLine = strict({
  name: Words,
  order: Order,
  kind: oneOf(lineKinds),
  colour: toldOneOf(lineColours),
  /** the second colour, where a fleck or a tracer tells it from its like */
  fleck: Type.Optional(oneOf(lineColours)),
  /** what marks it besides its colour: a whipping, the label of its clutch */
  mark: Type.Optional(Words),
  /** the sail it belongs to */
  sail: Type.Optional(Key),
  /** what it does, in a few words */
  works: Words,
  /** where one stands to work it, and on which side */
  place: Key,
  side: toldOneOf(sides),
  clutch: Type.Optional(Key),
  /** which of that row of clutches, counted from port to starboard */
  clutchNumber: Type.Optional(Type.Integer({ minimum: 1, maximum: 24 })),
  winch: Type.Optional(Key),
  caution: Type.Optional(Words),
});
export type RunningLine = Static<typeof RunningLine>;
