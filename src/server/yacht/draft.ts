import "server-only";
import { v7 as uuid } from "uuid";
import { fileChanges, type FileChange } from "@/core/yacht/changes";
import { checkFile, type CheckedFinding } from "@/core/yacht/checks";
import { applyEdit, carryEdits, draftDocument, EditConflict, type DraftEdit } from "@/core/yacht/draft/edit";
import { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import { addDraft, addEdit, currentDraft, editsOf, endDraft, hasEdit, type DraftRow, type KeptEdit } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { Refusal } from "../http/refusal";
import { addRevision } from "./add-revision";
import { lockClassItself } from "./lock-class";
import { publishFile } from "./publish";
import { refuseUnfit, type Reasons } from "./refuse-unfit";

/** A yacht to be edited: also one that was made from her class and has no revision yet. */
export interface EditedYacht {
  id: string;
  slug: string;
  name: string;
  berth: string;
  /** 0 before the first */
  revision: number;
  /** the class's revision that she stands on, or was made from */
  classId: string;
  classSlug: string;
}

/** A draft with all that belongs to it. */
export interface DraftView {
  yacht: EditedYacht;
  draft: DraftRow | null;
  base: YachtFile;
  document: YachtFile;
  edits: KeptEdit[];
}

/** A yacht by her short name, with the revision she stands at; refuses one that is not there. */
export async function editedYacht(db: Queryable, slug: string): Promise<EditedYacht> {
  const { rows } = await db.query<EditedYacht>(
    `select y.id, y.slug, y.name, y.berth, coalesce(r.revision, 0) as revision, coalesce(r.class_id, d.class_id) as "classId", c.slug as "classSlug"
     from yacht y left join lateral (select revision, class_id from yacht_revision v where v.yacht_id = y.id order by v.revision desc limit 1) r on true
     left join lateral (select class_id from file_draft f where f.yacht_id = y.id order by f.begun_at desc limit 1) d on true
     join yacht_class c on c.id = coalesce(r.class_id, d.class_id) where y.slug = $1`,
    [slug],
  );
  if (!rows[0]) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
  return rows[0];
}

async function baseOf(db: Queryable, yacht: EditedYacht, draft: DraftRow | null): Promise<YachtFile> {
  const revision = draft?.onRevision ?? yacht.revision;
  if (revision > 0) {
    const file = await yachtFileAt(db, yacht.id, revision);
    if (!file) throw new Error(`revision ${revision} of ${yacht.slug} is gone`);
    return file;
  }
  const { rows } = await db.query<{ document: unknown }>("select document from yacht_class where id = $1", [draft?.classId ?? yacht.classId]);
  return upgradeYachtFile(rows[0]?.document) as YachtFile;
}

/** The draft of a yacht as it stands; her published file where nobody has begun one. */
export async function draftView(db: Queryable, slug: string): Promise<DraftView> {
  const yacht = await editedYacht(db, slug);
  const draft = await currentDraft(db, yacht.id);
  const base = await baseOf(db, yacht, draft);
  const edits = draft ? await editsOf(db, draft.id) : [];
  return { yacht, draft, base, document: draftDocument(base, edits) as YachtFile, edits };
}

/** What the checks find in a draft, and what it would change, for publishing. */
export function reviewDraft({ base, document }: DraftView): { findings: CheckedFinding[]; changes: FileChange[] } {
  return { findings: checkFile(document), changes: fileChanges(base, document) };
}

const lockDraft = (db: Queryable, slug: string) => db.query("select pg_advisory_xact_lock(hashtext($1))", [`draft ${slug}`]);

/** Begins a draft where there is none. */
async function needDraft(db: Queryable, view: DraftView, personId: string): Promise<DraftRow> {
  if (view.draft) return view.draft;
  const draft = { id: uuid(), yachtId: view.yacht.id, onRevision: view.yacht.revision, classId: view.yacht.classId };
  await addDraft(db, draft, personId, now());
  return { ...draft, begunAt: now() };
}

/**
 * Keeps edits in a yacht's draft, all or none; the same edit again has no effect. What somebody else has changed meanwhile
 * is never overwritten: the edit is refused with what stands there now.
 */
export async function editDraft(db: Queryable, slug: string, edits: readonly DraftEdit[], personId: string): Promise<{ number: number }> {
  await lockDraft(db, slug);
  const view = await draftView(db, slug);
  const fresh: DraftEdit[] = [];
  for (const edit of edits) if (!(await hasEdit(db, edit.id))) fresh.push(edit);
  let document: unknown = view.document;
  for (const edit of fresh) {
    try {
      document = applyEdit(document, edit);
    } catch (error) {
      if (error instanceof EditConflict) throw new Refusal(409, "changed-meanwhile", `Somebody has changed this meanwhile: it is now ${shown(error.now)}. Yours was not put over it; look at it and type it again.`, edit.path);
      if (error instanceof RangeError) throw new Refusal(422, "no-such-part", `There is nothing at ${edit.path} any more: it was taken out meanwhile.`, edit.path);
      throw error;
    }
  }
  const wrong = mismatch(YachtFile, document);
  if (wrong) throw new Refusal(422, "wrong-form", wrong.message, wrong.where);
  const { id } = await needDraft(db, view, personId);
  let number = view.edits.length;
  for (const edit of fresh) await addEdit(db, id, (number += 1), edit, personId, now());
  return { number };
}

function shown(value: unknown): string {
  if (value === null) return "gone";
  const text = typeof value === "string" ? value : typeof value === "object" && "en" in value ? String(value.en) : JSON.stringify(value);
  return `“${text.slice(0, 120)}”`;
}

/** Brings a draft onto the revision that was published meanwhile. What does not fit any more is named and stays in the ended draft. */
export async function carryDraft(db: Queryable, slug: string, personId: string): Promise<{ kept: number; conflicts: { path: string; wanted: unknown; now: unknown }[] }> {
  await lockDraft(db, slug);
  const view = await draftView(db, slug);
  if (!view.draft || view.draft.onRevision === view.yacht.revision) throw new Refusal(409, "not-stale", "The draft is on the newest revision already.");
  const base = await baseOf(db, view.yacht, null);
  const { kept, conflicts } = carryEdits(base, view.edits);
  await endDraft(db, view.draft.id, "carried", personId, now());
  const draft = { id: uuid(), yachtId: view.yacht.id, onRevision: view.yacht.revision, classId: view.yacht.classId };
  await addDraft(db, draft, personId, now());
  let number = 0;
  // an edit keeps who made it; it is a new row, as the ended draft keeps its own
  for (const { id: _old, path, from, to, source, by, at } of view.edits.filter((each) => kept.some(({ id }) => id === each.id))) {
    await addEdit(db, draft.id, (number += 1), { id: uuid(), path, from, to, undoes: null, source }, by, at);
  }
  return { kept: number, conflicts: conflicts.map(({ edit, now: standing }) => ({ path: edit.path, wanted: edit.to, now: standing })) };
}

/** Ends a draft without publishing it; its edits stay kept. */
export async function throwAwayDraft(db: Queryable, slug: string, personId: string): Promise<void> {
  await lockDraft(db, slug);
  const { draft, yacht } = await draftView(db, slug);
  if (!draft) throw new Refusal(409, "no-draft", "Nobody has changed anything: there is no draft.");
  if (yacht.revision === 0) throw new Refusal(409, "first-draft", "This is all there is of this yacht. Publish it, or go on with it.");
  await endDraft(db, draft.id, "thrown-away", personId, now());
}

/** Publishes a draft as the yacht's next revision, or as her first. */
export async function publishDraft(db: Queryable, slug: string, reasons: Reasons, personId: string): Promise<{ revision: number }> {
  await lockDraft(db, slug);
  const view = await draftView(db, slug);
  const { draft, yacht, document } = view;
  if (!draft) throw new Refusal(409, "no-draft", "Nobody has changed anything: there is nothing to publish.");
  if (yacht.revision > 0) {
    const published = await publishFile(db, { slug, document, onRevision: draft.onRevision, ...reasons }, personId);
    await endDraft(db, draft.id, "published", personId, now());
    return published;
  }
  await lockClassItself(db, yacht.classSlug);
  const findings = checkFile(document);
  refuseUnfit(findings, reasons);
  const { rows } = await db.query<{ id: string; file: unknown }>("select id, document as file from yacht_class where id = $1", [draft.classId]);
  if (!rows[0]) throw new Error("a draft without its class");
  await addRevision(db, { yachtId: yacht.id, revision: 1, onClass: rows[0], file: document, findings, ...reasons }, personId);
  await endDraft(db, draft.id, "published", personId, now());
  return { revision: 1 };
}
