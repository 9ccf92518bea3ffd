import "server-only";
import { v7 as uuid } from "uuid";
import { digestOf } from "@/core/basics/digest";
import { dayIn } from "@/core/basics/instant";
import { fold } from "@/core/handover/fold";
import { foundIn } from "@/core/handover/state";
import { movedForGood, runningHandovers } from "@/core/yacht/note/moved";
import { partOfLine, YachtNote } from "@/core/yacht/note/note";
import { proposeEdits, type ProposedEdit } from "@/core/yacht/note/propose";
import type { AnsweredNote } from "@/formats/draft";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { signedEntries } from "../handover/record";
import { Refusal } from "../http/refusal";
import { classFileOf, draftView, editDraft, type DraftView } from "./draft";
import { editedYacht } from "./edited-file";

/** What became of one note. */
export interface TakenNote {
  id: string;
  status: "kept" | "same" | "refused";
  message: string | null;
}

/** A note with the changes it asks for in the draft as it stands. */
export interface ProposedNote {
  note: YachtNote;
  by: string | null;
  receivedAt: string;
  edits: ProposedEdit[];
}

/**
 * Takes notes from a device, each by itself: one that was sent before has no effect again, and a refused one blocks no
 * other. A note about something that is gone meanwhile is kept: at the desk it says so.
 *
 * @param madeBy who wrote them; null for a crew without account
 */
export async function takeNotes(
  db: Queryable,
  slug: string,
  notes: readonly unknown[],
  madeBy: string | null,
): Promise<TakenNote[]> {
  const yacht = await editedYacht(db, slug);
  const taken: TakenNote[] = [];
  for (const each of notes) {
    const id = String((each as { id?: unknown } | null)?.id ?? "");
    const wrong = mismatch(YachtNote, each);
    const problem = wrong
      ? wrong.message
      : (each as YachtNote).yacht !== slug
        ? "This note is about another yacht."
        : null;
    if (problem !== null) {
      taken.push({ id, status: "refused", message: problem });
      continue;
    }
    const hash = digestOf(each as YachtNote);
    const { rows } = await db.query<{ hash: string }>("select content_hash as hash from yacht_note where id = $1", [
      id,
    ]);
    if (rows[0] && rows[0].hash !== hash) {
      taken.push({ id, status: "refused", message: "Something else has this id already. Nothing was changed." });
      continue;
    }
    if (!rows[0]) {
      await db.query(
        "insert into yacht_note (id, base_id, yacht_id, content, content_hash, made_by, received_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
        [id, yacht.id, JSON.stringify(each), hash, madeBy, now()],
      );
    }
    taken.push({ id, status: rows[0] ? "same" : "kept", message: null });
  }
  return taken;
}

/** Every note of a yacht, newest first: for who walks her, to see what others have seen. */
export async function notesOf(db: Queryable, slug: string): Promise<YachtNote[]> {
  const { rows } = await db.query<{ content: YachtNote }>(
    "select n.content from yacht_note n join yacht y on y.id = n.yacht_id where y.slug = $1 order by n.received_at desc, n.id desc",
    [slug],
  );
  return rows.map(({ content }) => content);
}

/** Notes that nobody has answered and that ask for a change, with that change in the draft as it stands; and what was counted elsewhere at three handovers running. */
export async function openNotes(db: Queryable, slug: string): Promise<ProposedNote[]> {
  const view = await draftView(db, { of: "yachts", slug });
  const ofClass = await classFileOf(db, view);
  const day = dayIn(now(), (await currentBase(db)).timeZone);
  const { rows } = await db.query<{ note: YachtNote; by: string | null; receivedAt: string }>(
    `select n.content as note, p.name as by, n.received_at as "receivedAt" from yacht_note n join yacht y on y.id = n.yacht_id left join person p on p.id = n.made_by
     where y.slug = $1 and not exists (select 1 from note_answer a where a.note_id = n.id) order by n.received_at, n.id`,
    [slug],
  );
  return rows
    .map((row) => ({ ...row, edits: proposeEdits(view.document, row.note, day, ofClass) }))
    .filter(({ note, edits }) => edits.length > 0 || note.kind !== "as-in-file");
}

/** What was answered lately, newest first: so that who wrote a note can read why it was declined. */
export async function answeredNotes(db: Queryable, slug: string): Promise<AnsweredNote[]> {
  const { rows } = await db.query<AnsweredNote>(
    `select n.id as note, n.content as content, a.answer, a.words, w.name as "writtenBy", p.name as by, a.at from note_answer a join yacht_note n on n.id = a.note_id join yacht y on y.id = n.yacht_id
     join person p on p.id = a.by_person left join person w on w.id = n.made_by where y.slug = $1 order by a.at desc, n.id desc limit 20`,
    [slug],
  );
  return rows;
}

/** Things that the last three signed handovers counted in one and the same other place than the file has them. */
export async function movedThings(
  db: Queryable,
  { edited, document }: DraftView,
): Promise<(ProposedEdit & { name: string; place: string })[]> {
  const { rows } = await db.query<{ id: string }>(
    "select h.id from handover h join yacht y on y.id = h.yacht_id join seal s on s.handover_id = h.id and s.number = 1 where y.slug = $1 and h.kind in ('check-in', 'check-out') order by s.sealed_at desc limit $2",
    [edited.slug, runningHandovers],
  );
  const found = [];
  for (const { id } of rows) {
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
 * @throws Refusal where nothing is left to be taken over, and where the draft has changed under it
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
  if (!open) throw new Refusal(409, "answered", "Somebody has answered this note already. Load the page again.");
  if (answer === "declined" && words.trim() === "")
    throw new Refusal(422, "words-missing", "Say in a word why not: it is shown to who walks her next.", "words");
  if (answer === "taken-over") {
    if (open.edits.length === 0)
      throw new Refusal(
        409,
        "nothing-left",
        "There is nothing to take over: what it is about is gone, or stands there already. Decline it with a word.",
      );
    await editDraft(
      db,
      { of: "yachts", slug },
      open.edits.map((edit) => ({ id: uuid(), ...edit, undoes: null, source: noteId })),
      personId,
    );
  }
  await db.query(
    "insert into note_answer (note_id, base_id, answer, words, by_person, at) values ($1, current_base(), $2, $3, $4, $5)",
    [noteId, answer, words.trim(), personId, now()],
  );
}
