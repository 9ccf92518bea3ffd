import "server-only";
import { AppError } from "@/api/app-error";
import type { StayView } from "@/api/schemas/desk";
import { heldMinor, holdsOf, spreadOverHolds } from "@/core/settlement/holds";
import { notedByHand } from "@/core/settlement/terms";
import { addDepositEvent, depositEvents, isUsedElsewhere } from "../db/deposits";
import { takeTurnsOnStatement } from "../db/locks";
import type { Queryable } from "../db/pool";
import type { DepositTerminal } from "./terminal";

/** What a request for money is for. */
type Purpose = "hold" | "received" | "capture" | "release";

/** A request key as it is kept and as the terminal gets it: it belongs to the stay and the purpose. */
const requestKey = (purpose: Purpose, stayId: string, key: string) => `${purpose}:${stayId}:${key}`;

/**
 * Holds the deposit on the card. All that moves a stay's money takes turns, so that of many who hold at once one holds.
 * The same request again gets its first answer.
 *
 * @param asked the key that the request was made with
 * @throws AppError where the deposit is held already, or the key was used for something else
 */
export async function holdDeposit(
  db: Queryable,
  terminal: DepositTerminal,
  { stayId, amountMinor, currency }: { stayId: string; amountMinor: number; currency: string },
  asked: string,
  person: string,
): Promise<"held" | "declined" | "timed-out"> {
  await takeTurnsOnStatement(db, stayId);
  const key = requestKey("hold", stayId, asked);
  if (await isUsedElsewhere(db, asked, key)) throw new AppError("key-used", {}, "requestKey");
  const events = await depositEvents(db, stayId);
  const answered = events.find((event) => event.key === key && event.kind !== "timed-out");
  if (answered) return answered.kind === "declined" ? "declined" : "held";
  const stands = heldMinor(holdsOf(events));
  if (events.some((event) => event.kind === "held"))
    throw new AppError("held-already", { held: { minor: stands, currency } });
  const answer = await terminal.hold(key, amountMinor, currency);
  const kind = answer.answer === "done" ? "held" : answer.answer === "declined" ? "declined" : "timed-out";
  const reference = answer.answer === "done" ? answer.reference : null;
  await addDepositEvent(db, stayId, { kind, amountMinor, currency, key, reference, holdKey: null, person });
  return kind;
}

/**
 * Notes a deposit that came in cash or by transfer, or that a guarantee covers, under the number of its receipt or letter.
 * The same request again has no effect.
 *
 * @param stay read under the turn of {@link takeTurnsOnStatement}
 * @throws AppError where the terms say otherwise, nothing or less than that is open, or the key was used for something else
 */
export async function noteDeposit(
  db: Queryable,
  { stayId, terms }: Pick<StayView, "stayId" | "terms">,
  currency: string,
  received: { amountMinor: number; reference: string },
  asked: string,
  person: string,
): Promise<void> {
  await takeTurnsOnStatement(db, stayId);
  if (!notedByHand(terms.deposit.how)) throw new AppError("not-by-hand");
  const key = requestKey("received", stayId, asked);
  if (await isUsedElsewhere(db, asked, key)) throw new AppError("key-used", {}, "requestKey");
  const events = await depositEvents(db, stayId);
  if (events.some((event) => event.key === key)) return;
  const stands = heldMinor(holdsOf(events));
  const openMinor = terms.deposit.amountMinor - stands;
  if (openMinor <= 0) throw new AppError("held-already", { held: { minor: stands, currency } });
  if (received.amountMinor > openMinor)
    throw new AppError("more-than-open", { open: { minor: openMinor, currency } }, "amountMinor");
  await addDepositEvent(db, stayId, { ...received, kind: "held", currency, key, holdKey: null, person });
}

interface Sums {
  captureMinor: number;
  releaseMinor: number;
}

/**
 * Takes what is due out of what is held and gives back what is neither due nor kept back, when the statement is signed.
 * Done again it moves nothing more.
 */
export async function captureAndRelease(
  db: Queryable,
  terminal: DepositTerminal,
  stay: Pick<StayView, "stayId" | "terms">,
  sums: Sums,
  person: string,
): Promise<void> {
  await move(db, terminal, stay, sums, "signed", person);
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
  await move(db, terminal, stay, sums, "end", person);
}

/** Moves what is still to be moved of the sums, over every hold there is. At the end, what was moved at any time counts; before, what was moved in the same step. */
async function move(
  db: Queryable,
  terminal: DepositTerminal,
  { stayId, terms }: Pick<StayView, "stayId" | "terms">,
  sums: Sums,
  step: "signed" | "end",
  person: string,
): Promise<void> {
  await takeTurnsOnStatement(db, stayId);
  const events = await depositEvents(db, stayId);
  const already = (kind: "captured" | "released", action: "capture" | "release") =>
    events
      .filter((event) => event.kind === kind)
      .filter((event) => step === "end" || event.key.startsWith(requestKey(action, stayId, step)))
      .reduce((sum, { amountMinor }) => sum + amountMinor, 0);
  const left = {
    captureMinor: Math.max(0, sums.captureMinor - already("captured", "capture")),
    releaseMinor: Math.max(0, sums.releaseMinor - already("released", "release")),
  };
  const byHand = notedByHand(terms.deposit.how);
  const holds = holdsOf(events);
  for (const { action, hold, amountMinor } of spreadOverHolds(holds, left)) {
    const key = requestKey(action, stayId, `${step}-${holds.indexOf(hold) + 1}`);
    // what came in by hand a person hands back; only a card is asked
    const reference = byHand
      ? null
      : await asked(terminal[action](key, hold.reference ?? "", amountMinor, hold.currency));
    const kind = action === "capture" ? "captured" : "released";
    const { currency } = hold;
    await addDepositEvent(db, stayId, { kind, amountMinor, currency, key, reference, holdKey: hold.key, person });
  }
}

async function asked(answering: ReturnType<DepositTerminal["capture"]>): Promise<string> {
  const answer = await answering;
  if (answer.answer === "no-answer") throw new AppError("terminal-silent");
  if (answer.answer === "declined") throw new AppError("terminal-declined");
  return answer.reference;
}
