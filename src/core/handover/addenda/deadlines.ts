import { addHours, isInstant } from "../../basics/instant";
import { rulesFrom } from "../../base/rules";
import type { Folded } from "../fold";
import type { HandoverList } from "../list";
import type { TestLine } from "../lines";
import { mainValue } from "../state";
import type { Addendum } from "./addendum";

/** A line that was not tried, and until when it may be reported. */
export interface OpenLine {
  line: TestLine;
  reason: string;
  /** after leaving the berth */
  hours: number;
  /** an instant; null while she has not left */
  until: string | null;
}

/**
 * When she left the berth by what was said first; null while nobody has said so. The first word stands: a clock is not
 * set back by a later one.
 *
 * @param addenda in the order they came
 */
export function leftBerthAt(addenda: readonly Addendum[]): string | null {
  const said = addenda.find((each) => each.kind === "left-berth" && isInstant(each.leftAt));
  return said?.kind === "left-berth" ? said.leftAt : null;
}

/** Lines that were signed as not tried and may still be reported, each with its own clock, which runs from leaving the berth and not from signing. */
export function openLines(list: HandoverList, folded: Folded, leftAt: string | null): OpenLine[] {
  const { lateHours } = rulesFrom(list.rules ?? null);
  return list.lines.flatMap((line) => {
    if (line.kind !== "test") return [];
    const value = mainValue(folded, line);
    if (value?.result !== "not-tried") return [];
    const hours = value.withinHours ?? lateHours;
    return [{ line, reason: value.reason, hours, until: leftAt === null ? null : addHours(leftAt, hours) }];
  });
}

/** Hours within which a finding on a line counts: the line's own where it was put off, the base's otherwise. */
export function hoursFor(list: HandoverList, folded: Folded, line: string | null): number {
  return (
    openLines(list, folded, null).find((each) => each.line.id === line)?.hours ??
    rulesFrom(list.rules ?? null).lateHours
  );
}

/** Whether a finding was made in time: by the time it was made, not by when it was received, as there may have been no signal. */
export function isInTime(madeAt: string, leftAt: string | null, hours: number): boolean {
  return leftAt === null || Date.parse(madeAt) <= Date.parse(addHours(leftAt, hours));
}
