import "server-only";
import { AppError } from "@/api/app-error";
import type { OutsideStatement } from "@/api/schemas/outside";
import type { StayView } from "@/api/schemas/desk";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import type { Queryable } from "../db/pool";
import { statementPdf } from "../pdf/statement";
import type { PdfFile } from "../pdf/record";
import { settledBook } from "../settlement/settled";

/**
 * The signed statement of a charter's yacht.
 *
 * @throws AppError where none is signed
 */
export async function statementFor(db: Queryable, reference: string): Promise<OutsideStatement> {
  const stay = await settledStay(db, reference);
  const signed = await settledBook(db, stay.stayId);
  if (!signed) throw new AppError("no-statement");
  const { currency } = await currentBase(db);
  const { sealedAt, dueMinor, heldMinor, releaseMinor, lines } = signed;
  return {
    reference: stay.reference,
    signedAt: sealedAt,
    ...{ currency, dueMinor, heldMinor, releaseMinor },
    lines: lines.map(({ name, how, state, atMostMinor, finalMinor }) => ({
      name,
      how,
      state,
      atMostMinor,
      finalMinor,
    })),
  };
}

/** The signed statement on paper. */
export async function statementPaperFor(db: Queryable, reference: string): Promise<PdfFile> {
  return statementPdf(db, (await settledStay(db, reference)).stayId);
}

async function settledStay(db: Queryable, reference: string): Promise<StayView> {
  const stay = await findStay(db, { reference });
  if (!stay) throw new AppError("no-such-charter");
  if (stay.settledAt === null) throw new AppError("no-statement");
  return stay;
}
