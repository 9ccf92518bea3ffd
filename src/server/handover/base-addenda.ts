import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { takeAddenda } from "../items/addenda";

/** Takes what somebody of the base adds to a signed record. */
export async function takeBaseAddenda(
  db: Queryable,
  handoverId: string,
  addenda: readonly unknown[],
  personId: string,
): Promise<{ answers: ItemAnswer[] }> {
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  return { answers: await takeAddenda(db, handover, addenda, { side: "base", person: personId }) };
}
