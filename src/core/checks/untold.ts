import type { CheckedFinding } from ".";

/** Checks that find what nobody has told yet. */
const asking: ReadonlySet<string> = new Set(["facts-told", "texts-written", "engine-facts", "things-priced"]);

/** Whether a finding asks for something that nobody has told yet, and finds nothing wrong. */
export const isUntold = ({ check }: Pick<CheckedFinding, "check">): boolean => asking.has(check);

/** Where something is still to be told, each place once. */
export const untoldPaths = (findings: readonly CheckedFinding[]): string[] => [
  ...new Set(findings.filter(isUntold).map(({ path }) => path)),
];

/**
 * What keeps a class from being published: what nobody has told yet does not. It is told of each yacht, and keeps her from
 * being published until it is.
 */
export const ofTheClass = (findings: readonly CheckedFinding[]): CheckedFinding[] =>
  findings.filter((finding) => !isUntold(finding));
