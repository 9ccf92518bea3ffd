import { useMemo } from "react";
import { isOfTrouble } from "@/core/underway/log/entry";
import type { BookStore, KeptLog } from "../store/book-store";
import type { TroubleKeeper } from "./keeper";

/** Keeps a trouble with the charter's log: on this device first, and at the base as soon as there is signal. */
export function useCharterKeeper(store: BookStore, log: readonly KeptLog[]): TroubleKeeper {
  return useMemo(
    () => ({
      entries: log.map(({ entry }) => entry).filter(isOfTrouble),
      answers: store.book.answers ?? [],
      known: store.book.knownFaults ?? [],
      learned: store.book.learned ?? {},
      write: (said) => store.write(said),
      wayOf: (id) => {
        const kept = log.find((each) => each.id === id);
        return kept ? { state: kept.state === "late" ? "there" : kept.state, message: kept.message ?? "" } : null;
      },
    }),
    [store, log],
  );
}
