import "server-only";
import type { Static } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { moveCharter } from "@/api/charters";
import { findGuest } from "../db/charter-entries";
import { findStay, languageOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";
import { changeAgreement } from "./change";

/** Moves a charter to other days or another yacht; people, number aboard and language stay as they are. */
export async function move(
  db: Queryable,
  stayId: string,
  given: Static<typeof moveCharter.body>,
  by: string,
): Promise<Record<string, never>> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  const [charterer, skipper] = [await findGuest(db, stay.chartererId), await findGuest(db, stay.skipperId)];
  if (!charterer || !skipper) throw new AppError("no-such-guest", {}, "charterer");
  const { aboard } = stay;
  const language = await languageOfCharter(db, stay.charterId);
  const isOne = stay.skipperId === stay.chartererId;
  return changeAgreement(
    db,
    stayId,
    { ...given, aboard, language, charterer: asGiven(charterer), skipper: isOne ? null : asGiven(skipper) },
    by,
  );
}

const asGiven = ({ id, name, email, phone }: { id: string; name: string; email: string; phone: string }) => ({
  id,
  name,
  email,
  phone,
});
