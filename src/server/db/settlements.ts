import "server-only";
import { v7 as uuid } from "uuid";
import type { Reservation } from "@/api/schemas/desk";
import type { Signature, SignatureContent, SignatureContents, SignerSide, MissingSigner } from "@/core/handover/seal";
import type { Outcome } from "@/core/settlement/conclude";
import type { Extra, KeptExtra } from "@/core/settlement/extra";
import type { Decision } from "@/core/settlement/propose";
import type { Settlement, SettlementInput } from "@/core/settlement/schema";
import type { Queryable } from "./pool";

/** A statement as it was signed. */
export interface SignedSettlement {
  id: string;
  sealedAt: string;
  seal: string;
  reservations: Reservation[];
  output: Settlement;
  input: SettlementInput;
  signatures: Signature[];
  /** why the charterer's side did not sign it, and until when every line can be objected to */
  without: MissingSigner | null;
  objectUntil: string | null;
  /** what came to the two records after it was signed: addenda and late entries */
  cameSince: number;
}

/** The signed statement of a stay, or null. */
export async function signedSettlement(db: Queryable, stayId: string): Promise<SignedSettlement | null> {
  const { rows } = await db.query<SignedSettlement>(
    `select t.id, t.sealed_at as "sealedAt", t.seal, t.reservations, t.output, t.input, t.signatures, t.without, t.object_until as "objectUntil",
       (select count(*)::int from addendum a join handover h on h.id = a.handover_id where h.stay_id = t.stay_id and h.kind <> 'prep' and a.received_at > t.sealed_at) as "cameSince"
     from settlement t where t.stay_id = $1`,
    [stayId],
  );
  return rows[0] ?? null;
}

/** Adds a signed statement with what its signers put on the glass; returns its id. */
export async function addSettlement(
  db: Queryable,
  stayId: string,
  settlement: Omit<SignedSettlement, "id" | "cameSince"> & {
    checkInSeal: string;
    checkOutSeal: string;
    words: readonly string[];
    digest: string;
    contents: Partial<SignatureContents>;
    signers: readonly SignerSide[];
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    `insert into settlement (id, base_id, stay_id, check_in_seal, check_out_seal, input, output, words, reservations, digest, signatures, seal, sealed_at, without, object_until)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14)`,
    [
      id,
      stayId,
      settlement.checkInSeal,
      settlement.checkOutSeal,
      JSON.stringify(settlement.input),
      JSON.stringify(settlement.output),
      JSON.stringify(settlement.words),
      JSON.stringify(settlement.reservations),
      settlement.digest,
      JSON.stringify(settlement.signatures),
      settlement.seal,
      settlement.sealedAt,
      settlement.without && JSON.stringify(settlement.without),
      settlement.objectUntil,
    ],
  );
  for (const side of settlement.signers) {
    await db.query(
      "insert into settlement_signature (settlement_id, base_id, side, content) values ($1, current_base(), $2, $3)",
      [id, side, JSON.stringify(settlement.contents[side])],
    );
  }
  return id;
}

/** What the signers of a statement put on the glass. */
export async function settlementContents(db: Queryable, settlementId: string): Promise<Partial<SignatureContents>> {
  const { rows } = await db.query<{ side: SignerSide; content: SignatureContent }>(
    "select side, content from settlement_signature where settlement_id = $1",
    [settlementId],
  );
  return Object.fromEntries(rows.map((row) => [row.side, row.content]));
}

/** A decision as it stands: by whom, and why. */
export interface CurrentDecision {
  decision: Decision;
  why: string;
  by: string;
}

/** What was decided last about each difference of a stay, by the difference's id. */
export async function currentDecisions(db: Queryable, stayId: string): Promise<Record<string, CurrentDecision>> {
  const { rows } = await db.query<CurrentDecision & { id: string }>(
    `select distinct on (d.difference_id) d.difference_id as id, d.decision, d.why, p.name as by from charge_decision d join person p on p.id = d.decided_by where d.stay_id = $1 order by d.difference_id, d.number desc`,
    [stayId],
  );
  return Object.fromEntries(rows.map(({ id, ...row }) => [id, row]));
}

/** Records a decision about a difference beside the earlier ones. */
export async function addDecision(
  db: Queryable,
  stayId: string,
  differenceId: string,
  decision: Decision,
  why: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    `insert into charge_decision (id, base_id, stay_id, difference_id, number, decision, why, decided_by, decided_at)
     values ($1, current_base(), $2, $3, (select coalesce(max(number), 0) + 1 from charge_decision where stay_id = $2 and difference_id = $3), $4, $5, $6, $7)`,
    [uuid(), stayId, differenceId, JSON.stringify(decision), why, personId, at],
  );
}

export interface ExtraRow extends KeptExtra {
  why: string;
  by: string;
}

/** What stands on a statement beside the differences, in the order it was put there. */
export async function extrasOf(db: Queryable, stayId: string): Promise<ExtraRow[]> {
  const { rows } = await db.query<{ id: string; extra: Extra | null; why: string; by: string }>(
    `select distinct on (e.id) e.id, e.extra, e.why, p.name as by from settlement_extra e join person p on p.id = e.by_person where e.stay_id = $1 order by e.id, e.number desc`,
    [stayId],
  );
  return rows.flatMap(({ extra, ...row }) => (extra ? [{ ...row, extra }] : []));
}

/** Keeps something on the statement under an id, or takes it off (null), beside what stood there before. */
export async function addExtra(
  db: Queryable,
  stayId: string,
  id: string,
  extra: Extra | null,
  why: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    `insert into settlement_extra (id, base_id, stay_id, number, extra, why, by_person, at)
     values ($1, current_base(), $2, (select coalesce(max(number), 0) + 1 from settlement_extra where id = $1), $3, $4, $5, $6)`,
    [id, stayId, extra === null ? null : JSON.stringify(extra), why, personId, at],
  );
}

export interface ObjectionRow {
  line: string;
  words: string;
  at: string;
  by: string | null;
}

/** Objections to a signed statement, oldest first. */
export async function objectionsTo(db: Queryable, settlementId: string): Promise<ObjectionRow[]> {
  const { rows } = await db.query<ObjectionRow>(
    `select o.line, o.words, o.at, p.name as by from settlement_objection o left join person p on p.id = o.noted_by where o.settlement_id = $1 order by o.at, o.id`,
    [settlementId],
  );
  return rows;
}

/** Keeps an objection to a line of a signed statement. */
export async function addObjection(
  db: Queryable,
  settlementId: string,
  line: string,
  words: string,
  notedBy: string | null,
  at: string,
): Promise<void> {
  await db.query(
    "insert into settlement_objection (id, base_id, settlement_id, line, words, noted_by, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [uuid(), settlementId, line, words, notedBy, at],
  );
}

export interface OutcomeRow extends Outcome {
  words: string;
  by: string;
  at: string;
}

/** What was agreed in the end about lines of a signed statement. */
export async function outcomesOf(db: Queryable, settlementId: string): Promise<OutcomeRow[]> {
  const { rows } = await db.query<OutcomeRow>(
    `select o.line, o.amount_minor as "amountMinor", o.words, p.name as by, o.at from settlement_outcome o join person p on p.id = o.agreed_by where o.settlement_id = $1 order by o.at`,
    [settlementId],
  );
  return rows;
}

/** Keeps the sum that was agreed about a line in the end. */
export async function addOutcome(
  db: Queryable,
  settlementId: string,
  { line, amountMinor }: Outcome,
  words: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into settlement_outcome (settlement_id, base_id, line, amount_minor, words, agreed_by, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [settlementId, line, amountMinor, words, personId, at],
  );
}

/** How often a line was on a signed statement of this base, by line id: what goes missing and what breaks. */
export async function oftenCharged(db: Queryable): Promise<Map<string, number>> {
  const { rows } = await db.query<{ line: string; times: number }>(
    `select regexp_replace(l ->> 'id', '^[a-z-]+:', '') as line, count(*)::int as times from settlement s, jsonb_array_elements(s.input -> 'lines') l group by 1`,
  );
  return new Map(rows.map(({ line, times }) => [line, times]));
}
