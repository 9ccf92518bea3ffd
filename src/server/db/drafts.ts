import "server-only";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import type { MadeEdit } from "@/core/yacht/draft/undo";
import type { Queryable } from "./pool";

/** Whose file a draft is of: a yacht's, or a class's by its short name. */
export type DraftSubject = { yachtId: string } | { classSlug: string };

/** A draft of a file that has not ended. */
export interface DraftRow {
  id: string;
  /** the revision it was begun from; 0 for a yacht that has none yet */
  onRevision: number;
  /** the row of the class that it stands on, or is of */
  classId: string;
  begunAt: string;
}

/** An edit as it is kept, with its number in the draft and the name of who made it. */
export interface KeptEdit extends MadeEdit {
  number: number;
  byName: string;
  at: string;
}

const yachtOf = (subject: DraftSubject) => ("yachtId" in subject ? subject.yachtId : null);
const classOf = (subject: DraftSubject) => ("classSlug" in subject ? subject.classSlug : null);

/** The draft of a file that somebody works on, or null. */
export async function currentDraft(db: Queryable, subject: DraftSubject): Promise<DraftRow | null> {
  const { rows } = await db.query<DraftRow>(
    `select d.id, d.on_revision as "onRevision", d.class_id as "classId", d.begun_at as "begunAt" from file_draft d
     where (d.yacht_id = $1 or d.class_slug = $2) and not exists (select 1 from draft_end e where e.draft_id = d.id) order by d.begun_at desc, d.id desc limit 1`,
    [yachtOf(subject), classOf(subject)],
  );
  return rows[0] ?? null;
}

/** Begins a draft. */
export async function addDraft(
  db: Queryable,
  subject: DraftSubject,
  draft: Omit<DraftRow, "begunAt">,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into file_draft (id, base_id, yacht_id, class_slug, on_revision, class_id, begun_by, begun_at) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [draft.id, yachtOf(subject), classOf(subject), draft.onRevision, draft.classId, personId, at],
  );
}

/** The edits of a draft in order. */
export async function editsOf(db: Queryable, draftId: string): Promise<KeptEdit[]> {
  const { rows } = await db.query<{ content: DraftEdit; by: string; byName: string; number: number; at: string }>(
    `select e.content, e.by_person as by, p.name as "byName", e.number, e.at from draft_edit e join person p on p.id = e.by_person where e.draft_id = $1 order by e.number`,
    [draftId],
  );
  return rows.map(({ content, ...row }) => ({ ...content, ...row }));
}

/** An edit that is kept already, in any draft, or null. */
export async function findEdit(db: Queryable, id: string): Promise<DraftEdit | null> {
  return (
    (await db.query<{ content: DraftEdit }>("select content from draft_edit where id = $1", [id])).rows[0]?.content ??
    null
  );
}

/** Adds an edit to a draft under the next number. */
export async function addEdit(
  db: Queryable,
  draftId: string,
  number: number,
  edit: DraftEdit,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into draft_edit (id, base_id, draft_id, number, content, by_person, at) values ($1, current_base(), $2, $3, $4, $5, $6)",
    [edit.id, draftId, number, JSON.stringify(edit), personId, at],
  );
}

/** Ends a draft. */
export async function endDraft(
  db: Queryable,
  draftId: string,
  outcome: "published" | "thrown-away" | "carried",
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into draft_end (draft_id, base_id, outcome, by_person, at) values ($1, current_base(), $2, $3, $4)",
    [draftId, outcome, personId, at],
  );
}
