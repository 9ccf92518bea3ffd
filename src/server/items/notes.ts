import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { digestOf } from "@/core/basics/digest";
import { YachtNote } from "@/core/yacht/note/note";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import { addNote, noteHash, unansweredNotes } from "../db/notes";
import type { Queryable } from "../db/pool";
import { editedYacht } from "../yacht/edited-file";
import { oneByOne, takeItems } from "./inbox";

/** How many notes of a yacht may wait for an answer: more than anybody reads. */
const mostOpenNotes = 1000;

/**
 * Takes notes about a yacht's file. A note about something that is gone meanwhile is kept: at the desk it says so.
 *
 * @param madeBy who wrote them; null for a crew without account
 */
export async function takeNotes(
  db: Queryable,
  slug: string,
  notes: readonly unknown[],
  madeBy: string | null,
): Promise<ItemAnswer[]> {
  const yacht = await editedYacht(db, slug);
  // the same note sent at once from two tabs is kept once
  await takeTurns(db, `notes ${yacht.id}`);
  return takeItems<YachtNote>(
    {
      schema: YachtNote,
      hashOf: digestOf,
      check: (note) => (note.yacht === slug ? null : new AppError("other-yacht")),
      keep: oneByOne<YachtNote>(
        (id) => noteHash(db, id),
        ({ item, hash }) => addNote(db, yacht.id, item, hash, madeBy, now()),
        async () => mostOpenNotes - (await unansweredNotes(db, slug)).length,
      ),
    },
    notes,
  );
}
