import "server-only";
import type { AboardBook } from "@/formats/book";
import { throttle } from "../auth/throttle";
import { currentBase } from "../db/base";
import { pool, withBase } from "../db/pool";
import { findYacht } from "../db/yachts";
import { Refusal } from "../http/refusal";

/** What the code posted at a companionway opens. Wrong codes are throttled by their first letters, so that guessing is slow. */
export async function yachtByCode(code: string): Promise<AboardBook> {
  const plain = code.toUpperCase();
  const { rows } = await pool().query<{ id: string; base_id: string }>("select * from find_yacht_by_code($1)", [plain]);
  const found = rows[0];
  if (!found) {
    await throttle(`yacht code ${plain.slice(0, 2)}`);
    throw new Refusal(404, "no-such-code", "This code opens no yacht. It stands on the card at the companionway; read it again.");
  }
  return withBase(found.base_id, async (db) => {
    const [base, yacht] = [await currentBase(db), await findYacht(db, { id: found.id })];
    if (!yacht) throw new Refusal(404, "no-such-code", "There is no file for this yacht yet.");
    const { name, place, phone, timeZone, currency } = base;
    return { base: { name, place, phone, timeZone, currency }, yacht: { name: yacht.name, berth: yacht.berth, file: yacht.file } };
  });
}
