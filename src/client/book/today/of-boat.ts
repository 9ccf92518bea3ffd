import { useMemo } from "react";
import { useMinute, type OfBoat } from "../../planners/frame/of-boat";
import type { BookStore } from "../../store/book-store";

/** What the planners go by, out of a boat book. */
export function useOfBoat({ book }: BookStore): OfBoat {
  const now = useMinute();
  return useMemo(
    () => ({
      stay: book.stay.id,
      file: book.yacht.file,
      persons: book.stay.aboard,
      backAt: book.stay.endsAt,
      timeZone: book.base.timeZone,
      readings: book.readings ?? [],
      outlook: book.outlook ?? null,
      area: book.area ?? null,
      now,
    }),
    [book, now],
  );
}
