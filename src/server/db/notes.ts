import "server-only";
import type { AnsweredNote } from "@/api/schemas/draft";
import type { YachtNote } from "@/core/yacht/note/note";
import type { Queryable } from "./pool";

/** The hash of the note that is kept under an id, or null. */
export async function noteHash(db: Queryable, id: string): Promise<string | null> {
  const { rows } = await db.query<{ hash: string }>("select content_hash as hash from yacht_note where id = $1", [id]);
  return rows[0]?.hash ?? null;
}

/** Keeps a note about a yacht's file. */
export async function addNote(
  db: Queryable,
  yachtId: string,
  note: YachtNote,
  hash: string,
  madeBy: string | null,
  receivedAt: string,
): Promise<void> {
  await db.query(
    "insert into yacht_note (id, base_id, yacht_id, content, content_hash, made_by, received_at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [note.id, yachtId, JSON.stringify(note), hash, madeBy, receivedAt],
  );
}

/** Every note of a yacht, newest first: for who walks her, to see what others have seen. */
export async function notesOf(db: Queryable, slug: string): Promise<YachtNote[]> {
  const { rows } = await db.query<{ content: YachtNote }>(
    "select n.content from yacht_note n join yacht y on y.id = n.yacht_id where y.slug = $1 order by n.received_at desc, n.id desc",
    [slug],
  );
  return rows.map(({ content }) => content);
}

/** Notes that nobody has answered, oldest first. */
export async function unansweredNotes(
  db: Queryable,
  slug: string,
): Promise<{ note: YachtNote; by: string | null; receivedAt: string }[]> {
  const { rows } = await db.query<{ note: YachtNote; by: string | null; receivedAt: string }>(
    `select n.content as note, p.name as by, n.received_at as "receivedAt" from yacht_note n join yacht y on y.id = n.yacht_id left join person p on p.id = n.made_by
     where y.slug = $1 and not exists (select 1 from note_answer a where a.note_id = n.id) order by n.received_at, n.id`,
    [slug],
  );
  return rows;
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

/** Keeps the answer to a note. */
export async function addNoteAnswer(
  db: Queryable,
  noteId: string,
  answer: "taken-over" | "declined",
  words: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into note_answer (note_id, base_id, answer, words, by_person, at) values ($1, current_base(), $2, $3, $4, $5)",
    [noteId, answer, words, personId, at],
  );
}

/** The last signed handovers of a yacht, newest first. */
export async function lastSignedHandovers(db: Queryable, slug: string, most: number): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    "select h.id from handover h join yacht y on y.id = h.yacht_id join standing_seal s on s.handover_id = h.id where y.slug = $1 and h.kind in ('check-in', 'check-out') order by s.received_at desc, h.opened_at desc limit $2",
    [slug, most],
  );
  return rows.map(({ id }) => id);
}
