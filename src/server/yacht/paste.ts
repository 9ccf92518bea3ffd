import "server-only";
import { v7 as uuid } from "uuid";
import { same } from "@/core/yacht/changes";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import type { FileName } from "@/api/schemas/draft";
import { CsvFault, inventoryFromPaste } from "@/formats/inventory-csv";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";
import { draftView } from "./draft";
import { editDraft } from "./edit-draft";

/** What became of pasted lines: how many changed something, how many stood there already, and what is wrong with the rest. */
export interface Pasted {
  changed: number;
  same: number;
  faults: { line: number; column: string; message: string }[];
}

/** Takes pasted lines of inventory into the draft. A line that is wrong holds up no other; what the paste does not name stays. */
export async function pasteInventory(db: Queryable, name: FileName, text: string, personId: string): Promise<Pasted> {
  const { document } = await draftView(db, name);
  const { currency } = await currentBase(db);
  let read: ReturnType<typeof inventoryFromPaste>;
  try {
    read = inventoryFromPaste(text, document, currency);
  } catch (error) {
    if (error instanceof CsvFault) throw new AppError("wrong-list", { what: error.message }, error.column);
    throw error;
  }
  const edits = Object.entries(read.items).flatMap(([key, to]): DraftEdit[] => {
    const from = document.inventory[key] ?? null;
    return same(from, to) ? [] : [{ id: uuid(), path: `/inventory/${key}`, from, to, undoes: null, source: null }];
  });
  if (edits.length > 0) await editDraft(db, name, edits, personId);
  return {
    changed: edits.length,
    same: Object.keys(read.items).length - edits.length,
    faults: read.faults.map(({ line, column, message }) => ({ line, column, message })),
  };
}
