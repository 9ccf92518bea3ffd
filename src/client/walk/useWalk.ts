import { useMemo } from "react";
import type { BriefingPart } from "@/core/briefing/part";
import { ruledStops, type RuledStop } from "@/core/briefing/stops/rules";
import { walkInput } from "@/core/briefing/stops/walk-input";
import { walkState, type WalkState } from "@/core/handover/walk/walk-state";
import { useHandover, useVersion } from "../store/handover-context";
import { usePlan, type Planned } from "./usePlan";

export interface Walk {
  briefing: BriefingPart;
  state: WalkState;
  planned: Planned;
  /** stops with what they wait for, by the rules */
  ruled: readonly RuledStop[];
  /** stops that are left, in the order of the plan; in the order of the list while it is being planned */
  sequence: string[];
}

const noBriefing: BriefingPart = { stops: [], questions: [], wrong: [], studied: null, language: null };

/** The walk as it stands on this device, planned anew whenever something was recorded on it. */
export function useWalk(): Walk {
  const store = useHandover();
  const version = useVersion();
  const { list, file } = store.bundle;
  const briefing = list.briefing ?? noBriefing;
  const state = useMemo(() => {
    void version;
    return walkState(briefing, store.folded());
  }, [briefing, store, version]);
  const ruled = useMemo(() => ruledStops(file), [file]);
  const minutes = useMemo(() => Object.fromEntries(briefing.stops.map((stop) => [stop.id, stop.minutes])), [briefing]);
  const planned = usePlan(useMemo(() => walkInput(file, state.order, state, minutes), [file, state, minutes]));
  const sequence = useMemo(() => {
    const left = briefing.stops.filter((stop) => !state.behind.has(stop.id)).map((stop) => stop.id);
    const order = planned.state === "planned" ? planned.plan.sequence : [];
    // a plan that is a moment old still knows the order of what is left
    return [...order.filter((id) => left.includes(id)), ...left.filter((id) => !order.includes(id))];
  }, [briefing, state, planned]);
  return { briefing, state, planned, ruled, sequence };
}

/** What a stop waits for that must be on or open, whether it is, and where. */
export function needsOf(
  { ruled, state }: Pick<Walk, "ruled" | "state">,
  stop: string,
): { id: string; isOn: boolean }[] {
  const mine = ruled.find((each) => each.id === stop);
  return [...(mine?.after ?? [])].flatMap((id) => {
    const needed = ruled.find((each) => each.id === id);
    if (!needed?.stop.state) return [];
    const closed = ruled.some((each) => each.closes === id && state.behind.has(each.id));
    return [{ id, isOn: state.standing.get(id)?.step === "shown" && !closed }];
  });
}
