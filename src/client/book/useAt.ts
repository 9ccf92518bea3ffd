import { useFormatter } from "next-intl";
import { useCallback } from "react";

/** Words for an instant, by the base's own clock. */
export function useAt(timeZone: string): (instant: string) => string {
  const format = useFormatter();
  return useCallback(
    (instant: string) =>
      format.dateTime(new Date(instant), {
        weekday: "short",
        day: "numeric",
        month: "long",
        hour: "2-digit",
        minute: "2-digit",
        hourCycle: "h23",
        timeZone,
      }),
    [format, timeZone],
  );
}
