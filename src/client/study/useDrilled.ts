import { useCallback, useMemo, useSyncExternalStore } from "react";
import { dayIn } from "@/core/basics/instant";
import { askedNow } from "@/core/briefing/drilled/drilled";
import { machineOf } from "@/core/briefing/drilled/machine";
import { briefingPlan } from "@/core/briefing/study/study";
import type { OnRun } from "../drills/DrillPanel";
import type { StandingOf } from "../drills/DrillPage";
import type { BookStore } from "../store/book-store";

/** How this charter's skipper stands with each of her devices, and how a run is kept: on the device first, like all of the study. */
export function useDrilled(store: BookStore): { standings: readonly StandingOf[]; onRun: OnRun } {
  const subscribe = useMemo(() => (listener: () => void) => store.onChange(listener), [store]);
  const said = useSyncExternalStore(
    subscribe,
    () => store.said(),
    () => store.said(),
  );
  const { yacht, base, drills } = store.book;
  const standings = useMemo(() => {
    const { topics, drilled } = briefingPlan(yacht.file, said, drills?.sharePercent);
    const depths = new Map(topics.map(({ topic, depth }) => [topic.id, depth]));
    const today = dayIn(new Date().toISOString(), base.timeZone);
    return drilled.map((each) => ({
      drilled: each,
      asked: askedNow(each, depths, today),
      byBase: drills?.beforeAlone.includes(each.drill.device) ?? false,
    }));
  }, [yacht.file, said, drills, base.timeZone]);
  const onRun = useCallback<OnRun>(
    (drill, task, run) =>
      void store.say({
        ...{ about: "drill", drill: drill.key, task: task.task, machine: machineOf(drill, task) },
        day: dayIn(new Date().toISOString(), base.timeZone),
        ...run,
      }),
    [store, base.timeZone],
  );
  return { standings, onRun };
}
