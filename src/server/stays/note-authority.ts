import "server-only";
import { AppError } from "@/api/app-error";
import { noteAuthority } from "../db/charters";
import type { Queryable } from "../db/pool";
import { requireStay } from "./require";

/** Notes that the charterer gave the skipper authority, in writing, to settle money. */
export async function noteMoneyAuthority(
  db: Queryable,
  stayId: string,
  reference: string,
  personId: string,
): Promise<Record<string, never>> {
  const stay = await requireStay(db, stayId);
  if (stay.skipperId === stay.chartererId) throw new AppError("same-person");
  await noteAuthority(db, stay.charterId, reference, personId);
  return {};
}
