import Dexie, { type EntityTable } from "dexie";
import type { AboardBook } from "@/api/schemas/book";
import { withFileOfToday } from "./file-of-today";

interface KeptAboard {
  code: string;
  book: AboardBook;
}

function database(): Dexie & { books: EntityTable<KeptAboard, "code"> } {
  const db = new Dexie("brinecove-aboard") as Dexie & { books: EntityTable<KeptAboard, "code"> };
  db.version(1).stores({ books: "code" });
  return db;
}

/** Keeps what a code posted aboard opened, so that it opens again without signal. There is nothing personal in it. Returns its size in bytes. */
export async function keepAboard(code: string, book: AboardBook): Promise<number> {
  const db = database();
  await db.books.put({ code, book });
  db.close();
  return new Blob([JSON.stringify(book)]).size;
}

/** What this device kept under a code, or null. */
export async function keptAboard(code: string): Promise<AboardBook | null> {
  const db = database();
  const kept = await db.books.get(code);
  db.close();
  return kept ? { ...kept.book, yacht: withFileOfToday(kept.book.yacht) } : null;
}
