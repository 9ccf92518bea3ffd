import "server-only";
import type { TellsBrief, TodayRow } from "@/api/schemas/desk";
import { overLimit } from "@/core/underway/over-limit";
import type { GivenAnswer } from "@/core/faults/earlier";
import { kindOf } from "@/core/faults/fault";
import type { KnownFault } from "@/core/faults/known";
import { overdue } from "@/core/underway/log/overdue";
import { lastRound } from "@/core/underway/log/round";
import { windLimits } from "@/core/weather/limits";
import type { YachtFile } from "@/core/yacht/schema";
import { boatLogOfAll, callsReceived } from "../db/boat-log";
import { answersGiven, answersOfAll } from "../db/calls";
import { currentRules } from "../db/base-rules";
import type { Queryable } from "../db/pool";
import { knownFaultsOfAll } from "../db/fault-orders";
import { callBriefs } from "./call-briefs";
import { outlookNow } from "../weather/outlook";

/** Rows with what boats under way tell, and what the forecast has for them. */
export async function withTells(
  db: Queryable,
  rows: readonly TodayRow[],
  files: ReadonlyMap<string, YachtFile>,
  now: string,
  timeZone: string,
): Promise<TodayRow[]> {
  const away = rows.filter(({ next }) => next === "under-way" || next === "start-check-out");
  const stayIds = away.map(({ stay }) => stay.stayId);
  const logs = await boatLogOfAll(db, stayIds);
  const received = await callsReceived(db, stayIds);
  const answers = await answersOfAll(db, stayIds);
  const known =
    received.size === 0
      ? new Map<string, KnownFault[]>()
      : await knownFaultsOfAll(
          db,
          away.map(({ stay }) => stay.yachtId),
        );
  const calling = [...logs.values()].flat().filter((entry) => entry.kind === "trouble");
  const given =
    received.size === 0
      ? new Map<string, GivenAnswer[]>()
      : await answersGiven(db, [...new Set(calling.map(({ fault }) => kindOf(fault)))]);
  const outlook = await outlookNow(db, now, timeZone);
  const { rules } = await currentRules(db);
  return rows.map((row): TodayRow => {
    const log = logs.get(row.stay.stayId);
    if (!log) return row;
    const round = lastRound(log);
    const tells: TellsBrief = {
      overdue: overdue(log, now, timeZone),
      round: round && {
        at: round.at,
        odd: round.looks.filter(({ isFine }) => !isFine).map(({ look, words }) => ({ look, words })),
      },
      over: overLimit(outlook, windLimits(rules, files.get(row.stay.yachtId)?.particulars.windLimitKn), now),
      calls: callBriefs(
        {
          reference: row.stay.reference,
          file: files.get(row.stay.yachtId),
          ...{ log, received, given },
          answers: answers.get(row.stay.stayId) ?? [],
          known: known.get(row.stay.yachtId) ?? [],
        },
        timeZone,
        now,
      ),
    };
    return { ...row, tells };
  });
}
