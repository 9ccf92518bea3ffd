import "server-only";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { concludeDeposit } from "../deposit/deposit";
import type { DepositTerminal } from "../deposit/terminal";
import { AppError } from "@/api/app-error";
import type { StatementSince } from "./after";
import { takeTurnsOnStatement } from "../db/locks";
import { addObjection, addOutcome, type SignedSettlement } from "../db/settlements";
import { settlementView, type SettlementView } from "./view";

interface Signed extends SettlementView {
  signed: SignedSettlement;
  after: StatementSince;
}

async function signedView(db: Queryable, stayId: string): Promise<Signed> {
  await takeTurnsOnStatement(db, stayId);
  const view = await settlementView(db, stayId);
  const { signed, after } = view;
  if (!signed || !after) throw new AppError("not-settled");
  return { ...view, signed, after };
}

/** How often a charterer can object to one line without calling the base. */
const mostObjections = 20;

/**
 * Notes that the charterer objects to a line of a statement signed without the charterer.
 *
 * The same words again have no effect.
 *
 * @param notedBy who of the base noted it; null where it comes from the boat book
 * @throws AppError for a line that is not open, after the time to object, and for more than {@link mostObjections}
 */
export async function object(
  db: Queryable,
  stayId: string,
  line: string,
  words: string,
  notedBy: string | null,
): Promise<void> {
  const { signed, after } = await signedView(db, stayId);
  if (!signed.objectUntil) throw new AppError("signed-by-both");
  if (now() > signed.objectUntil) throw new AppError("too-late");
  if (!after.concluded.lines.some((each) => each.id === line && each.state !== "closed"))
    throw new AppError("no-such-statement-line", {}, "line");
  const toIt = after.objections.filter((each) => each.line === line);
  // an answer that was lost on the way makes a phone say it again
  if (toIt.some((each) => each.words === words && (each.by === null) === (notedBy === null))) return;
  if (notedBy === null && toIt.length >= mostObjections) throw new AppError("too-many-kept");
  await addObjection(db, signed.id, line, words, notedBy, now());
}

/**
 * Notes what came of a line in the end: a sum that was agreed, never more than stood there.
 *
 * @throws AppError for a line that is closed, or for more than stood on the statement
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
  if (!open) throw new AppError("closed");
  if (amountMinor > open.atMostMinor)
    throw new AppError(
      "more-than-stood",
      { most: { minor: open.atMostMinor, currency: input.currency } },
      "amountMinor",
    );
  await addOutcome(db, signed.id, { line, amountMinor }, words, personId, now());
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
  if (concluded.open > 0) throw new AppError("still-open", { open: concluded.open });
  await concludeDeposit(db, terminal, stay, concluded, personId);
}
