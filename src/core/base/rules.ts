import { Type, type Static } from "@sinclair/typebox";

/** What a base settles for all its yachts and handovers. Where a yacht's file or a charter's terms say otherwise, they win. */
export const BaseRules = Type.Object(
  {
    /** whether a skipper may walk a yacht without a briefer, from the boat book; what else it takes stands in `walkAlone` */
    walkAlone: Type.Boolean(),
  },
  { additionalProperties: false },
);
export type BaseRules = Static<typeof BaseRules>;

/** What holds at a base that has settled nothing yet: the careful school of each question. */
export const usualRules: BaseRules = { walkAlone: false };

/** The rules of a base out of what it settled so far: what it has not is as usual. */
export function rulesFrom(settled: Partial<BaseRules> | null): BaseRules {
  return { ...usualRules, ...settled };
}
