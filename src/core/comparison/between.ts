import { hoursFor, isInTime, leftBerthAt } from "../handover/addenda/deadlines";
import { isInstant } from "../basics/instant";
import type { Addendum } from "../handover/addenda/addendum";
import { inOrder, type Told } from "../handover/addenda/told";
import type { Folded } from "../handover/fold";
import { mainValue } from "../handover/state";
import type { HandoverList } from "../handover/list";
import type { Line } from "../handover/lines";

/** Why a difference is the base's before anybody decides, or why it is nobody's yet. */
export type Because = "reported-in-time" | "accepted-as-before" | "never-shown" | "deadline-passed" | "known-before";

/** Whose a difference is before anybody has decided: never the charterer's. */
export interface StartsAs {
  as: "base" | "unclear";
  because: Because | null;
}

/** What came between check-in and check-out and counts as known at check-in. */
export interface Between {
  /** how many of a line the base's last visit left aboard */
  counts: ReadonlyMap<string, number>;
  /** whose a difference on a line is at first */
  startsAs: (line: Line) => StartsAs;
}

const isAddendum = (value: unknown): value is Addendum =>
  typeof (value as { kind?: unknown } | null)?.kind === "string" && typeof (value as { at?: unknown }).at === "string";

/** Addenda as a record carries them: the content itself, or the row that it was exported with. */
function toldIn(each: unknown): Told | null {
  const { content, receivedAt } = (each ?? {}) as { content?: unknown; receivedAt?: unknown };
  const addendum = content ?? each;
  if (!isAddendum(addendum)) return null;
  return { addendum, receivedAt: typeof receivedAt === "string" && isInstant(receivedAt) ? receivedAt : null };
}

/**
 * Reads what was added to a signed check-in: the base's visits are the new starting state of what they touched; what
 * the skipper reported in time, or the base accepted as there before, is known. A line that the base could not show is
 * the base's; one whose deadline passed in silence is nobody's yet.
 */
export function between(list: HandoverList, folded: Folded, addenda: readonly unknown[]): Between {
  const said = inOrder(addenda.flatMap((each) => toldIn(each) ?? []));
  const leftAt = leftBerthAt(said);
  const accepted = new Set(
    said.flatMap((each) => (each.kind === "answer" && each.answer === "there-before" ? [each.to] : [])),
  );
  const reported = new Map<string, Because>();
  const counts = new Map<string, number>();
  for (const each of said) {
    if (each.kind === "visit") for (const { line, count } of each.touched) if (count !== null) counts.set(line, count);
    if (each.kind !== "late-finding" || each.line === null) continue;
    if (accepted.has(each.id)) reported.set(each.line, "accepted-as-before");
    else if (isInTime(each.at, leftAt, hoursFor(list, folded, each.line)) && !reported.has(each.line))
      reported.set(each.line, "reported-in-time");
  }
  return {
    counts,
    startsAs: (line) => {
      const because = reported.get(line.id);
      if (because) return { as: "base", because };
      const result = line.kind === "test" ? mainValue(folded, line) : undefined;
      if (result?.result !== "not-tried") return { as: "unclear", because: null };
      return result.withinHours === null
        ? { as: "base", because: "never-shown" }
        : { as: "unclear", because: "deadline-passed" };
    },
  };
}
