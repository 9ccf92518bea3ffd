import { cellKey, type Folded } from "../fold";
import { lineSubject, type HandoverList } from "../list";
import type { Matter } from "../matters";
import { rulesFrom } from "../../base/rules";
import type { Entry } from "../entry";
import type { LetGoValue } from "../aspects";
import type { Reason } from "./reason";

/** Where a manager's letting-go of a reason is recorded: on its line, or on the handover under the reason's code. */
export function letGoCell({ line, code }: Pick<Reason, "line" | "code">): { subject: string; aspect: string } {
  return line ? { subject: lineSubject(line), aspect: "let-go" } : { subject: "handover", aspect: `let-go:${code}` };
}

/** A reason with the manager's letting-go, where there is one that stands and may be: it stays in the record and holds her no more. */
export function withLetGo(folded: Folded, reason: Reason): Reason {
  if (!reason.blocks || reason.lift === "nobody") return reason;
  const { subject, aspect } = letGoCell(reason);
  const cell = folded.get(cellKey(subject, aspect));
  const value = cell?.value as LetGoValue | undefined;
  if (!cell || !value || value.why === null) return reason;
  return { ...reason, blocks: false, letGo: { why: value.why, person: cell.heads[0]?.by.person ?? "" } };
}

/** Whether an entry is a manager's letting-go. */
export const isLettingGo = ({ aspect }: Pick<Entry, "aspect">) => aspect === "let-go" || aspect.startsWith("let-go:");

/** What a reason of the whole handover is about, where that decides who may lift it. */
const matterOfCode: Readonly<Record<string, Matter>> = { "too-many-aboard": "aboard", "without-jacket": "jackets" };

/** Whether the base's rules leave a reason to the manager at all; two devices that disagree are settled, not let go. */
export function mayBeLetGo(list: HandoverList, { subject, aspect }: Pick<Entry, "subject" | "aspect">): boolean {
  const code = aspect.slice("let-go:".length);
  if (code === "fork") return false;
  const matter = list.lines.find((line) => lineSubject(line.id) === subject)?.matter ?? matterOfCode[code];
  return matter === undefined || !rulesFrom(list.rules ?? null).neverLetGo.includes(matter);
}
