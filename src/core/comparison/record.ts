import { Type, type Static } from "@sinclair/typebox";
import { rulesFrom } from "../base/rules";
import { Entry } from "../handover/entry";
import { HandoverList } from "../handover/list";

/** A handover as it is compared: what it was made of, what was recorded, and what was added since it was signed. */
export const ComparedRecord = Type.Object(
  { list: HandoverList, entries: Type.Array(Entry), addenda: Type.Optional(Type.Array(Type.Unknown())) },
  { additionalProperties: true },
);
export type ComparedRecord = Static<typeof ComparedRecord>;

/** The base's limits of what counts as the same mark and as a worse one. */
export const ComparisonLimits = Type.Object(
  {
    /** two marks of one kind nearer than this are the same mark */
    toleranceM: Type.Number({ minimum: 0, maximum: 5 }),
    /** a mark this many times as long as before is worse */
    worseFactor: Type.Number({ minimum: 1 }),
  },
  { additionalProperties: false },
);
export type ComparisonLimits = Static<typeof ComparisonLimits>;

/** The limits of the base's rules that a list carries; the usual ones where it has none. */
export function limitsOf({ rules }: Pick<HandoverList, "rules">): ComparisonLimits {
  const { markToleranceM, markWorseFactor } = rulesFrom(rules ?? null);
  return {
    toleranceM: markToleranceM ?? usualLimits.toleranceM,
    worseFactor: markWorseFactor ?? usualLimits.worseFactor,
  };
}
const usualLimits: ComparisonLimits = { toleranceM: 0.15, worseFactor: 1.5 };
