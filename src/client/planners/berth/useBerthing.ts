import { useEffect, useState } from "react";
import type { BerthingInput } from "@/core/berthing/schema";
import { shownBerthing, type ShownBerthing } from "@/core/berthing/shown";

/** A plan that was asked for: being tried, there, or why it cannot be. */
export type Planned =
  | { state: "none" }
  | { state: "trying"; done: number; of: number }
  | { state: "there"; shown: ShownBerthing }
  | { state: "fault" };

type Told = { shown?: ShownBerthing; fault?: string; done?: number; of?: number };
/** So long nothing is dragged any more before it is tried, ms. */
const restMs = 350;

/** The plan for an input, tried in a worker; where none can be had it is tried here. */
export function useBerthing(input: BerthingInput | null): Planned {
  const [kept, setKept] = useState<{ key: string; planned: Planned } | null>(null);
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return undefined;
    let worker: Worker | null = null;
    const take = ({ shown, fault, done = 0, of = 0 }: Told) => {
      if (shown) setKept({ key, planned: { state: "there", shown } });
      else if (fault !== undefined) setKept({ key, planned: { state: "fault" } });
      else setKept({ key, planned: { state: "trying", done, of } });
    };
    const begin = () => {
      const given = JSON.parse(key) as BerthingInput;
      const here = () => {
        try {
          take({ shown: shownBerthing(given) });
        } catch (error) {
          take({ fault: (error as Error).message });
        }
      };
      try {
        worker = new Worker(new URL("./berth-worker.ts", import.meta.url));
      } catch {
        return here();
      }
      worker.onerror = here;
      worker.onmessage = ({ data }: MessageEvent<Told>) => take(data);
      return worker.postMessage(given);
    };
    const soon = setTimeout(begin, restMs);
    return () => {
      clearTimeout(soon);
      worker?.terminate();
    };
  }, [key]);
  if (key === null) return { state: "none" };
  return kept?.key === key ? kept.planned : { state: "trying", done: 0, of: 0 };
}
