import { wantsUnderwaterLook, type IncidentKind } from "../../incidents/incident";
import type { FirstLook, WhyFirst } from "../first-look";
import type { Folded } from "../fold";
import type { HandoverList } from "../list";
import type { Line } from "../lines";
import { mainCell } from "../state";

export interface ChangedFacts {
  /** lines the skipper reported something on */
  reported: readonly string[];
  /** what happened on the way */
  happened: readonly IncidentKind[];
  /** how often a line cost somebody something in this fleet, by line id */
  often: ReadonlyMap<string, number>;
}

/** From this price on a thing is looked at first: our own rule of thumb, in the minor units of a currency with two decimals. */
const valuableMinor = 25_000;
const mostOften = 6;
const mostValuable = 6;

/** What is looked at after something has happened: systems, and what hangs below the water. */
const touched: Readonly<Record<IncidentKind, readonly Line["system"][]>> = {
  grounding: ["steering", "bilge"],
  "fouled-propeller": ["engine"],
  "lost-overboard": [],
  collision: ["steering", "hull-and-deck"],
  repair: [],
  other: [],
};
/** Whether something happened that asks for a look below the water and nobody has looked: it was told too late for the list, or it could not be done. */
export function isUnlookedBelow(list: HandoverList, folded: Folded, happened: readonly IncidentKind[]): boolean {
  return (
    wantsUnderwaterLook(happened) &&
    !list.lines.some(
      (line) => line.kind === "look" && line.group === "underwater" && mainCell(folded, line) !== undefined,
    )
  );
}

/**
 * What is likely to have changed, most likely first: what was reported, what follows from what happened on the way,
 * what most often goes missing or breaks in this fleet, known marks to confirm, and what is dear. Each line once.
 */
export function firstLooks(lines: readonly Line[], { reported, happened, often }: ChangedFacts): FirstLook[] {
  const systems = new Set(happened.flatMap((kind) => touched[kind]));
  const isUnderwater = (line: Line) =>
    line.kind === "look" && line.group === "underwater" && wantsUnderwaterLook(happened);
  const by =
    <T>(of: (line: Line) => T) =>
    (a: Line, b: Line) =>
      Number(of(b)) - Number(of(a));
  const value = (line: Line) => (line.kind === "count" ? line.replacementMinor * line.expected : 0);
  const groups: [WhyFirst, Line[]][] = [
    ["reported", lines.filter((line) => reported.includes(line.id))],
    [
      "happened",
      lines.filter(
        (line) => isUnderwater(line) || (line.kind !== "count" && line.kind !== "mark" && systems.has(line.system)),
      ),
    ],
    [
      "often",
      lines
        .filter((line) => (often.get(line.id) ?? 0) > 0)
        .sort(by((line) => often.get(line.id) ?? 0))
        .slice(0, mostOften),
    ],
    ["mark", lines.filter((line) => line.kind === "mark" && line.view === undefined)],
    [
      "valuable",
      lines
        .filter((line) => line.kind === "count" && line.replacementMinor >= valuableMinor)
        .sort(by(value))
        .slice(0, mostValuable),
    ],
  ];
  const seen = new Set<string>();
  return groups.flatMap(([why, found]) =>
    found.flatMap((line) => (seen.has(line.id) ? [] : (seen.add(line.id), [{ line: line.id, why }]))),
  );
}
