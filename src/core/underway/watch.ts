import { bearingDeg, distanceNm } from "../area/bearing";
import type { Position } from "../area/area";
import type { Instant } from "../basics/instant";

/** A position as a device told it. */
export interface Fix {
  at: Instant;
  lon: number;
  lat: number;
  /** two of three positions lie nearer than this to the true one, m */
  accuracyM: number;
}

/** What happened in a night: gone out of the circle, come back, no positions, nobody watching, and on again. */
export type WatchEvent = { at: Instant; what: "begun" | "out" | "in" | "silent" | "gap" | "on" };

/** A watch over an anchor: where it lies, how far she may swing, and what was seen. */
export interface Watch {
  anchor: Position;
  radiusM: number;
  /** oldest first; thinned, so that a night fits */
  fixes: Fix[];
  events: WatchEvent[];
}

/** So many positions are kept; of older ones every second goes. */
const mostFixes = 400;
/** So long without a position is told, and so long wakes people, s. */
export const silentS = { told: 60, alarm: 180 };
/** Positions that lie surely outside, one after another, before people are woken; and those that lie outside at all. */
const outBefore = { surely: 2, atAll: 5 };
/** Longer than this between two looks at the screen nobody watched, s: it was locked, or the program asleep. */
export const gapS = 90;

/** Metres from the anchor to a position. */
export const offM = ({ anchor }: Pick<Watch, "anchor">, { lon, lat }: Pick<Fix, "lon" | "lat">): number =>
  distanceNm(anchor, [lon, lat]) * 1852;

/** The bearing from the anchor to a position, true. */
export const offDeg = ({ anchor }: Pick<Watch, "anchor">, { lon, lat }: Pick<Fix, "lon" | "lat">): number =>
  bearingDeg(anchor, [lon, lat]);

/** How it stands: `coarse` where positions are no finer than the circle, and nothing can be watched by them. */
export interface WatchStands {
  state: "waiting" | "inside" | "near" | "outside" | "coarse" | "silent";
  /** whether people are to be woken */
  alarm: boolean;
  offM: number | null;
  accuracyM: number | null;
}

const secondsBetween = (from: Instant, to: Instant) => (Date.parse(to) - Date.parse(from)) / 1000;

/** How the watch stands at an instant. */
export function watchStands(watch: Watch, now: Instant): WatchStands {
  const last = watch.fixes.at(-1);
  if (!last) return { state: "waiting", alarm: false, offM: null, accuracyM: null };
  const { accuracyM } = last;
  const told = { offM: offM(watch, last), accuracyM };
  const silent = secondsBetween(last.at, now);
  if (silent > silentS.told) return { ...told, state: "silent", alarm: silent > silentS.alarm };
  if (accuracyM > watch.radiusM) return { ...told, state: "coarse", alarm: false };
  if (isOut(watch)) return { ...told, state: "outside", alarm: true };
  return { ...told, state: told.offM > watch.radiusM ? "near" : "inside", alarm: false };
}

/** Whether she has gone: surely, by positions that lie outside with all their error, or by a row of any. */
function isOut(watch: Watch): boolean {
  const usable = watch.fixes.filter(({ accuracyM }) => accuracyM <= watch.radiusM);
  const surely = usable.slice(-outBefore.surely);
  const atAll = usable.slice(-outBefore.atAll);
  return (
    (surely.length === outBefore.surely && surely.every((fix) => offM(watch, fix) - fix.accuracyM > watch.radiusM)) ||
    (atAll.length === outBefore.atAll && atAll.every((fix) => offM(watch, fix) > watch.radiusM))
  );
}

/** The watch with a new position; one that is no later than the last is left out. */
export function withFix(watch: Watch, fix: Fix): Watch {
  const last = watch.fixes.at(-1);
  if (last && secondsBetween(last.at, fix.at) <= 0) return watch;
  const wasOut = isOut(watch);
  const next = { ...watch, fixes: thinned([...watch.fixes, fix]) };
  const isNowOut = isOut(next);
  const events = [...watch.events];
  const gap = last ? secondsBetween(last.at, fix.at) : 0;
  if (last && gap > gapS) events.push({ at: last.at, what: "gap" }, { at: fix.at, what: "on" });
  if (isNowOut !== wasOut) events.push({ at: fix.at, what: isNowOut ? "out" : "in" });
  return { ...next, events };
}

/** Leaves every second of the older half out, once there are too many. */
function thinned(fixes: Fix[]): Fix[] {
  if (fixes.length <= mostFixes) return fixes;
  const half = mostFixes / 2;
  return [...fixes.slice(0, half).filter((_, at) => at % 2 === 0), ...fixes.slice(half)];
}

/**
 * A circle to watch: as far as she swings by the reckoning, with the length of a boat between roller and telephone in it
 * already, and room for the error of a position.
 */
export const watchRadiusM = (swingM: number): number => Math.ceil(swingM + 10);
