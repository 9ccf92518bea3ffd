import "server-only";
import type { FileName } from "@/api/schemas/draft";
import { inventoryToCsv } from "@/formats/inventory-csv";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { csvFile, jsonFile } from "../http/json-file";
import { draftView } from "./draft";
import { requireYacht } from "./require";
import { requireClass } from "./require-class";

/** A yacht's file as one JSON file. */
export async function savedYachtFile(db: Queryable, slug: string): Promise<Response> {
  const { file, revision } = await requireYacht(db, slug);
  return jsonFile(file, `${slug}-revision-${revision}.json`);
}

/** A class's document as one JSON file. */
export async function savedClassFile(db: Queryable, slug: string): Promise<Response> {
  const { file, revision } = await requireClass(db, slug);
  return jsonFile(file, `class-${slug}-revision-${revision}.json`);
}

/** A yacht's inventory and price list as CSV. */
export async function savedInventory(db: Queryable, slug: string): Promise<Response> {
  const { file } = await requireYacht(db, slug);
  return csvFile(inventoryToCsv(file, (await currentBase(db)).currency), `${slug}-inventory.csv`);
}

/** A file as its draft has it, as one JSON file. */
export async function savedDraft(db: Queryable, name: FileName): Promise<Response> {
  const { document } = await draftView(db, name);
  return jsonFile(document, `${name.slug}-draft.json`);
}

/** The inventory of a draft as it stands, as CSV. */
export async function savedDraftInventory(db: Queryable, name: FileName): Promise<Response> {
  const { document } = await draftView(db, name);
  return csvFile(inventoryToCsv(document, (await currentBase(db)).currency), `${name.slug}-inventory.csv`);
}
