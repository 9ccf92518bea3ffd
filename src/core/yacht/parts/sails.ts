import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { oneOf, Order, strict } from "./basics";

export const Sail = strict({
  name: Words,
  kind: oneOf(["main-slab", "main-in-mast", "furling-headsail", "hanked-headsail", "downwind"] as const),
  areaM2: Type.Number({ exclusiveMinimum: 0, maximum: 500 }),
  note: Type.Optional(Words),
});

/** A row of her own reef table. */
export const Reef = strict({ order: Order, fromKn: Type.Number({ minimum: 0, maximum: 80 }), set: Words });
