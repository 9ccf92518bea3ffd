import { rulesFrom } from "../base/rules";
import type { ClearanceTopic } from "../basics/clearance-topics";
import type { Entry } from "./entry";
import { lineSubject } from "./lines";
import type { HandoverList } from "./list";

/**
 * Where a manager's override of a reason is recorded: on its line, or on the handover under the reason's code. Records
 * have called the aspect `let-go` from the first day on, and a sealed record never changes.
 */
export function overrideCell({ line, code }: { line: string | null; code: string }): {
  subject: string;
  aspect: "let-go" | `let-go:${string}`;
} {
  return line ? { subject: lineSubject(line), aspect: "let-go" } : { subject: "handover", aspect: `let-go:${code}` };
}

/** Whether an entry is a manager's override. */
export const isOverride = ({ aspect }: Pick<Entry, "aspect">) => aspect === "let-go" || aspect.startsWith("let-go:");

/** What a reason of the whole handover is about, where that decides who may lift it. */
const topicOfCode: Readonly<Record<string, ClearanceTopic>> = {
  "too-many-aboard": "aboard",
  "without-jacket": "jackets",
};

/** Whether the base's rules leave a reason to the manager at all; two devices that disagree are settled, not overridden. */
export function mayBeOverridden(list: HandoverList, { subject, aspect }: Pick<Entry, "subject" | "aspect">): boolean {
  const code = aspect.slice("let-go:".length);
  if (code === "fork") return false;
  const topic = list.lines.find((line) => lineSubject(line.id) === subject)?.matter ?? topicOfCode[code];
  return topic === undefined || !rulesFrom(list.rules ?? null).neverLetGo.includes(topic);
}
