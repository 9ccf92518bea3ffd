import "server-only";
import { v7 as uuid } from "uuid";
import { formatMoney } from "@/core/basics/money";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { concludeDeposit } from "../deposit/deposit";
import type { DepositTerminal } from "../deposit/terminal";
import { Refusal } from "../http/refusal";
import type { Afterwards } from "./after";
import type { SignedSettlement } from "./signed";
import { settlementView, type SettlementView } from "./view";

interface Signed extends SettlementView {
  signed: SignedSettlement;
  after: Afterwards;
}

async function signedView(db: Queryable, stayId: string): Promise<Signed> {
  await db.query("select pg_advisory_xact_lock(hashtext($1))", [`settle ${stayId}`]);
  const view = await settlementView(db, stayId);
  const { signed, after } = view;
  if (!signed || !after) throw new Refusal(409, "not-settled", "This charter's statement is not signed yet.");
  return { ...view, signed, after };
}

/**
 * Notes that the charterer objects to a line of a statement signed without the charterer.
 *
 * @param notedBy who of the base noted it; null where it comes from the boat book
 */
export async function object(
  db: Queryable,
  stayId: string,
  line: string,
  words: string,
  notedBy: string | null,
): Promise<void> {
  const { signed, after } = await signedView(db, stayId);
  if (!signed.objectUntil)
    throw new Refusal(
      409,
      "signed-by-both",
      "The charterer signed this statement, with reservations where there were any. They stand on it.",
    );
  if (now() > signed.objectUntil) throw new Refusal(409, "too-late", "The time to object is over. Call the base.");
  if (!after.concluded.lines.some((each) => each.id === line && each.state !== "closed"))
    throw new Refusal(422, "no-such-line", "This line is not on the statement, or its sum is settled already.", "line");
  await db.query(
    "insert into settlement_objection (id, base_id, settlement_id, line, words, noted_by, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [uuid(), signed.id, line, words, notedBy, now()],
  );
}

/**
 * Notes what came of a line in the end: a sum that was agreed, never more than stood there.
 *
 * @throws Refusal for a line that is closed, or for more than stood on the statement
 */
export async function agree(
  db: Queryable,
  stayId: string,
  line: string,
  amountMinor: number,
  words: string,
  personId: string,
): Promise<void> {
  const { signed, after, input } = await signedView(db, stayId);
  const open = after.concluded.lines.find((each) => each.id === line && each.state !== "closed");
  if (!open) throw new Refusal(409, "closed", "The sum of this line is final: it was agreed, or its time is over.");
  if (amountMinor > open.atMostMinor)
    throw new Refusal(
      422,
      "too-much",
      `At most ${formatMoney(open.atMostMinor, input.currency, "en")} stood on the statement for this. More cannot be taken.`,
      "amountMinor",
    );
  await db.query(
    "insert into settlement_outcome (settlement_id, base_id, line, amount_minor, words, agreed_by, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [signed.id, line, amountMinor, words, personId, now()],
  );
}

/** Takes what is due and gives back the rest, once nothing is open any more: one capture of the hold. */
export async function closeDeposit(
  db: Queryable,
  stayId: string,
  terminal: DepositTerminal,
  personId: string,
): Promise<void> {
  const { after, stay } = await signedView(db, stayId);
  const { concluded } = after;
  if (concluded.open > 0)
    throw new Refusal(
      409,
      "still-open",
      `${concluded.open} sums of this statement are still open. The hold is captured once, when none is.`,
    );
  await concludeDeposit(db, terminal, stay, concluded, personId);
}
