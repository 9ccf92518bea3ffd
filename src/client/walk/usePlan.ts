import { useEffect, useMemo, useRef, useState } from "react";
import { planWalk } from "@/core/briefing/walk/plan-walk";
import type { WalkInput, WalkPlan } from "@/core/briefing/walk/schema";

export type Planned =
  | { state: "planning" }
  | {
      state: "planned";
      plan: WalkPlan;
      /** whether it is for what was asked last, or a moment older */ isFresh: boolean;
    }
  | { state: "fault"; fault: string };

type Kept = { key: string } & ({ plan: WalkPlan } | { fault: string });

/**
 * The walk for an input, planned in a worker. A newer input cancels what is being planned for an older one; where the
 * worker cannot be had, it is planned here.
 */
export function usePlan(input: WalkInput): Planned {
  const [kept, setKept] = useState<Kept | null>(null);
  const key = JSON.stringify(input);
  const number = useRef(0);
  useEffect(() => {
    const mine = ++number.current;
    const take = (next: Kept) => {
      if (mine === number.current) setKept(next);
    };
    const here = () => {
      try {
        take({ key, plan: planWalk(JSON.parse(key) as WalkInput) });
      } catch (error) {
        take({ key, fault: (error as Error).message });
      }
    };
    let worker: Worker;
    try {
      worker = new Worker(new URL("./plan-worker.ts", import.meta.url));
    } catch {
      here();
      return;
    }
    worker.onerror = here;
    worker.onmessage = ({ data }: MessageEvent<{ plan?: WalkPlan; fault?: string }>) =>
      take(data.plan ? { key, plan: data.plan } : { key, fault: data.fault ?? "" });
    worker.postMessage({ number: mine, input: JSON.parse(key) as WalkInput });
    return () => worker.terminate();
  }, [key]);
  return useMemo((): Planned => {
    if (!kept) return { state: "planning" };
    return "plan" in kept
      ? { state: "planned", plan: kept.plan, isFresh: kept.key === key }
      : { state: "fault", fault: kept.fault };
  }, [kept, key]);
}
