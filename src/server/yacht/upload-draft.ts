import "server-only";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import { editsBetween } from "@/core/yacht/draft/between";
import type { YachtFile } from "@/core/yacht/schema";
import { CsvFault, inventoryFromCsv } from "@/formats/inventory-csv";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { draftView, takeTurnsOnDraft } from "./draft";
import { editDraft, madeHere } from "./edit-draft";
import { parseYachtFile } from "./parse-file";

/** Puts a whole document into the draft, as the edits that lead there; returns how many. */
async function putDocument(
  db: Queryable,
  name: FileName,
  before: YachtFile,
  after: YachtFile,
  personId: string,
): Promise<{ changed: number }> {
  const edits = editsBetween(before, after).map((edit) => madeHere(edit));
  if (edits.length > 0) await editDraft(db, name, edits, personId);
  return { changed: edits.length };
}

/**
 * Takes a whole file, of any form that was ever published, into the draft. Nothing is published by it: what it changes is
 * looked at in the editor.
 */
export async function uploadFile(
  db: Queryable,
  name: FileName,
  document: unknown,
  personId: string,
): Promise<{ changed: number }> {
  await takeTurnsOnDraft(db, name);
  const after = parseYachtFile(document);
  return putDocument(db, name, (await draftView(db, name)).document, after, personId);
}

/** Takes a whole inventory list into the draft: what it does not name is taken out. */
export async function uploadInventory(
  db: Queryable,
  name: FileName,
  text: string,
  personId: string,
): Promise<{ changed: number }> {
  await takeTurnsOnDraft(db, name);
  const { document } = await draftView(db, name);
  const { currency } = await currentBase(db);
  try {
    return await putDocument(db, name, document, inventoryFromCsv(text, document, currency), personId);
  } catch (error) {
    if (error instanceof CsvFault) throw new AppError("wrong-list", { what: error.message }, error.column);
    throw error;
  }
}
