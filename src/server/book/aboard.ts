import "server-only";
import type { AboardBook } from "@/api/schemas/book";
import { forgetAttempts, throttleCode } from "../auth/throttle";
import { now } from "../clock";
import { currentBase, type BaseRow } from "../db/base";
import { inBaseTransaction } from "../db/pool";
import { findYachtByCode } from "../db/ways-in";
import { findYacht, type YachtRow } from "../db/yachts";
import { AppError } from "@/api/app-error";
import { boatCardPdf } from "../pdf/card";
import type { PdfFile } from "../pdf/record";

/** Opens what a code posted at a companionway leads to. Tries are counted by the code and over all codes, so that guessing is slow. */
async function byCode<T>(code: string, work: (base: BaseRow, yacht: YachtRow) => T | Promise<T>): Promise<T> {
  const plain = code.toUpperCase();
  await throttleCode("yacht code", plain);
  const found = await findYachtByCode(plain);
  if (!found) throw new AppError("no-such-yacht-code");
  await forgetAttempts(`yacht code ${plain}`);
  return inBaseTransaction(found.baseId, async (db) => {
    const [base, yacht] = [await currentBase(db), await findYacht(db, { id: found.id })];
    if (!yacht) throw new AppError("no-yacht-file");
    return work(base, yacht);
  });
}

/** Plan, finder and emergency cards of the yacht that a code is posted on; nothing personal. */
export const yachtByCode = (code: string): Promise<AboardBook> =>
  byCode(code, ({ name, place, phone, timeZone, currency }, yacht) => ({
    base: { name, place, phone, timeZone, currency },
    yacht: { name: yacht.name, berth: yacht.berth, file: yacht.file },
  }));

/** The boat card of the yacht that a code is posted on. */
export const boatCardByCode = (code: string): Promise<PdfFile> =>
  byCode(code, (base, yacht) => boatCardPdf(yacht, base, now()));
