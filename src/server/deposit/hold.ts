import "server-only";
import { AppError } from "@/api/app-error";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { requireStay } from "../stays/require";
import { holdDeposit, noteDeposit } from "./deposit";
import type { DepositTerminal } from "./terminal";

type Poke = (...handoverIds: string[]) => void;

/** Holds a stay's deposit on the card; the gates of its handovers look again. */
export async function holdFor(
  db: Queryable,
  terminal: DepositTerminal,
  stayId: string,
  requestKey: string,
  personId: string,
  poke: Poke,
): Promise<{ outcome: "held" | "declined" | "timed-out" }> {
  const { terms, handovers, calledOff } = await requireStay(db, stayId);
  if (calledOff !== null) throw new AppError("called-off");
  const { currency } = await currentBase(db);
  const deposit = { stayId, amountMinor: terms.deposit.amountMinor, currency };
  const outcome = await holdDeposit(db, terminal, deposit, requestKey, personId);
  poke(...handovers.map(({ id }) => id));
  return { outcome };
}

/** Notes what came in of a stay's deposit; the gates of its handovers look again. */
export async function noteReceived(
  db: Queryable,
  stayId: string,
  { requestKey, ...received }: { requestKey: string; amountMinor: number; reference: string },
  personId: string,
  poke: Poke,
): Promise<Record<string, never>> {
  const stay = await requireStay(db, stayId);
  if (stay.calledOff !== null) throw new AppError("called-off");
  await noteDeposit(db, stay, (await currentBase(db)).currency, received, requestKey, personId);
  poke(...stay.handovers.map(({ id }) => id));
  return {};
}
