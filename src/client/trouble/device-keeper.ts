import { useMemo, useState } from "react";
import { v7 as uuid } from "uuid";
import type { TroubleEntry } from "@/core/faults/entry";
import { keptTroubles, keepTroubles } from "../store/device-troubles";
import type { TroubleKeeper } from "./keeper";

/** Keeps a trouble on this device alone: of who is aboard by the yacht's code, without a charter. */
export function useDeviceKeeper(yacht: string): TroubleKeeper {
  const [entries, setEntries] = useState<readonly TroubleEntry[]>(() => keptTroubles(yacht));
  return useMemo(
    () => ({
      entries,
      answers: [],
      known: [],
      learned: {},
      write: async (said) => {
        const entry = { id: uuid(), at: new Date().toISOString(), ...said } as TroubleEntry;
        setEntries((before) => {
          const after = [...before, entry];
          keepTroubles(yacht, after);
          return after;
        });
        return entry.id;
      },
      wayOf: () => null,
    }),
    [entries, yacht],
  );
}
