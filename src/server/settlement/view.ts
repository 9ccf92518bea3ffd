import "server-only";
import { digestOf } from "@/core/basics/digest";
import { madeAtMs } from "@/core/handover/permit";
import type { RecordFault } from "@/core/handover/record-fault";
import { entryTimeFault } from "@/core/handover/times";
import { believedAt } from "../record/believed-at";
import { compare, type Difference } from "@/core/comparison/compare";
import { priorOf, withPriors, type PriorReport } from "@/core/comparison/prior";
import { dueRange, type DueRange } from "@/core/settlement/due-range";
import { extraLines } from "@/core/settlement/extra";
import { toleranceByGauge } from "@/core/settlement/fuel-report";
import { lateReturn, type LateReturn } from "@/core/settlement/late-return";
import type { PriceList } from "@/core/settlement/prices";
import { propose, type FuelFacts, type Proposal } from "@/core/settlement/propose";
import type { SettlementInput, SettlementLine, Settlement } from "@/core/settlement/schema";
import { settle } from "@/core/settlement/settle";
import type { YachtFile } from "@/core/yacht/schema";
import type { StayView } from "@/api/schemas/desk";
import { currentBase, type BaseRow } from "../db/base";
import { findStay } from "../db/charters";
import { reportedBefore } from "../db/defects";
import { handoverOfStay } from "../db/handovers";
import { currentPrices } from "../db/prices";
import { yachtFileAt } from "../db/yachts";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { faultsOf } from "../record/faults";
import { sealedRecord, type SealedRecord } from "../record/record";
import { afterSigning, type StatementSince } from "./after";
import {
  extrasOf,
  signedSettlement,
  currentDecisions,
  type ExtraRow,
  type SignedSettlement,
  type CurrentDecision,
} from "../db/settlements";

/** A charter's settlement as it stands: differences, what was decided, what it comes to. */
export interface SettlementView {
  stay: StayView;
  checkIn: SealedRecord;
  checkOut: SealedRecord;
  /** what does not fit of each record as it is kept */
  faults: { checkIn: RecordFault[]; checkOut: RecordFault[] };
  differences: Difference[];
  proposals: Proposal[];
  decided: Record<string, CurrentDecision>;
  /** where a difference was reported before she was handed over, by its id */
  priors: Record<string, PriorReport>;
  extras: ExtraRow[];
  base: BaseRow;
  prices: PriceList;
  /** she came back after the agreed time, and what that costs by the base's terms */
  late: LateReturn | null;
  input: SettlementInput;
  output: Settlement;
  /** while prices are not fixed: between what sums it will lie */
  range: DueRange | null;
  /** over input, output and both seals: what both sign */
  digest: string;
  /** what still has to be decided before both can sign */
  undecided: number;
  signed: SignedSettlement | null;
  /** what came of it since it was signed */
  after: StatementSince | null;
}

/** Computes the settlement of a stay from its two sealed records and the people's decisions. */
export async function settlementView(db: Queryable, stayId: string): Promise<SettlementView> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-stay");
  const checkIn = await recordOf(db, stayId, "check-in");
  const checkOut = await recordOf(db, stayId, "check-out");
  const base = await currentBase(db);
  for (const { list } of [checkIn, checkOut]) {
    if (list.currency !== base.currency)
      throw new AppError("other-currency", { kind: list.kind, theirs: list.currency, ours: base.currency });
  }
  const reported = await reportedBefore(db, stay.yachtId, believedAt(checkIn), checkOut.handover.id);
  const differences = withPriors(compare(checkIn, checkOut), reported);
  const decided = await currentDecisions(db, stayId);
  const extras = await extrasOf(db, stayId);
  const { terms } = stay;
  const file = await yachtFileAt(db, stay.yachtId, checkIn.handover.revision);
  const fuel: FuelFacts = {
    rule: terms.settlement.fuel.rule,
    burnLph: burnByCounter(file),
    receipts: extras.flatMap(({ extra }) => (extra.kind === "fuel" ? [extra] : [])),
  };
  const proposals = propose(
    differences,
    checkOut.list,
    new Map(Object.entries(decided).map(([id, row]) => [id, row.decision])),
    fuel,
  );
  const { prices } = await currentPrices(db);
  const input: SettlementInput = {
    currency: checkOut.list.currency,
    deposit: { amountMinor: terms.deposit.amountMinor },
    waiver: terms.waiver,
    terms: toleranceByGauge(terms.settlement, checkOut.list),
    lines: [
      ...proposals.flatMap((proposal): SettlementLine[] => (proposal.line ? [proposal.line] : [])),
      ...extraLines(extras),
    ],
  };
  const output = settle(input);
  const added = [...checkIn.addenda, ...checkOut.addenda];
  // what comes to a record after the sums were read makes them stale, also where they stay the same
  const digest = digestOf({
    checkIn: checkIn.seal.seal,
    checkOut: checkOut.seal.seal,
    added: added.map(({ id }) => id).sort(),
    input,
    output,
  });
  const signed = await signedSettlement(db, stayId);
  return {
    stay,
    checkIn,
    checkOut,
    faults: { checkIn: await faultsOf(db, checkIn), checkOut: await faultsOf(db, checkOut) },
    differences,
    proposals,
    decided,
    extras,
    prices,
    input,
    output,
    digest,
    signed,
    base,
    priors: Object.fromEntries(
      differences.flatMap((difference) => {
        const prior = priorOf(difference, reported);
        return prior ? [[difference.id, prior]] : [];
      }),
    ),
    late: lateReturn(stay.endsAt, backAt(checkOut), prices.lateReturn),
    range: dueRange(input),
    undecided: proposals.filter((proposal) => proposal.needs !== null).length,
    after: signed && (await afterSigning(db, signed, extras)),
  };
}

/**
 * When the first line of the check-out was recorded, by the device's clock put right by what it was off; a time that
 * cannot be, or lies before the check-out was opened, says nothing.
 */
function backAt(record: SealedRecord): string {
  const { entries, seal, handover } = record;
  const times = entries
    .filter((entry) => entryTimeFault(entry, handover.openedAt, seal.receivedAt) === null)
    .map(madeAtMs);
  const first = Math.max(Math.min(...times), Date.parse(handover.openedAt));
  return Number.isFinite(first) ? new Date(first).toISOString() : believedAt(record);
}

/** What each engine and generator burns at cruising revs, by the line of its hours' counter. */
function burnByCounter(file: YachtFile | null): Map<string, number> {
  return new Map(
    Object.entries(file?.readings ?? {}).flatMap(([key, { kind, of }]): [string, number][] => {
      const burnLph =
        kind === "engine-hours" && file
          ? (file.engines[of ?? ""]?.burnLph ?? file.generators[of ?? ""]?.burnLph)
          : undefined;
      return burnLph === undefined ? [] : [[`reading:${key}`, burnLph]];
    }),
  );
}

async function recordOf(db: Queryable, stayId: string, kind: "check-in" | "check-out"): Promise<SealedRecord> {
  const handover = await handoverOfStay(db, stayId, kind);
  if (!handover) throw new AppError("not-both-signed", { kind });
  return sealedRecord(db, handover.id);
}
