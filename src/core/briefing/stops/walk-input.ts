import type { YachtFile } from "../../yacht/schema";
import type { WalkInput, WalkOrder, WalkStop } from "../walk/schema";
import { ruledStops, type RuledStop } from "./rules";

/** Where a walk stands: what is behind, and what was put off. */
export interface WalkSoFar {
  /** shown or left out: these are not planned again */
  behind: ReadonlySet<string>;
  putOff: ReadonlySet<string>;
  /** where the walk goes on from; where one comes aboard when it has not begun */
  at: string | null;
}

export const notBegun: WalkSoFar = { behind: new Set(), putOff: new Set(), at: null };

/** Where one comes aboard: at the platform, else at the first place of the run. */
export function boardingPlace({ platforms, places }: YachtFile): string {
  const byPlatform = Object.values(platforms)[0]?.place;
  return byPlatform ?? Object.entries(places).sort(([, a], [, b]) => a.order - b.order)[0]?.[0] ?? "";
}

/** Where a walk ends: where one sits down to sign; where her file names no such place, anywhere. */
export const signingPlace = ({ places }: YachtFile): string | null =>
  Object.keys(places).find((key) => places[key]?.purpose === "signing") ?? null;

/**
 * What the walk planner is asked for a yacht. Stops that are behind are left out, also from what others wait for; a stop
 * put off comes, with all that depends on it, after all others.
 *
 * @param minutes planned minutes of a stop; its usual ones where none are given
 */
export function walkInput(
  file: YachtFile,
  order: WalkOrder,
  { behind, putOff, at }: WalkSoFar = notBegun,
  minutes: Readonly<Record<string, number>> = {},
): WalkInput {
  const all = ruledStops(file);
  const left = all.filter(({ id }) => !behind.has(id));
  const waits = new Map(left.map((each) => [each.id, waitsOf(each, all, behind)]));
  const late = lateStops(left, waits, putOff);
  const early = left.filter(({ id }) => !late.has(id));
  const stops = left.map(({ id, stop, closes }): WalkStop => {
    const after = new Set(waits.get(id));
    if (late.has(id)) for (const each of early) after.add(each.id);
    return {
      id,
      place: stop.place,
      system: stop.system,
      minutes: minutes[id] ?? stop.minutes,
      after: [...after],
      ...(closes && !behind.has(closes) ? { closes } : {}),
      safety: stop.safety,
    };
  });
  return {
    places: Object.entries(file.places).map(([id, { level }]) => ({ id, level })),
    ways: Object.values(file.ways).map(({ from, to, seconds, oneWay }) => ({
      from,
      to,
      seconds,
      ...(oneWay ? { oneWay } : {}),
    })),
    stops,
    start: at ?? boardingPlace(file),
    end: signingPlace(file),
    order,
  };
}

/** What a stop waits for among those that are left. What needs an engine that runs already still comes before it is stopped. */
function waitsOf(each: RuledStop, all: readonly RuledStop[], behind: ReadonlySet<string>): Set<string> {
  const after = new Set([...each.after].filter((id) => !behind.has(id)));
  const { closes } = each;
  if (closes === null || !behind.has(closes)) return after;
  for (const other of all)
    if (other !== each && !behind.has(other.id) && other.after.has(closes) && !other.after.has(each.id))
      after.add(other.id);
  return after;
}

/** What was put off, and what depends on it. */
function lateStops(
  left: readonly RuledStop[],
  waits: ReadonlyMap<string, ReadonlySet<string>>,
  putOff: ReadonlySet<string>,
): Set<string> {
  const late = new Set(left.filter(({ id }) => putOff.has(id)).map(({ id }) => id));
  for (let grown = true; grown;) {
    grown = false;
    for (const { id, closes } of left) {
      // a closing stop also waits for whatever needs open what it closes
      const needs = [
        ...(waits.get(id) ?? []),
        ...(closes
          ? left
              .filter((other) => other.id !== id && other.after.has(closes) && !other.after.has(id))
              .map((other) => other.id)
          : []),
      ];
      if (late.has(id) || !needs.some((each) => late.has(each))) continue;
      late.add(id);
      grown = true;
    }
  }
  return late;
}
