import "server-only";
import { notedByHand } from "@/core/settlement/terms";
import type { StayView } from "@/api/schemas/desk";
import { addDepositEvent, depositEvents, isKeyUsed, type DepositKind } from "../db/deposits";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import type { DepositTerminal, TerminalAnswer } from "./terminal";

async function append(
  db: Queryable,
  stayId: string,
  kind: DepositKind,
  amountMinor: number,
  currency: string,
  key: string,
  reference: string | null,
  person: string,
): Promise<void> {
  await addDepositEvent(db, stayId, { kind, amountMinor, currency, key, reference, person });
}

function kindOf<Kind extends DepositKind>(answer: TerminalAnswer, done: Kind): Kind | "declined" | "timed-out" {
  return answer.answer === "done" ? done : answer.answer === "declined" ? "declined" : "timed-out";
}

/** Holds the deposit on the card; refuses when it is held already. */
export async function holdDeposit(
  db: Queryable,
  terminal: DepositTerminal,
  stay: { stayId: string; amountMinor: number; currency: string },
  key: string,
  person: string,
): Promise<"held" | "declined" | "timed-out"> {
  const events = await depositEvents(db, stay.stayId);
  if (events.some((event) => event.kind === "held")) throw new AppError("held-already");
  const answer = await terminal.hold(key, stay.amountMinor, stay.currency);
  const kind = kindOf(answer, "held");
  await append(
    db,
    stay.stayId,
    kind,
    stay.amountMinor,
    stay.currency,
    key,
    answer.answer === "done" ? answer.reference : null,
    person,
  );
  return kind;
}

/**
 * Notes a deposit that came in cash or by transfer, or that a guarantee covers, under the number of its receipt or letter.
 * The same request again has no effect.
 *
 * @throws AppError where the terms say otherwise, or for more than is still open
 */
export async function noteDeposit(
  db: Queryable,
  stay: Pick<StayView, "stayId" | "terms" | "heldMinor">,
  currency: string,
  received: { amountMinor: number; reference: string },
  key: string,
  person: string,
): Promise<void> {
  const { amountMinor, how } = stay.terms.deposit;
  if (!notedByHand(how)) throw new AppError("not-by-hand");
  const open = amountMinor - stay.heldMinor;
  if (await isKeyUsed(db, key)) return;
  if (received.amountMinor > open)
    throw new AppError("more-than-open", { open: { minor: open, currency } }, "amountMinor");
  await append(db, stay.stayId, "held", received.amountMinor, currency, key, received.reference, person);
}

type Sums = { captureMinor: number; releaseMinor: number };

/**
 * Takes what is due out of what is held and gives back what is neither due nor kept back, when the statement is signed.
 * The request keys are made from the stay, so that doing it again takes nothing twice.
 */
export async function captureAndRelease(
  db: Queryable,
  terminal: DepositTerminal,
  stay: Pick<StayView, "stayId" | "terms">,
  sums: Sums,
  person: string,
): Promise<void> {
  await move(db, terminal, stay, sums, "", person);
}

/**
 * Takes and gives back what a signed statement comes to in the end, less what was taken and given back when it was
 * signed. Done twice it has no more effect.
 */
export async function concludeDeposit(
  db: Queryable,
  terminal: DepositTerminal,
  stay: Pick<StayView, "stayId" | "terms">,
  sums: Sums,
  person: string,
): Promise<void> {
  const events = (await depositEvents(db, stay.stayId)).filter(
    (event) => event.kind === "captured" || event.kind === "released",
  );
  const already = (kind: DepositKind) =>
    events.filter((event) => event.kind === kind).reduce((sum, event) => sum + event.amountMinor, 0);
  const left = {
    captureMinor: Math.max(0, sums.captureMinor - already("captured")),
    releaseMinor: Math.max(0, sums.releaseMinor - already("released")),
  };
  if (left.captureMinor + left.releaseMinor === 0) return;
  await move(db, terminal, stay, left, "-end", person);
}

async function move(
  db: Queryable,
  terminal: DepositTerminal,
  { stayId, terms }: Pick<StayView, "stayId" | "terms">,
  sums: Sums,
  step: string,
  person: string,
): Promise<void> {
  const events = await depositEvents(db, stayId);
  const held = events.find((event) => event.kind === "held");
  if (!held?.reference) return;
  if (notedByHand(terms.deposit.how)) {
    // no terminal: a person hands it back, and what was never received cannot be
    const inHand = events.reduce(
      (sum, { kind, amountMinor }) =>
        sum + (kind === "held" ? amountMinor : kind === "captured" || kind === "released" ? -amountMinor : 0),
      0,
    );
    const captureMinor = Math.min(sums.captureMinor, inHand);
    const releaseMinor = Math.min(sums.releaseMinor, inHand - captureMinor);
    if (captureMinor > 0)
      await append(db, stayId, "captured", captureMinor, held.currency, `capture-${stayId}${step}`, null, person);
    if (releaseMinor > 0)
      await append(db, stayId, "released", releaseMinor, held.currency, `release-${stayId}${step}`, null, person);
    return;
  }
  for (const [action, done, amountMinor] of [
    ["capture", "captured", sums.captureMinor],
    ["release", "released", sums.releaseMinor],
  ] as const) {
    if (amountMinor === 0) continue;
    const key = `${action}-${stayId}${step}`;
    const answer = await terminal[action](key, held.reference, amountMinor, held.currency);
    if (answer.answer === "no-answer") throw new AppError("terminal-silent");
    if (answer.answer === "declined") throw new AppError("terminal-declined");
    await append(db, stayId, kindOf(answer, done), amountMinor, held.currency, key, answer.reference, person);
  }
}
