import { useSyncExternalStore } from "react";
import type { HerBerth } from "@/core/berthing/schema";
import type { Area } from "@/core/area/area";
import type { AboardReading } from "@/core/underway/readings";
import type { Outlook } from "@/core/weather/outlook";
import type { YachtFile } from "@/core/yacht/schema";

/** What every planner goes by: the boat, who is aboard until when, and what was read and heard. */
export interface OfBoat {
  stay: string;
  file: YachtFile;
  persons: number;
  backAt: string;
  timeZone: string;
  readings: readonly AboardReading[];
  outlook: Outlook | null;
  area: Area | null;
  /** how she lies at the base; null where that tells nothing of it */
  berth: HerBerth | null;
  /** above which wind she stays, by the base and her own file */
  windLimitKn: number | null;
  /** now, by this device's clock; a minute old at most */
  now: string;
}

const minuteMs = 60_000;
const thisMinute = () => Math.floor(Date.now() / minuteMs) * minuteMs;
function onMinute(listener: () => void): () => void {
  const timer = setInterval(listener, 5000);
  return () => clearInterval(timer);
}

/** Now, as an instant to the minute; screens go on with it. */
export const useMinute = (): string => new Date(useSyncExternalStore(onMinute, thisMinute, () => 0)).toISOString();
