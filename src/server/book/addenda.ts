import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { stayInHand } from "@/core/charters/in-hand";
import { staysOfCharter } from "../db/charters";
import { handoverOfStay, type HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { takeAddenda } from "../items/addenda";

/**
 * Takes what a charter's skipper adds to a signed check-in: leaving the berth, late findings, having read. Of a charter
 * that went on with another yacht each goes to the one it was made on, also when it comes in after the change.
 */
export async function takeBookAddenda(
  db: Queryable,
  charterId: string,
  addenda: readonly unknown[],
  poke: (id: string) => void,
): Promise<{ answers: ItemAnswer[] }> {
  const stays = await staysOfCharter(db, charterId);
  const checkIns = new Map<string, HandoverRow>();
  for (const { stayId } of stays) {
    const checkIn = await handoverOfStay(db, stayId, "check-in");
    if (checkIn) checkIns.set(stayId, checkIn);
  }
  const inHand = stayInHand(stays);
  const usual = checkIns.get(inHand?.stayId ?? "") ?? [...checkIns.values()].at(-1);
  if (!inHand || !usual) throw new AppError("no-check-in");
  const targets = addenda.map((each) => [...checkIns.values()].find(({ id }) => id === handoverNamed(each)) ?? usual);
  const answers: ItemAnswer[] = [];
  for (const checkIn of new Set(targets)) {
    const places = addenda.flatMap((_, at) => (targets[at] === checkIn ? [at] : []));
    poke(checkIn.id);
    const who = { side: "skipper", person: inHand.skipperId } as const;
    const told = await takeAddenda(
      db,
      checkIn,
      places.map((at) => addenda[at]),
      who,
    );
    told.forEach((answer, index) => (answers[places[index] ?? 0] = answer));
  }
  return { answers };
}

const handoverNamed = (addendum: unknown): unknown =>
  typeof addendum === "object" && addendum !== null && "handover" in addendum ? addendum.handover : null;
