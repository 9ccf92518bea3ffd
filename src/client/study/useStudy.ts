import { useMemo, useSyncExternalStore } from "react";
import { notBegun, walkInput } from "@/core/briefing/stops/walk-input";
import { briefingPlan, type BriefingPlan } from "@/core/briefing/study/study";
import type { BookStore, StudySave } from "../store/book-store";
import { usePlan } from "../walk/usePlan";

export interface Study {
  plan: BriefingPlan;
  /** minutes of the coming walk, null while they are reckoned */
  walkMinutes: number | null;
  save: StudySave;
}

/** The study as it stands: depth of each topic, questions, and how long the walk will take. */
export function useStudy(store: BookStore): Study {
  const subscribe = useMemo(() => (listener: () => void) => store.onChange(listener), [store]);
  const said = useSyncExternalStore(
    subscribe,
    () => store.said(),
    () => store.said(),
  );
  const save = useSyncExternalStore(
    subscribe,
    () => store.save(),
    () => store.save(),
  );
  const { file } = store.book.yacht;
  const share = store.book.drills?.sharePercent;
  const plan = useMemo(() => briefingPlan(file, said, share), [file, said, share]);
  const walk = usePlan(useMemo(() => walkInput(file, "deck-first", notBegun, plan.minutes), [file, plan.minutes]));
  return {
    plan,
    save,
    walkMinutes: walk.state === "planned" ? Math.round(walk.plan.talkMinutes + walk.plan.walkSeconds / 60) : null,
  };
}
