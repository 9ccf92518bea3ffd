import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { figure, Key, oneOf, Order, OutOfUse, Side, strict } from "./basics";

export const Sail = strict({
  name: Words,
  kind: oneOf(["main-slab", "main-in-mast", "furling-headsail", "hanked-headsail", "downwind"] as const),
  areaM2: figure({ exclusiveMinimum: 0, maximum: 500 }),
  note: Type.Optional(Words),
  outOfUse: Type.Optional(OutOfUse),
});

const windKn = figure({ minimum: 0, maximum: 80 });

/** A row of her own reef table: the wind it is for, and where the sail is held when it is in. */
export const Reef = strict({
  order: Order,
  fromKn: windKn,
  toKn: Type.Optional(windKn),
  sail: Type.Optional(Key),
  set: Words,
  /** the mark on the halyard that comes to its clutch */
  halyardMark: Type.Optional(Words),
  /** what holds the new tack */
  tack: Type.Optional(Words),
  /** the line that pulls the new clew out, one of her lines */
  clewLine: Type.Optional(Key),
  /** where its line comes back to */
  side: Type.Optional(Side),
});
