import { useEffect, useState } from "react";
import { checkRouteInput, route } from "@/core/planners/route/route";
import type { Route, RouteInput } from "@/core/planners/route/schema";

/** A way that was asked for: being looked for, found, or why there is none; `where` is the field that is at fault. */
export type Found =
  { state: "none" } | { state: "looking" } | { state: "found"; route: Route } | { state: "fault"; where: string };

type Kept = { key: string } & ({ route: Route } | { fault: string });

/** The way for an input, found in a worker; where none can be had it is found here. */
export function useRoute(input: RouteInput | null): Found {
  const [kept, setKept] = useState<Kept | null>(null);
  const key = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (key === null) return;
    const given = JSON.parse(key) as RouteInput;
    const here = () => {
      try {
        checkRouteInput(given);
        setKept({ key, route: route(given) });
      } catch (error) {
        setKept({ key, fault: (error as { where?: string }).where ?? "/" });
      }
    };
    let worker: Worker;
    try {
      worker = new Worker(new URL("./route-worker.ts", import.meta.url));
    } catch {
      const soon = setTimeout(here);
      return () => clearTimeout(soon);
    }
    worker.onerror = here;
    worker.onmessage = ({ data }: MessageEvent<{ route?: Route; fault?: string }>) =>
      setKept(data.route ? { key, route: data.route } : { key, fault: data.fault ?? "/" });
    worker.postMessage(given);
    return () => worker.terminate();
  }, [key]);
  if (key === null) return { state: "none" };
  if (kept?.key !== key) return { state: "looking" };
  return "route" in kept ? { state: "found", route: kept.route } : { state: "fault", where: kept.fault };
}
