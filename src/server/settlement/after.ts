import "server-only";
import { conclude, type Concluded, type Outcome } from "@/core/settlement/conclude";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import type { ExtraRow } from "./extras";
import type { SignedSettlement } from "./signed";

export interface Objection {
  line: string;
  words: string;
  at: string;
  by: string | null;
}
export interface OutcomeRow extends Outcome {
  words: string;
  by: string;
  at: string;
}

/** How a signed statement stands now, with what came of it since. */
export interface Afterwards {
  concluded: Concluded;
  objections: Objection[];
  outcomes: OutcomeRow[];
}

/** Reads what came of a signed statement: objections, sums agreed in the end, times that have passed. */
export async function afterSigning(
  db: Queryable,
  signed: SignedSettlement,
  extras: readonly ExtraRow[],
): Promise<Afterwards> {
  const { rows: objections } = await db.query<Objection>(
    `select o.line, o.words, o.at, p.name as by from settlement_objection o left join person p on p.id = o.noted_by where o.settlement_id = $1 order by o.at, o.id`,
    [signed.id],
  );
  const { rows: outcomes } = await db.query<OutcomeRow>(
    `select o.line, o.amount_minor as "amountMinor", o.words, p.name as by, o.at from settlement_outcome o join person p on p.id = o.agreed_by where o.settlement_id = $1 order by o.at`,
    [signed.id],
  );
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
