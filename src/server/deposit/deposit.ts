import "server-only";
import { v7 as uuid } from "uuid";
import type { DepositView } from "@/formats/desk";
import { now } from "../clock";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
import type { DepositTerminal, TerminalAnswer } from "./terminal";

export type DepositKind = DepositView["kind"];
type DepositEvent = DepositView & { currency: string };

/** What happened to a stay's deposit, in order. */
export async function depositEvents(db: Queryable, stayId: string): Promise<DepositEvent[]> {
  const { rows } = await db.query<DepositEvent>(
    `select kind, amount_minor as "amountMinor", currency, terminal_reference as reference, at from deposit_event where stay_id = $1 order by number`,
    [stayId],
  );
  return rows;
}

async function append(db: Queryable, stayId: string, kind: DepositKind, amountMinor: number, currency: string, key: string, reference: string | null, person: string): Promise<void> {
  await db.query(
    `insert into deposit_event (id, base_id, stay_id, number, kind, amount_minor, currency, request_key, terminal_reference, by_person, at)
     values ($1, current_base(), $2, (select coalesce(max(number), 0) + 1 from deposit_event where stay_id = $2), $3, $4, $5, $6, $7, $8, $9)
     on conflict (request_key, kind) do nothing`,
    [uuid(), stayId, kind, amountMinor, currency, key, reference, person, now()],
  );
}

function kindOf(answer: TerminalAnswer, done: DepositKind): DepositKind {
  return answer.answer === "done" ? done : answer.answer === "declined" ? "declined" : "timed-out";
}

/** Holds the deposit on the card; refuses when it is held already. */
export async function holdDeposit(db: Queryable, terminal: DepositTerminal, stay: { stayId: string; amountMinor: number; currency: string }, key: string, person: string): Promise<DepositKind> {
  const events = await depositEvents(db, stay.stayId);
  if (events.some((event) => event.kind === "held")) throw new Refusal(409, "held-already", "The deposit of this charter is held already.");
  const answer = await terminal.hold(key, stay.amountMinor, stay.currency);
  const kind = kindOf(answer, "held");
  await append(db, stay.stayId, kind, stay.amountMinor, stay.currency, key, answer.answer === "done" ? answer.reference : null, person);
  return kind;
}

/**
 * Takes what is due out of the hold (once, as card networks have it) and gives back what is neither due nor kept back.
 * The request keys are made from the stay, so that doing it again takes nothing twice.
 */
export async function captureAndRelease(db: Queryable, terminal: DepositTerminal, stayId: string, sums: { captureMinor: number; releaseMinor: number }, person: string): Promise<void> {
  const held = (await depositEvents(db, stayId)).find((event) => event.kind === "held");
  if (!held?.reference) return;
  for (const [action, done, amountMinor] of [["capture", "captured", sums.captureMinor], ["release", "released", sums.releaseMinor]] as const) {
    if (amountMinor === 0) continue;
    const key = `${action}-${stayId}`;
    const answer = await terminal[action](key, held.reference, amountMinor, held.currency);
    if (answer.answer === "no-answer") throw new Refusal(503, "terminal-silent", "The card terminal does not answer. The statement is not signed yet; sign again, nothing is taken twice.");
    if (answer.answer === "declined") throw new Refusal(409, "terminal-declined", "The card terminal refuses this. The statement is not signed; call the card company's hotline.");
    await append(db, stayId, kindOf(answer, done), amountMinor, held.currency, key, answer.reference, person);
  }
}
