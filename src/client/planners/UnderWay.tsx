"use client";
import type { BoatBook } from "@/api/schemas/book";
import type { BookStore, KeptLog } from "../store/book-store";
import type { OfBoat } from "./frame/of-boat";
import { LeftAboard } from "./left/LeftAboard";
import { WindToCome } from "./left/WindToCome";
import { Tonight } from "./log/Tonight";
import type { PlannerName } from "./names";
import { ThisMorning } from "./round/ThisMorning";

interface Props {
  of: OfBoat;
  store: BookStore;
  log: readonly KeptLog[];
  terms: BoatBook["terms"];
  go: (at: PlannerName) => void;
}

/** What a crew under way needs today: wind to come, the morning round, what is left, and tonight. */
export function UnderWay({ of, store, log, terms, go }: Props) {
  return (
    <>
      <WindToCome of={of} terms={terms} />
      <ThisMorning of={of} log={log} onOpen={() => go("round")} />
      <LeftAboard of={of} go={go} />
      <Tonight of={of} store={store} log={log} />
    </>
  );
}
