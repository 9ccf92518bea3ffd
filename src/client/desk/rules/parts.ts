/** The parts of the rules of a base, each under its own tab and address. */
export const rulesParts = [
  "rules",
  "prices",
  "terms",
  "extras",
  "turn-round",
  "messages",
  "keeping",
  "history",
] as const;
export type RulesPart = (typeof rulesParts)[number];
