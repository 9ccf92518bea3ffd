import { usualRules, type BaseRules } from "@/core/base/rules";

/** Whole numbers of the rules, with the key of their words. */
export const figures = [
  ["markFromMm", "mark-from"],
  ["markSingleFromMm", "mark-single"],
  ["lateHours", "late-hours"],
  ["boatDataMinutes", "boat-data-minutes"],
  ["objectDays", "object-days"],
  ["drillSharePercent", "drill-share"],
  ["windLimitKn", "wind"],
  ["gustLimitKn", "gusts"],
] as const;
/** Figures with decimals. */
export const measures = [
  ["markToleranceM", "mark-tolerance"],
  ["markWorseFactor", "mark-worse"],
] as const;
/** Limits that make sense for a whole fleet; those of batteries and tanks go by chemistry and size, and stand in each yacht's file. */
export const limits = [
  ["belt", "tightBelowMm"],
  ["belt", "watchAboveMm"],
  ["belt", "stopAboveMm"],
  ["gas", "watchBelowPercent"],
] as const;

type Figure = (typeof figures)[number][0];
type Measure = (typeof measures)[number][0];
type Limit = (typeof limits)[number][1];
/** What is typed in numbers, by the name it has in the rules. */
export type TypedRules = Record<Figure | Measure | Limit, string>;

/** The key of the words of one number of the rules. */
export type NumberWord = (typeof figures)[number][1] | (typeof measures)[number][1] | `limit-${Limit}`;

/** Every number of the rules with the key of its words. */
export const ruleFields: readonly (readonly [keyof TypedRules, NumberWord])[] = [
  ...figures,
  ...measures,
  ...limits.map(([, limit]) => [limit, `limit-${limit}`] as const),
];

/** The numbers of the rules as they stand in their fields. */
export const typedRules = (rules: BaseRules): TypedRules =>
  Object.fromEntries([
    ...[...figures, ...measures].map(([field]) => [field, String(rules[field] ?? usualRules[field])]),
    ...limits.map(([kind, limit]) => [limit, String(rules.readingLimits[kind]?.[limit] ?? "")]),
  ]) as TypedRules;

const isFigure = (typed: string) => /^\d{1,4}$/.test(typed.trim());
const isMeasure = (typed: string) => /^\d{1,2}(\.\d{1,2})?$/.test(typed.trim());
/** A limit as it is typed: a number up to 999 with one decimal, or nothing. */
const isLimit = (typed: string) => /^(\d{1,3}(\.\d)?)?$/.test(typed.trim());

/** The fields whose number cannot be one, each with the key of what is said about it. */
export const faultsOf = (
  typed: TypedRules,
): { [field in keyof TypedRules]?: "numbers-wrong" | "measures-wrong" | "limits-wrong" } => ({
  ...Object.fromEntries(figures.filter(([f]) => !isFigure(typed[f])).map(([f]) => [f, "numbers-wrong" as const])),
  ...Object.fromEntries(measures.filter(([f]) => !isMeasure(typed[f])).map(([f]) => [f, "measures-wrong" as const])),
  ...Object.fromEntries(limits.filter(([, f]) => !isLimit(typed[f])).map(([, f]) => [f, "limits-wrong" as const])),
});

function limitsOf(before: BaseRules["readingLimits"], typed: TypedRules): BaseRules["readingLimits"] {
  // what was settled for other readings stays
  const settled = Object.fromEntries(
    Object.entries(before).filter(([kind]) => !limits.some(([each]) => each === kind)),
  );
  for (const [kind, limit] of limits)
    if (isLimit(typed[limit]) && typed[limit].trim() !== "")
      settled[kind] = { ...settled[kind], [limit]: Number(typed[limit]) };
  return settled;
}

/** The rules as the page has them now. */
export const wantedRules = (draft: BaseRules, typed: TypedRules): BaseRules => ({
  ...draft,
  ...Object.fromEntries([...figures, ...measures].map(([field]) => [field, Number(typed[field])])),
  readingLimits: limitsOf(draft.readingLimits, typed),
});
