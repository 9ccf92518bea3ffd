import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, oneOf, type Judgement, type ReadingRule } from "./rule";

const waters = ["dry", "damp", "water"] as const;
const schema = Type.Object(
  { reading: Type.Literal("bilge"), water: oneOf(waters), sheen: Type.Boolean(), pumpLifts: Type.Boolean() },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice };

function judge({ water, sheen, pumpLifts }: In): Judgement {
  if (!pumpLifts)
    return asks("stop", "The bilge pump does not lift", "Strainer, float, fuse; mend it before she leaves.", limit);
  if (water === "water") {
    return asks(
      "stop",
      sheen ? "Water with an oil sheen in the bilge" : "Water in the bilge",
      "Find where it comes from: taste it, look at each seacock, the shaft seal and the hoses. Pump oily water nowhere but into a can.",
      limit,
    );
  }
  if (sheen)
    return asks(
      "watch",
      "Oil sheen in the bilge",
      "Look under engine and gearbox; wipe it up, pump none of it overboard.",
      limit,
    );
  if (water === "damp") return asks("watch", "The bilge is damp", "Dry it and look again tomorrow.", limit);
  return fine("Bilge dry, no sheen, pump lifts", limit);
}

/** The bilge: dry, no oil sheen, and the pump lifts. */
export const bilge: ReadingRule<In> = {
  name: "bilge",
  schema,
  fields: [
    { name: "water", type: "choice", options: waters },
    { name: "sheen", type: "yes-no" },
    { name: "pumpLifts", type: "yes-no" },
  ],
  number: null,
  limits: [],
  given: () => ({}),
  sample: () => ({ water: "dry", sheen: false, pumpLifts: true }),
  judge,
};
