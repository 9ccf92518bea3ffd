import type { CalendarStay, CalendarView } from "@/api/schemas/charters";
import { placeInDays } from "@/core/charters/calendar";

/** Heights of the calendar, px. */
export const rowPx = 52;
export const barPx = 38;
export const barTopPx = (rowPx - barPx) / 2;
/** How near to a bar's end a press takes hold of the end alone. */
export const endPx = 14;

/** Width of a day, px: wide enough for names, or for half a year. */
export const dayPxOf = { weeks: 26, season: 13 } as const;
export type Scale = keyof typeof dayPxOf;

/** Where things lie in the calendar's drawing. */
export interface Places {
  dayPx: number;
  x: (instant: string) => number;
  rowOf: (yacht: string) => number;
  widthPx: number;
  heightPx: number;
}

/** Places in a calendar of which these yachts are shown. */
export function placesOf(
  { from, weeks, timeZone }: Pick<CalendarView, "from" | "weeks" | "timeZone">,
  yachts: CalendarView["yachts"],
  dayPx: number,
): Places {
  // charters begin and end at the same few hours: each is looked up in the base's clock once
  const known = new Map<string, number>();
  const rows = new Map(yachts.map(({ slug }, index) => [slug, index]));
  return {
    dayPx,
    x: (instant) => {
      const px = known.get(instant) ?? Math.round(placeInDays(instant, from, timeZone) * dayPx * 10) / 10;
      known.set(instant, px);
      return px;
    },
    rowOf: (yacht) => rows.get(yacht) ?? -1,
    widthPx: weeks * 7 * dayPx,
    heightPx: yachts.length * rowPx,
  };
}

/** A charter where it lies in the drawing. */
export interface PlacedBar {
  stay: CalendarStay;
  row: number;
  fromPx: number;
  toPx: number;
  /** until when her turn-round lasts */
  freePx: number;
}

/** The charters of the yachts that are shown, where they lie. */
export const placedBars = (stays: readonly CalendarStay[], { rowOf, x }: Places): PlacedBar[] =>
  stays
    .filter(({ yacht }) => rowOf(yacht) >= 0)
    .map((stay) => ({
      stay,
      row: rowOf(stay.yacht),
      fromPx: x(stay.startsAt),
      toPx: x(stay.endsAt),
      freePx: x(stay.freeFrom),
    }));

const shortestPx = 16;

/** The outline of a charter: her stern stands where she goes out, her bow where she comes back. */
export function hullPath(fromPx: number, toPx: number, topPx: number): string {
  const [width, low, middle] = [toPx - fromPx, topPx + barPx, topPx + barPx / 2];
  // hours are too short for a hull: a bow alone
  if (width < shortestPx) return `M${fromPx} ${topPx}L${Math.max(toPx, fromPx + 6)} ${middle}L${fromPx} ${low}Z`;
  const bow = Math.min(18, width * 0.45);
  const stern = Math.min(4, width * 0.2);
  return `M${fromPx + stern} ${topPx}H${toPx - bow}Q${toPx - 4} ${topPx + 3} ${toPx} ${middle}Q${toPx - 4} ${low - 3} ${toPx - bow} ${low}H${fromPx + stern}Q${fromPx} ${middle} ${fromPx + stern} ${topPx}Z`;
}
