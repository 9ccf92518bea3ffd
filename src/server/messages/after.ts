import "server-only";
import { mismatch } from "@/formats/validate";
import type { ItemAnswer } from "@/api/schemas/book";
import { Addendum } from "@/core/handover/addenda/addendum";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { noteReceived } from "../deposit/hold";
import { takeBaseAddenda } from "../handover/base-addenda";
import type { DepositTerminal } from "../deposit/terminal";
import { signSettlement, type SettlementSigning } from "../settlement/sign";
import { requireStay } from "../stays/require";
import { tellAnswer, tellReceipt, tellStatement } from "./events";

/** Takes what somebody of the base adds to a signed record, and tells the skipper of each answer among it. */
export async function answerAndTell(
  db: Queryable,
  handoverId: string,
  addenda: readonly unknown[],
  personId: string,
): Promise<{ answers: ItemAnswer[] }> {
  const taken = await takeBaseAddenda(db, handoverId, addenda, personId);
  const handover = await findHandover(db, handoverId);
  for (const [index, { status }] of taken.answers.entries()) {
    const addendum = addenda[index];
    if (handover && status === "kept" && mismatch(Addendum, addendum) === null)
      await tellAnswer(db, handover, addendum as Addendum);
  }
  return taken;
}

/** Notes money that came in for a deposit, and tells the charter's people. */
export async function receiveAndTell(
  db: Queryable,
  stayId: string,
  received: { requestKey: string; amountMinor: number; reference: string },
  personId: string,
  poke: Parameters<typeof noteReceived>[4],
): Promise<Record<string, never>> {
  const noted = await noteReceived(db, stayId, received, personId, poke);
  await tellReceipt(db, await requireStay(db, stayId), received);
  return noted;
}

/** Seals a statement, and sends it to the charter's people. */
export async function signAndTell(
  db: Queryable,
  stayId: string,
  signing: SettlementSigning,
  terminal: DepositTerminal,
  personId: string,
): Promise<{ seal: string }> {
  const sealed = await signSettlement(db, stayId, signing, terminal, personId);
  await tellStatement(db, stayId);
  return sealed;
}
