import { Type, type Static } from "@sinclair/typebox";
import type { Calculation } from "../basics/calculation";
import type { ValueCheck } from "../handover/check-entry";
import { checkRecords } from "./check-records";
import { compare, type Difference } from "./compare";
import { ComparedRecord, ComparisonLimits } from "./record";

const schema = Type.Object(
  { before: ComparedRecord, after: ComparedRecord, limits: Type.Optional(ComparisonLimits) },
  { additionalProperties: false },
);

/** `./brinecove calc compare` */
export const compareCalculation: Calculation<
  Static<typeof schema>,
  { differences: Difference[] },
  { check: ValueCheck }
> = {
  name: "compare",
  about: "differences between the records of a check-in and its check-out",
  schema,
  run: ({ before, after, limits }, { check }) => {
    checkRecords(before, after, check);
    return { differences: compare(before, after, limits) };
  },
};
