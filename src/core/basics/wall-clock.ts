/** Formatters by time zone: making one takes a hundred times as long as using it. */
const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  const known = clocks.get(timeZone);
  if (known) return known;
  const clock = new Intl.DateTimeFormat("en-CA", {
    timeZone,
    hourCycle: "h23",
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
  });
  clocks.set(timeZone, clock);
  return clock;
}

/**
 * Day and time of an instant as a clock in a time zone shows them.
 *
 * @example wallClock("2027-06-14T09:00:00Z", "Atlantic/Azores") // { day: "2027-06-14", time: "09:00" }
 * @throws RangeError for no instant and no time zone
 */
export function wallClock(instant: string | number, timeZone: string): { day: string; time: string } {
  const parts = clockOf(timeZone).formatToParts(new Date(instant));
  const part = (type: string) => parts.find((each) => each.type === type)?.value ?? "";
  return { day: `${part("year")}-${part("month")}-${part("day")}`, time: `${part("hour")}:${part("minute")}` };
}
