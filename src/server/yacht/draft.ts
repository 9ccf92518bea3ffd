import "server-only";
import { v7 as uuid } from "uuid";
import { fileChanges, same, type FileChange } from "@/core/yacht/changes";
import { checkFile, type CheckedFinding } from "@/core/yacht/checks";
import { applyEdit, carryEdits, draftDocument, EditConflict, type DraftEdit } from "@/core/yacht/draft/edit";
import { valueAt } from "@/core/yacht/draft/pointer";
import { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import type { FileName } from "@/formats/draft";
import { mismatch } from "@/formats/validate";
import { fieldWords } from "@/messages/change-words";
import { now } from "../clock";
import {
  addDraft,
  addEdit,
  currentDraft,
  editsOf,
  endDraft,
  findEdit,
  type DraftRow,
  type KeptEdit,
} from "../db/drafts";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { Refusal } from "../http/refusal";
import { addRevision } from "./add-revision";
import { publishClass } from "./class-publish";
import { editedFile, type EditedFile } from "./edited-file";
import { lockClassItself } from "./lock-class";
import { publishFile } from "./publish";
import { refuseUnfit, type Reasons } from "./refuse-unfit";
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
type Start = Pick<DraftRow, "onRevision" | "classId">;

/** What a draft would begin from today: the newest revision; for a yacht that has none, the newest of her class. */
async function newestStart(db: Queryable, { revision, classId, classSlug }: EditedFile): Promise<Start> {
  return { onRevision: revision, classId: revision > 0 ? classId : (await requireClass(db, classSlug)).id };
}

async function baseAt(
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
  const { rows } = await db.query<{ document: unknown }>("select document from yacht_class where id = $1", [classId]);
  return upgradeYachtFile(rows[0]?.document) as YachtFile;
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

/** The revision that was published; of a class, its yachts that were published with it and those that are left a draft. */
export interface Published {
  revision: number;
  published?: string[];
  drafts?: string[];
}

/** What the checks find in a draft, and what it would change, for publishing. */
export function reviewDraft({ base, document }: DraftView): { findings: CheckedFinding[]; changes: FileChange[] } {
  return { findings: checkFile(document), changes: fileChanges(base, document) };
}

const lockDraft = (db: Queryable, { of, slug }: FileName) =>
  db.query("select pg_advisory_xact_lock(hashtext($1))", [`draft ${of} ${slug}`]);

/** Begins a draft where there is none. */
async function needDraft(db: Queryable, view: DraftView, personId: string): Promise<DraftRow> {
  if (view.draft) return view.draft;
  const draft = { id: uuid(), ...(await newestStart(db, view.edited)) };
  await addDraft(db, view.edited.subject, draft, personId, now());
  return { ...draft, begunAt: now() };
}

/**
 * Keeps edits in a draft, all or none; the same edit again has no effect, and another under the same id is refused. What
 * somebody else has changed meanwhile is never overwritten: the edit is refused with what stands there now.
 */
export async function editDraft(
  db: Queryable,
  name: FileName,
  edits: readonly DraftEdit[],
  personId: string,
): Promise<{ number: number }> {
  await lockDraft(db, name);
  const view = await draftView(db, name);
  const fresh: DraftEdit[] = [];
  for (const edit of edits) {
    const kept = await findEdit(db, edit.id);
    if (!kept) fresh.push(edit);
    else if (!same(kept, edit))
      throw new Refusal(
        409,
        "id-taken",
        "Another change has this id already. Nothing was kept; load the page again.",
        edit.path,
      );
  }
  let document: unknown = view.document;
  for (const edit of fresh) {
    try {
      document = applyEdit(document, edit);
    } catch (error) {
      if (error instanceof EditConflict)
        throw new Refusal(
          409,
          "changed-meanwhile",
          `Somebody has changed this meanwhile: it is now ${shown(error.now)}. Yours was not put over it; look at it and type it again.`,
          edit.path,
        );
      if (error instanceof RangeError)
        throw new Refusal(
          422,
          "no-such-part",
          `There is nothing at ${edit.path} any more: it was taken out meanwhile.`,
          edit.path,
        );
      throw error;
    }
  }
  const wrong = mismatch(YachtFile, document);
  if (wrong)
    throw new Refusal(
      422,
      "wrong-form",
      `${placeWords(document, wrong.where)} ${wrong.wanted}. Nothing was kept; type it again.`,
      wrong.where,
    );
  const { id } = await needDraft(db, view, personId);
  let number = view.edits.length;
  for (const edit of fresh) await addEdit(db, id, (number += 1), edit, personId, now());
  return { number };
}

/** A place of a file as people read it: "Engine, stop hold, seconds". */
function placeWords(document: unknown, where: string): string {
  const [, collection = "", key, ...rest] = where.split("/");
  const [part, field] =
    collection === "particulars"
      ? [{ name: { en: "Particulars" } }, [key ?? "", ...rest]]
      : [valueAt(document, `/${collection}/${key ?? ""}`), rest];
  const { name, title, words } = (part ?? {}) as Record<"name" | "title" | "words", { en?: string } | undefined>;
  const of = name?.en ?? title?.en ?? words?.en ?? key ?? collection;
  // entries of a list are counted from one
  return field.length === 0
    ? of
    : `${of}, ${fieldWords(field.map((step) => (/^\d+$/.test(step) ? String(Number(step) + 1) : step)).join("."))},`;
}

function shown(value: unknown): string {
  if (value === null) return "gone";
  const text =
    typeof value === "string"
      ? value
      : typeof value === "object" && "en" in value
        ? String(value.en)
        : JSON.stringify(value);
  return `“${text.slice(0, 120)}”`;
}

/** Brings a draft onto the revision that was published meanwhile. What does not fit any more is named and stays in the ended draft. */
export async function carryDraft(
  db: Queryable,
  name: FileName,
  personId: string,
): Promise<{ kept: number; conflicts: { path: string; wanted: unknown; now: unknown }[] }> {
  await lockDraft(db, name);
  const view = await draftView(db, name);
  const { edited } = view;
  if (!view.draft || !(await isStale(db, view)))
    throw new Refusal(409, "not-stale", "The draft is on the newest revision already.");
  const newest = await newestStart(db, edited);
  const base = await baseAt(db, edited, newest);
  const { kept, conflicts } = carryEdits(base, view.edits);
  await endDraft(db, view.draft.id, "carried", personId, now());
  const draft = { id: uuid(), ...newest };
  await addDraft(db, edited.subject, draft, personId, now());
  let number = 0;
  // an edit keeps who made it; it is a new row, as the ended draft keeps its own
  for (const { id: _old, path, from, to, source, by, at } of view.edits.filter((each) =>
    kept.some(({ id }) => id === each.id),
  )) {
    await addEdit(db, draft.id, (number += 1), { id: uuid(), path, from, to, undoes: null, source }, by, at);
  }
  return {
    kept: number,
    conflicts: conflicts.map(({ edit, now: standing }) => ({ path: edit.path, wanted: edit.to, now: standing })),
  };
}

/** Ends a draft without publishing it; its edits stay kept. */
export async function throwAwayDraft(db: Queryable, name: FileName, personId: string): Promise<void> {
  await lockDraft(db, name);
  const { draft, edited } = await draftView(db, name);
  if (!draft) throw new Refusal(409, "no-draft", "Nobody has changed anything: there is no draft.");
  if (edited.revision === 0)
    throw new Refusal(409, "first-draft", "This is all there is of this yacht. Publish it, or go on with it.");
  await endDraft(db, draft.id, "thrown-away", personId, now());
}

/** Publishes a draft as the next revision of its file, or as a yacht's first; a class with each yacht that passes her checks. */
export async function publishDraft(
  db: Queryable,
  name: FileName,
  reasons: Reasons,
  personId: string,
): Promise<Published> {
  await lockDraft(db, name);
  const { draft, edited, document } = await draftView(db, name);
  if (!draft) throw new Refusal(409, "no-draft", "Nobody has changed anything: there is nothing to publish.");
  const publication = { slug: name.slug, document, onRevision: draft.onRevision, ...reasons };
  const published =
    name.of === "classes"
      ? await publishClass(db, publication, personId)
      : edited.revision > 0
        ? await publishFile(db, publication, personId)
        : await publishFirst(db, edited, draft, document, reasons, personId);
  await endDraft(db, draft.id, "published", personId, now());
  return published;
}

/** The first revision of a yacht that was made from her class. */
async function publishFirst(
  db: Queryable,
  { subject, classSlug }: EditedFile,
  draft: DraftRow,
  document: YachtFile,
  reasons: Reasons,
  personId: string,
): Promise<Published> {
  if (!("yachtId" in subject)) throw new Error("a class has a first revision from the start");
  await lockClassItself(db, classSlug);
  const findings = checkFile(document);
  refuseUnfit(findings, reasons);
  const { rows } = await db.query<{ id: string; file: unknown }>(
    "select id, document as file from yacht_class where id = $1",
    [draft.classId],
  );
  if (!rows[0]) throw new Error("a draft without its class");
  await addRevision(
    db,
    { yachtId: subject.yachtId, revision: 1, onClass: rows[0], file: document, findings, ...reasons },
    personId,
  );
  return { revision: 1 };
}
