import type { Instant } from "../basics/instant";
import type { WindLimits } from "../weather/limits";
import type { Outlook, WindHour } from "../weather/outlook";

/** How far one looks ahead for wind above a limit, hours. */
const aheadHours = 36;

/** The first hour to come in which the forecast is above the limit of base or boat; null where none is, or nobody knows. */
export function overLimit(outlook: Outlook | null, limits: WindLimits, now: Instant): WindHour | null {
  const [fromMs, toMs] = [Date.parse(now) - 3_600_000, Date.parse(now) + aheadHours * 3_600_000];
  return (
    (outlook?.wind?.hours ?? []).find(({ at, windKn, gustKn }) => {
      const atMs = Date.parse(at);
      const isOver = windKn > limits.windKn || (limits.gustKn !== null && gustKn > limits.gustKn);
      return atMs > fromMs && atMs <= toMs && isOver;
    }) ?? null
  );
}
