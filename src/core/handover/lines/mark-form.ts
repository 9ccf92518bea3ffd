import { Type, type Static } from "@sinclair/typebox";
import { Key, Surface } from "../../yacht/schema";

export const markKinds = ["scratch", "chip", "tear", "stain", "dent", "crack", "wear", "broken"] as const;
export type MarkKind = (typeof markKinds)[number];

/**
 * A scratch, chip, tear, stain or dent: what it is, how long, and where. On the plan from above, `aM` is metres aft of
 * the bow and `bM` metres to starboard; on a side or the stern, `aM` is metres aft (or to starboard) and `bM` metres
 * above the waterline.
 */
export const Mark = Type.Object(
  {
    place: Key,
    surface: Surface,
    kind: Type.Unsafe<MarkKind>({ type: "string", enum: [...markKinds] }),
    sizeMm: Type.Integer({ minimum: 1, maximum: 20000 }),
    aM: Type.Number({ minimum: -5, maximum: 60 }),
    bM: Type.Number({ minimum: -15, maximum: 15 }),
    words: Type.String({ maxLength: 500 }),
  },
  { additionalProperties: false },
);
export type Mark = Static<typeof Mark>;
