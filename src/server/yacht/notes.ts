import "server-only";
import { todayAtBase } from "../base/today";
import { fold } from "@/core/handover/fold";
import { foundIn } from "@/core/handover/state";
import { movedForGood, runningHandovers } from "@/core/yacht/note/moved";
import { partOfLine, type YachtNote } from "@/core/yacht/note/note";
import { proposeEdits, type ProposedEdit } from "@/core/yacht/note/propose";
import { now } from "../clock";
import { findHandover } from "../db/handovers";
import { addNoteAnswer, lastSignedHandovers, unansweredNotes } from "../db/notes";
import type { Queryable } from "../db/pool";
import { signedEntries } from "../record/record";
import { AppError } from "@/api/app-error";
import { classFileOf, draftView, type DraftView } from "./draft";
import { editDraft, madeHere } from "./edit-draft";

/** A note with the changes it asks for in the draft as it stands. */
export interface ProposedNote {
  note: YachtNote;
  by: string | null;
  receivedAt: string;
  edits: ProposedEdit[];
}

/** Notes that nobody has answered and that ask for a change, with that change in the draft as it stands; and what was counted elsewhere at three handovers running. */
export async function openNotes(db: Queryable, slug: string): Promise<ProposedNote[]> {
  const view = await draftView(db, { of: "yachts", slug });
  const ofClass = await classFileOf(db, view);
  const day = await todayAtBase(db);
  return (await unansweredNotes(db, slug))
    .map((row) => ({ ...row, edits: proposeEdits(view.document, row.note, day, ofClass) }))
    .filter(({ note, edits }) => edits.length > 0 || note.kind !== "as-in-file");
}

/** Things that the last three signed handovers counted in one and the same other place than the file has them. */
export async function movedThings(
  db: Queryable,
  { edited, document }: DraftView,
): Promise<(ProposedEdit & { name: string; place: string })[]> {
  const found = [];
  for (const id of await lastSignedHandovers(db, edited.slug, runningHandovers)) {
    const handover = await findHandover(db, id);
    const folded = fold((await signedEntries(db, id))?.entries ?? []);
    found.push(
      new Map(
        (handover?.list.lines ?? []).flatMap((line): [string, string][] => {
          const place = line.kind === "count" ? foundIn(folded, line) : null;
          return place === null ? [] : [[line.id, place]];
        }),
      ),
    );
  }
  return movedForGood(found).flatMap(({ line, place }) => {
    const key = partOfLine(line)?.key ?? "";
    const item = document.inventory[key];
    return item && item.place !== place && Object.hasOwn(document.places, place)
      ? [
          {
            path: `/inventory/${key}/place`,
            from: item.place,
            to: place,
            name: item.name.en ?? key,
            place: document.places[place]?.name.en ?? place,
          },
        ]
      : [];
  });
}

/**
 * Answers a note: its changes are taken over into the draft, or it is declined with a word. Answered twice is refused.
 *
 * @throws AppError where nothing is left to be taken over, and where the draft has changed under it
 */
export async function answerNote(
  db: Queryable,
  slug: string,
  noteId: string,
  answer: "taken-over" | "declined",
  words: string,
  personId: string,
): Promise<void> {
  const open = (await openNotes(db, slug)).find(({ note }) => note.id === noteId);
  if (!open) throw new AppError("answered");
  if (answer === "declined" && words.trim() === "") throw new AppError("words-missing", {}, "words");
  if (answer === "taken-over") {
    if (open.edits.length === 0) throw new AppError("nothing-left");
    await editDraft(
      db,
      { of: "yachts", slug },
      open.edits.map((edit) => madeHere(edit, noteId)),
      personId,
    );
  }
  await addNoteAnswer(db, noteId, answer, words.trim(), personId, now());
}
