import "server-only";
import { isClean } from "@/core/briefing/drilled/standing";
import { drillHistory, type DrillHistory } from "@/core/history/drills";
import { runsSince } from "../db/drill-history";
import type { Queryable } from "../db/pool";

/** What crews of the fleet, or of one yacht, drilled from a moment on, and what went wrong. */
export async function drillHistoryOf(db: Queryable, slug: string | null, from: string): Promise<DrillHistory> {
  const runs = await runsSince(db, slug, from);
  return drillHistory(
    runs.map(({ charterId, yacht, yachtClass, run }) => ({
      ...{ yacht, yachtClass, charter: charterId, mistakes: run.mistakes, isClean: isClean(run) },
      // of several heads or thrusters each is one of its device
      device: run.drill.split(".")[0] ?? run.drill,
    })),
  );
}
