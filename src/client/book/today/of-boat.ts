import { useCallback, useMemo, useSyncExternalStore } from "react";
import { roundReadings } from "@/core/underway/log/round-readings";
import { useMinute, type OfBoat } from "../../planners/frame/of-boat";
import type { BookStore, KeptLog } from "../../store/book-store";

/** What the planners go by, out of a boat book. */
export function useOfBoat({ book }: BookStore, log: readonly KeptLog[]): OfBoat {
  const now = useMinute();
  return useMemo(
    () => ({
      stay: book.stay.id,
      file: book.yacht.file,
      persons: book.stay.aboard,
      backAt: book.stay.endsAt,
      timeZone: book.base.timeZone,
      readings: [...(book.readings ?? []), ...roundReadings(log.map(({ entry }) => entry))],
      outlook: book.outlook ?? null,
      area: book.area ?? null,
      berth: book.berth ?? null,
      windLimitKn: book.terms?.windLimitKn ?? null,
      now,
    }),
    [book, log, now],
  );
}

/** The log under way, in step with what is written and sent. */
export function useLog(store: BookStore): readonly KeptLog[] {
  const subscribe = useCallback((listener: () => void) => store.onChange(listener), [store]);
  return useSyncExternalStore(
    subscribe,
    () => store.log(),
    () => store.log(),
  );
}
