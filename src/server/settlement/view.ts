import "server-only";
import { compare, type Difference } from "@/core/comparison/compare";
import { digestOf } from "@/core/basics/digest";
import { propose, type Decision, type Proposal } from "@/core/settlement/propose";
import type { SettlementInput, SettlementLine, Settlement } from "@/core/settlement/schema";
import { settle } from "@/core/settlement/settle";
import type { Reservation, StayView } from "@/formats/desk";
import { findStay } from "../db/charters";
import { handoverOfStay } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import { sealedRecord, type SealedRecord } from "../handover/record";

export interface SignedSettlement {
  id: string;
  sealedAt: string;
  seal: string;
  reservations: Reservation[];
  output: Settlement;
  input: SettlementInput;
}

/** A charter's settlement as it stands: differences, what was decided, what it comes to. */
export interface SettlementView {
  stay: StayView;
  checkIn: SealedRecord;
  checkOut: SealedRecord;
  differences: Difference[];
  proposals: Proposal[];
  why: Record<string, string>;
  input: SettlementInput;
  output: Settlement;
  /** over input, output and both seals: what both sign */
  digest: string;
  /** what still has to be decided before both can sign */
  undecided: number;
  signed: SignedSettlement | null;
}

/** Computes the settlement of a stay from its two sealed records and the people's decisions. */
export async function settlementView(db: Queryable, stayId: string): Promise<SettlementView> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new Refusal(404, "no-such-stay", "There is no such charter here.");
  const checkIn = await recordOf(db, stayId, "check-in");
  const checkOut = await recordOf(db, stayId, "check-out");
  const differences = compare(checkIn, checkOut);
  const decided = await standingDecisions(db, stayId);
  const proposals = propose(differences, checkOut.list, new Map(Object.entries(decided).map(([id, row]) => [id, row.decision])));
  const { terms } = stay;
  const input: SettlementInput = {
    currency: checkOut.list.currency,
    deposit: { amountMinor: terms.deposit.amountMinor },
    waiver: terms.waiver,
    terms: terms.settlement,
    lines: proposals.flatMap((proposal): SettlementLine[] => (proposal.line ? [proposal.line] : [])),
  };
  const output = settle(input);
  const digest = digestOf({ checkIn: checkIn.seal.seal, checkOut: checkOut.seal.seal, input, output });
  return {
    stay, checkIn, checkOut, differences, proposals, input, output, digest,
    why: Object.fromEntries(Object.entries(decided).map(([id, row]) => [id, row.why])),
    undecided: proposals.filter((proposal) => proposal.needs !== null).length,
    signed: await signedSettlement(db, stayId),
  };
}

async function recordOf(db: Queryable, stayId: string, kind: "check-in" | "check-out"): Promise<SealedRecord> {
  const handover = await handoverOfStay(db, stayId, kind);
  if (!handover) throw new Refusal(409, "not-both-signed", `There is no ${kind} of this charter yet: nothing to compare.`);
  return sealedRecord(db, handover.id);
}

async function standingDecisions(db: Queryable, stayId: string): Promise<Record<string, { decision: Decision; why: string }>> {
  const { rows } = await db.query<{ id: string; decision: Decision; why: string }>(
    `select distinct on (difference_id) difference_id as id, decision, why from charge_decision where stay_id = $1 order by difference_id, number desc`,
    [stayId],
  );
  return Object.fromEntries(rows.map(({ id, ...row }) => [id, row]));
}

async function signedSettlement(db: Queryable, stayId: string): Promise<SignedSettlement | null> {
  const { rows } = await db.query<SignedSettlement>(`select id, sealed_at as "sealedAt", seal, reservations, output, input from settlement where stay_id = $1`, [stayId]);
  return rows[0] ?? null;
}
