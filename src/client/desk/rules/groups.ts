import { canonicalJson } from "@/core/basics/digest";
import { rulesFrom, type BaseRules } from "@/core/base/rules";
import type { RulesChange } from "@/api/schemas/desk";
import { limits, ruleFields, type NumberWord, type TypedRules } from "./draft";

/** One rule as it is shown: a number that is typed, or one of a few. */
export interface RuleRow {
  field: keyof TypedRules | "walkAlone" | "managerCode" | "expectedShown" | "neverLetGo" | "drillsBeforeAlone";
  /** key of its words in the catalogue */
  word: NumberWord | "walk-alone" | "manager-code" | "expected-shown" | "never" | "drills-before";
  /** key of what is said about it */
  help?: Help;
}

type Help =
  "manager-code-words" | "walk-alone-words" | "expected-words" | "limits-words" | "never-words" | "drills-before-words";
type Group = "people" | "walk" | "weather" | "handovers" | "marks" | "statement" | "limits" | "never";

const numbers = (...fields: (keyof TypedRules)[]): RuleRow[] =>
  ruleFields.filter(([field]) => fields.includes(field)).map(([field, word]) => ({ field, word }));

/** The rules of a base by what they are about, in the order of a charter. */
export const ruleGroups: readonly { group: Group; help?: Help; rows: readonly RuleRow[] }[] = [
  {
    group: "walk",
    rows: [
      { field: "walkAlone", word: "walk-alone", help: "walk-alone-words" },
      { field: "drillsBeforeAlone", word: "drills-before", help: "drills-before-words" },
      ...numbers("drillSharePercent"),
    ],
  },
  { group: "weather", rows: numbers("windLimitKn", "gustLimitKn") },
  {
    group: "handovers",
    rows: [
      { field: "expectedShown", word: "expected-shown", help: "expected-words" },
      ...numbers("lateHours", "boatDataMinutes"),
    ],
  },
  { group: "marks", rows: numbers("markFromMm", "markSingleFromMm", "markToleranceM", "markWorseFactor") },
  { group: "statement", rows: numbers("objectDays") },
  {
    group: "limits",
    help: "limits-words",
    rows: numbers("tightBelowMm", "watchAboveMm", "stopAboveMm", "watchBelowPercent"),
  },
  { group: "people", rows: [{ field: "managerCode", word: "manager-code", help: "manager-code-words" }] },
  { group: "never", help: "never-words", rows: [{ field: "neverLetGo", word: "never" }] },
];

/** What a rule's field holds in a set of rules. */
function valueOf(rules: BaseRules, field: RuleRow["field"]): unknown {
  const limit = limits.find(([, each]) => each === field);
  return limit ? rules.readingLimits[limit[0]]?.[limit[1]] : rules[field as keyof BaseRules];
}

/** The change in which a rule got the value it has, newest first in the history; null where it is as usual. */
export function settledBy(history: readonly RulesChange[], field: RuleRow["field"]): RulesChange | null {
  return (
    history.find((change, index) => {
      const before = rulesFrom(history[index + 1]?.rules ?? null);
      return (
        canonicalJson(valueOf(rulesFrom(change.rules), field) ?? null) !== canonicalJson(valueOf(before, field) ?? null)
      );
    }) ?? null
  );
}
