import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { findStay } from "../db/charters";
import { handoverOfStay } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { takeAddenda } from "../items/addenda";

/** Takes what a charter's skipper adds to the signed check-in: leaving the berth, late findings, having read. */
export async function takeBookAddenda(
  db: Queryable,
  charterId: string,
  addenda: readonly unknown[],
  poke: (id: string) => void,
): Promise<{ answers: ItemAnswer[] }> {
  const stay = await findStay(db, { charterId });
  const checkIn = stay && (await handoverOfStay(db, stay.stayId, "check-in"));
  if (!stay || !checkIn) throw new AppError("no-check-in");
  poke(checkIn.id);
  return { answers: await takeAddenda(db, checkIn, addenda, { side: "skipper", person: stay.skipperId }) };
}
