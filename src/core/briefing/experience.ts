import { Type, type Static } from "@sinclair/typebox";

const closed = { additionalProperties: false } as const;

/** What a skipper can say yes or no to having handled. */
export const handled = [
  "catamaran",
  "diesel",
  "twin-engines",
  "outboard",
  "slab-reefing",
  "in-mast",
  "electric-windlass",
  "hand-windlass",
  "thruster",
  "autopilot",
  "vhf",
  "shore-power",
  "generator",
  "manual-head",
  "electric-head",
  "holding-tank",
  "gas",
  "davits",
  "tides",
] as const;
export type Handled = (typeof handled)[number];
const HandledThing = Type.Unsafe<Handled>({ type: "string", enum: [...handled] });

/** A skipper's answers on experience: few, short, and none of them a test. */
export const Experience = Type.Object(
  {
    /** longest yacht commanded, in metres; 0 for none */
    longestM: Type.Number({ minimum: 0, maximum: 100 }),
    /** weeks in command of a yacht, ever */
    weeks: Type.Integer({ minimum: 0, maximum: 5000 }),
    handled: Type.Array(HandledThing, { uniqueItems: true, maxItems: handled.length }),
    /** language the briefing is best held in, two letters */
    language: Type.String({ pattern: "^[a-z]{2}$" }),
  },
  closed,
);
export type Experience = Static<typeof Experience>;
