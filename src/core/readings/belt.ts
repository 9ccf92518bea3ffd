import { Type, type Static } from "@sinclair/typebox";
import {
  asks,
  fine,
  generalPractice,
  History,
  impossible,
  limitsOf,
  numbersOf,
  oneOf,
  type Judgement,
  type ReadingRule,
} from "./rule";

const looks = ["sound", "dusty", "glazed", "cracked"] as const;
const schema = Type.Object(
  {
    reading: Type.Literal("belt"),
    /** a ribbed belt with a tensioner has no thumb test */
    ribbed: Type.Boolean(),
    /** what a thumb moves the longest run; left out on a ribbed belt */
    movesMm: Type.Optional(Type.Number()),
    looks: oneOf(looks),
    history: History,
    limits: limitsOf({
      tightBelowMm: Type.Optional(Type.Number()),
      watchAboveMm: Type.Optional(Type.Number()),
      stopAboveMm: Type.Optional(Type.Number()),
    }),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

function judge({ ribbed, movesMm, looks: look, limits }: In): Judgement {
  // by the base's distilled practice: about 10 mm is fine, up to 15 to be watched, under 5 too tight
  const limit = {
    from: limits?.from ?? generalPractice,
    tightBelowMm: limits?.tightBelowMm ?? 5,
    watchAboveMm: limits?.watchAboveMm ?? 10,
    stopAboveMm: limits?.stopAboveMm ?? 15,
  };
  if (look === "cracked")
    return asks("stop", "The belt is cracked", "Change it before she leaves; tightening does not help.", limit);
  if (!ribbed) {
    if (movesMm === undefined)
      return asks("watch", "Nobody pushed the belt", "Push its longest run with a thumb, engine off.", limit);
    if (movesMm < 0 || movesMm > 60)
      return impossible(
        `${movesMm} mm cannot be`,
        "Push the longest run with a thumb, engine off, and estimate again.",
        limit,
      );
    if (movesMm > limit.stopAboveMm)
      return asks("stop", `The belt moves ${movesMm} mm: too slack`, "Tighten it before the engine runs.", limit);
  }
  if (look === "glazed")
    return asks("watch", "The belt is glazed: it slips", "Change it; tightening does not help.", limit);
  if (movesMm !== undefined && !ribbed) {
    if (movesMm > limit.watchAboveMm)
      return asks("watch", `The belt moves ${movesMm} mm: slack`, "Tighten it, and push it again tomorrow.", limit);
    if (movesMm < limit.tightBelowMm)
      return asks("watch", `The belt moves ${movesMm} mm: too tight`, "Slacken it: it wears out the bearings.", limit);
  }
  if (look === "dusty") return asks("watch", "Much belt dust", "Look whether the pulleys line up.", limit);
  return fine(ribbed ? "Ribbed belt, sound" : `The belt moves ${movesMm} mm, sound`, limit);
}

/** The belt: how far a thumb moves its longest run, and how it looks. A little dust is usual. */
export const belt: ReadingRule<In> = {
  name: "belt",
  schema,
  fields: [
    { name: "movesMm", type: "number", least: 0, most: 200, unless: "ribbed" },
    { name: "looks", type: "choice", options: looks },
  ],
  number: "movesMm",
  limits: ["tightBelowMm", "watchAboveMm", "stopAboveMm"],
  trend: () => 3,
  given: ({ file, of, earlier }) => ({ ribbed: file.engines[of]?.belt === "ribbed", ...numbersOf(earlier, "movesMm") }),
  sample: () => ({ movesMm: 9, looks: "sound" }),
  judge,
};
