import "server-only";
import { conclude, type Concluded } from "@/core/settlement/conclude";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import {
  objectionsTo,
  outcomesOf,
  type ExtraRow,
  type ObjectionRow,
  type OutcomeRow,
  type SignedSettlement,
} from "../db/settlements";

/** How a signed statement stands now, with what came of it since. */
export interface StatementSince {
  concluded: Concluded;
  objections: ObjectionRow[];
  outcomes: OutcomeRow[];
}

/** Reads what came of a signed statement: objections, sums agreed in the end, times that have passed. */
export async function afterSigning(
  db: Queryable,
  signed: SignedSettlement,
  extras: readonly ExtraRow[],
): Promise<StatementSince> {
  const [objections, outcomes] = [await objectionsTo(db, signed.id), await outcomesOf(db, signed.id)];
  const concluded = conclude(signed.output, signed.input.deposit.amountMinor, {
    objectUntil: signed.objectUntil,
    objections: objections.map(({ line }) => line),
    belowWater: extras.flatMap(({ id, extra }) =>
      extra.kind === "below-water" ? [{ line: id, until: extra.until }] : [],
    ),
    outcomes,
    now: now(),
  });
  return { concluded, objections, outcomes };
}
