import "server-only";
import { AppError } from "@/api/app-error";
import { wallClock } from "@/core/basics/wall-clock";
import { faultsOf, type Fault } from "@/core/faults/fault";
import { troublesOf, type Trouble } from "@/core/faults/trouble";
import { isOfTrouble } from "@/core/underway/log/entry";
import { englishTranslator } from "@/messages/translator";
import { faultTitle, troubleLines } from "@/messages/trouble-words";
import { currentBase } from "../db/base";
import { boatLogOf } from "../db/boat-log";
import type { StayView } from "@/api/schemas/desk";
import type { Queryable } from "../db/pool";
import { findYacht, type YachtRow } from "../db/yachts";

/** A trouble that a crew told, with the fault of her file it is, and what was found in words. */
export interface ToldTroubleFacts {
  yacht: YachtRow;
  trouble: Trouble;
  /** null where her file has it no more */
  fault: Fault | null;
  title: string;
  lines: string[];
}

/** @throws AppError for a trouble that this crew has not told */
export async function toldTrouble(db: Queryable, stay: StayView, troubleId: string): Promise<ToldTroubleFacts> {
  const log = await boatLogOf(db, stay.stayId);
  const trouble = troublesOf(log.filter(isOfTrouble)).find(({ id }) => id === troubleId);
  const yacht = await findYacht(db, { id: stay.yachtId });
  if (!trouble || !yacht) throw new AppError("no-such-trouble");
  const { timeZone } = await currentBase(db);
  const t = englishTranslator();
  const fault = faultsOf(yacht.file).find(({ key }) => key === trouble.fault) ?? null;
  return {
    ...{ yacht, trouble, fault },
    title: fault ? faultTitle(t, fault) : trouble.fault,
    lines: fault ? troubleLines(t, yacht.file, fault, trouble, (at) => wallClock(at, timeZone).time) : [],
  };
}
