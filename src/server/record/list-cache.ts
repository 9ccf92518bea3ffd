import "server-only";
import { type HandoverRow, findHandover } from "../db/handovers";
import { inBaseTransaction } from "../db/pool";
import { AppError } from "@/api/app-error";

const kept = new Map<string, HandoverRow>();
const most = 64;

/** A handover with its list, which never changes once opened and so may be remembered; the least lately used goes first. */
export async function handoverById(baseId: string, id: string): Promise<HandoverRow> {
  const known = kept.get(id);
  if (known && known.baseId === baseId) {
    kept.delete(id);
    kept.set(id, known);
    return known;
  }
  const found = await inBaseTransaction(baseId, (db) => findHandover(db, id));
  if (!found) throw new AppError("no-such-handover");
  kept.set(id, found);
  if (kept.size > most) kept.delete(kept.keys().next().value ?? "");
  return found;
}
