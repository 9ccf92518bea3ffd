import "server-only";
import type { Labelled } from "@/api/yachts";
import { now } from "../clock";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { requireYacht } from "../yacht/require";
import { pdfAnswer } from "./answer";
import { boatCardPdf } from "./card";
import { labelsPdf } from "./labels";
import { planPdf } from "./plan";

/** The boat card of a yacht. */
export const cardSheet = async (db: Queryable, slug: string): Promise<Response> =>
  pdfAnswer(await boatCardPdf(await requireYacht(db, slug), await currentBase(db), now()));

/** A yacht's plan on A4. */
export const planSheet = async (db: Queryable, slug: string): Promise<Response> =>
  pdfAnswer(await planPdf(await requireYacht(db, slug), now()));

/** Labels with codes that lead to where this request came from. */
export async function labelSheet(db: Queryable, slug: string, what: Labelled, request: Request): Promise<Response> {
  const origin = process.env.ORIGIN ?? `http://${request.headers.get("host") ?? "127.0.0.1:4310"}`;
  return pdfAnswer(await labelsPdf(await requireYacht(db, slug), what, origin, now()));
}
