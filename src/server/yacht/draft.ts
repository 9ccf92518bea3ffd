import "server-only";
import type { FileName } from "@/api/schemas/draft";
import { draftDocument } from "@/core/yacht/draft/edit";
import type { YachtFile } from "@/core/yacht/schema";
import { currentDraft, editsOf, type DraftRow, type KeptEdit } from "../db/drafts";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { classAt } from "../db/yacht-classes";
import { yachtFileAt } from "../db/yachts";
import { editedFile, type EditedFile } from "./edited-file";
import { requireClass } from "./require-class";

/** A draft with all that belongs to it. */
export interface DraftView {
  edited: EditedFile;
  draft: DraftRow | null;
  /** what it was begun from */
  base: YachtFile;
  document: YachtFile;
  edits: KeptEdit[];
}

/** What a draft begins from: a revision, and the class's revision under it. */
export type Start = Pick<DraftRow, "onRevision" | "classId">;

/** What a draft would begin from today: the newest revision; for a yacht that has none, the newest of her class. */
export async function newestStart(db: Queryable, { revision, classId, classSlug }: EditedFile): Promise<Start> {
  return { onRevision: revision, classId: revision > 0 ? classId : (await requireClass(db, classSlug)).id };
}

/** The document that a draft with this start is laid over. */
export async function baseAt(
  db: Queryable,
  { subject, slug }: EditedFile,
  { onRevision, classId }: Start,
): Promise<YachtFile> {
  if ("yachtId" in subject && onRevision > 0) {
    const file = await yachtFileAt(db, subject.yachtId, onRevision);
    if (!file) throw new Error(`revision ${onRevision} of ${slug} is gone`);
    return file;
  }
  return classFileAt(db, classId);
}

async function classFileAt(db: Queryable, classId: string): Promise<YachtFile> {
  const row = await classAt(db, classId);
  if (!row) throw new Error("a draft without its class");
  return row.file;
}

/** The draft of a file as it stands; the published file where nobody has begun one. */
export async function draftView(db: Queryable, name: FileName): Promise<DraftView> {
  const edited = await editedFile(db, name);
  const draft = await currentDraft(db, edited.subject);
  const base = await baseAt(db, edited, draft ?? (await newestStart(db, edited)));
  const edits = draft ? await editsOf(db, draft.id) : [];
  return { edited, draft, base, document: draftDocument(base, edits) as YachtFile, edits };
}

/** The class that a yacht's draft stands on, as it was then; of a class itself, its draft. */
export async function classFileOf(db: Queryable, { edited, draft, document }: DraftView): Promise<YachtFile> {
  return edited.of === "classes" ? document : classFileAt(db, draft?.classId ?? edited.classId);
}

/** Whether what a draft was begun from has a newer revision by now. */
export async function isStale(db: Queryable, { edited, draft }: DraftView): Promise<boolean> {
  if (!draft) return false;
  const newest = await newestStart(db, edited);
  return draft.onRevision !== newest.onRevision || (edited.revision === 0 && draft.classId !== newest.classId);
}

/** Those who change the same draft take turns. */
export const takeTurnsOnDraft = (db: Queryable, { of, slug }: FileName): Promise<void> =>
  takeTurns(db, `draft ${of} ${slug}`);
