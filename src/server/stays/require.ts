import "server-only";
import { AppError } from "@/api/app-error";
import type { StayView } from "@/api/schemas/desk";
import { findStay } from "../db/charters";
import type { Queryable } from "../db/pool";

/** A stay of the base; refuses one that is not there. */
export async function requireStay(db: Queryable, stayId: string): Promise<StayView> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-stay");
  return stay;
}
