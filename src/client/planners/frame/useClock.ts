import { useFormatter } from "next-intl";
import { dayIn } from "@/core/basics/instant";

/** The clock at the base for an instant: the hour alone on the day of another, with its weekday on any other day. */
export function useClock(timeZone: string, now: string): (at: string) => string {
  const format = useFormatter();
  return (at) =>
    format.dateTime(new Date(at), {
      ...(dayIn(at, timeZone) === dayIn(now, timeZone) ? {} : { weekday: "short" }),
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
}
