import { useFormatter } from "next-intl";
import { useCallback } from "react";
import type { BoatBook } from "@/api/schemas/book";

/** Words for an instant, by the base's own clock. */
export function useAt({ book }: { book: Pick<BoatBook, "base"> }): (instant: string) => string {
  const format = useFormatter();
  const { timeZone } = book.base;
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
