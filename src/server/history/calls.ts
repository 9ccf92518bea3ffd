import "server-only";
import { localize } from "@/core/basics/words";
import { wallClock } from "@/core/basics/wall-clock";
import { titleOf } from "@/core/briefing/topics";
import { faultsOf } from "@/core/faults/fault";
import { topicOfFault } from "@/core/faults/topic";
import { callHistory, type CallHistory } from "@/core/history/calls";
import { currentBase } from "../db/base";
import { briefedOfAll, callsSince, chartersHandedOver, understoodOfAll } from "../db/call-history";
import type { Queryable } from "../db/pool";
import { yachtsById } from "../db/yachts";

/** What crews of the fleet, or of one yacht, called about from a moment on, against what they were told before. */
export async function callHistoryOf(db: Queryable, slug: string | null, from: string): Promise<CallHistory> {
  const calls = await callsSince(db, slug, from);
  const charters = await chartersHandedOver(db, slug, from);
  if (calls.length === 0) return callHistory([], charters);
  const { timeZone } = await currentBase(db);
  const yachts = await yachtsById(db, [...new Set(calls.map(({ yachtId }) => yachtId))]);
  const briefed = await briefedOfAll(db, [...new Set(calls.map(({ stayId }) => stayId))]);
  const understood = await understoodOfAll(db, [...new Set(calls.map(({ charterId }) => charterId))]);
  const facts = calls.map(({ stayId, charterId, yachtId, yacht, yachtClass, topic: noted, fault: key, at }) => {
    const file = yachts.get(yachtId)?.file;
    const fault = file && key !== null ? faultsOf(file).find((each) => each.key === key) : undefined;
    const topic = file && fault ? topicOfFault(file, fault) : noted;
    return {
      ...{ yacht, yachtClass, charter: charterId },
      topic: topic === null ? null : file ? localize(titleOf(file, topic)) : topic,
      hour: Number(wallClock(at, timeZone).time.slice(0, 2)),
      briefed: briefed.get(stayId)?.get(topic ?? "") ?? null,
      understood: understood.has(`${charterId} ${topic ?? ""}`),
    };
  });
  return callHistory(facts, charters);
}
