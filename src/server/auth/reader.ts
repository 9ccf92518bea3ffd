import "server-only";
import { findStay } from "../db/charters";
import { findHandover } from "../db/handovers";
import { withBase } from "../db/pool";
import { Refusal } from "../http/refusal";
import { charterSession, staffSession } from "./session";

const refused = () => new Refusal(401, "not-open", "Sign in, or open your boat book again with link and PIN.");

/** Who may read a handover's record: the base, and the charter it belongs to. Returns the base's id. */
export async function requireReaderOfHandover(handoverId: string): Promise<string> {
  const staff = await staffSession();
  if (staff) return staff.baseId;
  const charter = await charterSession();
  if (!charter) throw refused();
  const stay = await withBase(charter.baseId, async (db) => {
    const handover = await findHandover(db, handoverId);
    return handover ? findStay(db, { stayId: handover.stayId }) : null;
  });
  if (stay?.charterId !== charter.charterId) throw refused();
  return charter.baseId;
}

/** Who may read a stay's statement: the base, and its charter. Returns the base's id. */
export async function requireReaderOfStay(stayId: string): Promise<string> {
  const staff = await staffSession();
  if (staff) return staff.baseId;
  const charter = await charterSession();
  if (!charter) throw refused();
  const stay = await withBase(charter.baseId, (db) => findStay(db, { stayId }));
  if (stay?.charterId !== charter.charterId) throw refused();
  return charter.baseId;
}
