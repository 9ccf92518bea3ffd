import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, oneOf, type Judgement, type ReadingRule } from "./rule";

const bowls = ["clear", "weed", "blocked"] as const;
const schema = Type.Object(
  {
    reading: Type.Literal("strainer"),
    bowl: oneOf(bowls),
    lidTight: Type.Boolean(),
    seacockOpen: Type.Boolean(),
    seacockFree: Type.Boolean(),
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice };

function judge({ bowl, lidTight, seacockOpen, seacockFree }: In): Judgement {
  if (!seacockOpen)
    return asks(
      "stop",
      "The raw-water seacock is not fully open",
      "Open it fully now: it is the step that ruins the day when it is forgotten.",
      limit,
    );
  if (bowl === "blocked")
    return asks(
      "stop",
      "The strainer is blocked",
      "Seacock shut, clear it, lid tight, seacock fully open again.",
      limit,
    );
  if (!lidTight)
    return asks(
      "stop",
      "The strainer's lid is not tight: it draws air",
      "Seat the seal and screw it down, then look at the exhaust water.",
      limit,
    );
  if (!seacockFree)
    return asks(
      "watch",
      "The raw-water seacock moves hard",
      "Work it free and grease it; if it does not move, it cannot be shut in need: tell the technician.",
      limit,
    );
  if (bowl === "weed")
    return asks("watch", "Some weed in the strainer", "Clear it, and look again after the next run.", limit);
  return fine("Strainer clear, lid tight, seacock fully open", limit);
}

/** Raw-water strainer and its seacock: clear, tight, worked, and fully open again. */
export const strainer: ReadingRule<In> = {
  name: "strainer",
  schema,
  fields: [
    { name: "seacockFree", type: "yes-no" },
    { name: "bowl", type: "choice", options: bowls },
    { name: "lidTight", type: "yes-no" },
    { name: "seacockOpen", type: "yes-no" },
  ],
  number: null,
  limits: [],
  given: () => ({}),
  sample: () => ({ seacockFree: true, bowl: "clear", lidTight: true, seacockOpen: true }),
  judge,
};
