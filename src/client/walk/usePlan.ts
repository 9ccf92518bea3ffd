import { useEffect, useRef, useState } from "react";
import { planWalk } from "@/core/briefing/walk/plan-walk";
import type { WalkInput, WalkPlan } from "@/core/briefing/walk/schema";

export type Planned = { state: "planning" } | { state: "planned"; plan: WalkPlan } | { state: "fault"; fault: string };

/**
 * The walk for an input, planned in a worker. A newer input cancels what is being planned for an older one; where the
 * worker cannot be had, it is planned here.
 */
export function usePlan(input: WalkInput): Planned {
  const [planned, setPlanned] = useState<Planned>({ state: "planning" });
  const key = JSON.stringify(input);
  const number = useRef(0);
  useEffect(() => {
    const mine = ++number.current;
    const take = (next: Planned) => {
      if (mine === number.current) setPlanned(next);
    };
    const here = () => {
      try {
        take({ state: "planned", plan: planWalk(JSON.parse(key) as WalkInput) });
      } catch (error) {
        take({ state: "fault", fault: (error as Error).message });
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
    worker.onmessage = ({ data }: MessageEvent<{ plan?: WalkPlan; fault?: string }>) => take(data.plan ? { state: "planned", plan: data.plan } : { state: "fault", fault: data.fault ?? "" });
    worker.postMessage({ number: mine, input: JSON.parse(key) as WalkInput });
    return () => worker.terminate();
  }, [key]);
  return planned;
}
