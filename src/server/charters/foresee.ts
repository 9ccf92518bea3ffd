import "server-only";
import { AppError } from "@/api/app-error";
import { effectsOf, type AgreedStay, type Effect } from "@/core/charters/effects";
import { findStay, staysOfCharter } from "../db/charters";
import type { Queryable } from "../db/pool";
import { agreeOnYacht, type AgreedOnYacht } from "./agree";
import { refuseWhatStands } from "./change";
import { effectFacts } from "./effect-facts";
import { foreseeFirstAlone, foreseeOther } from "./foresee-other";
import type { GoingOnWith } from "./other-yacht";

/**
 * What a change of a charter would do.
 *
 * @param becomes null where it is called off; without an end where they go on with another yacht
 * @throws AppError as the change itself would
 */
export async function foresee(
  db: Queryable,
  stayId: string,
  becomes: AgreedOnYacht | GoingOnWith | null,
): Promise<{ effects: Effect[] }> {
  const stay = await findStay(db, { stayId });
  if (!stay) throw new AppError("no-such-charter");
  if (becomes === null && stay.part > 1) return { effects: await foreseeFirstAlone(db, stay) };
  if (becomes === null) return { effects: effectsOf(await effectFacts(db, stay, stay), null) };
  if (!("toDay" in becomes)) return foreseeOther(db, stay, becomes);
  const found = await agreeOnYacht(db, becomes, stayId);
  refuseWhatStands(stay, await staysOfCharter(db, stay.charterId), found);
  const after: AgreedStay = { ...found, yacht: found.yachtName, aboard: becomes.aboard };
  return { effects: effectsOf(await effectFacts(db, stay, found), after) };
}
