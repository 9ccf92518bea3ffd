import "server-only";
import type { DraftNews, DraftReview, DraftScreen, FileName, SeenEdit } from "@/api/schemas/draft";
import { todayAtBase } from "../base/today";
import { digestOf } from "@/core/basics/digest";
import type { CheckedFinding } from "@/core/checks";
import { fileChanges } from "@/core/yacht/changes";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import { undoable, type MadeEdit } from "@/core/yacht/draft/undo";
import { absentParts } from "@/core/yacht/note/absent";
import type { KeptEdit } from "../db/drafts";
import { answeredNotes } from "../db/notes";
import type { Queryable } from "../db/pool";
import { sistersOf } from "../db/yacht-classes";
import { reviewSisters } from "./class-draft";
import { classFileOf, draftView, isStale, type DraftView } from "./draft";
import { draftFindings } from "./draft-findings";
import { editDraft } from "./edit-draft";
import { movedThings, openNotes } from "./notes";
import { requireClass } from "./require-class";

const lately = 12;

/** The draft of a file as its editor shows it: with what others have changed; of a yacht what is proposed, of a class its yachts. */
export async function draftScreen(db: Queryable, name: FileName, personId: string): Promise<DraftScreen> {
  const view = await draftView(db, name);
  const { edited, draft, document, edits } = view;
  const { of, slug } = name;
  return {
    file: {
      of,
      slug,
      name: of === "yachts" ? document.particulars.name : document.particulars.class,
      revision: edited.revision,
    },
    onRevision: draft?.onRevision ?? edited.revision,
    today: await todayAtBase(db),
    isStale: await isStale(db, view),
    document,
    lately: edits
      .slice(-lately)
      .reverse()
      .map((edit) => seenBy(edit, personId)),
    ...(await statusOf(db, view, personId)),
    notes: of === "yachts" ? await openNotes(db, slug) : [],
    answered: of === "yachts" ? await answeredNotes(db, slug) : [],
    sisters:
      of === "classes"
        ? (await sistersOf(db, slug)).map(({ slug: sister, name: called, patch }) => ({
            slug: sister,
            name: called,
            patch,
          }))
        : [],
  };
}

/** What is new in a draft since an edit; where it is another draft by now, nothing but that. */
export async function draftNews(
  db: Queryable,
  name: FileName,
  seen: { draft: string | null; after: number },
  personId: string,
): Promise<DraftNews> {
  const view = await draftView(db, name);
  const isSame = (view.draft?.id ?? null) === seen.draft || (seen.draft === null && seen.after === 0);
  return {
    ...(await statusOf(db, view, personId)),
    edits: isSame ? view.edits.filter(({ number }) => number > seen.after).map((edit) => seenBy(edit, personId)) : [],
  };
}

/** Keeps edits in a draft and tells what is new in it, one's own edits among them. */
export async function editedNews(
  db: Queryable,
  name: FileName,
  { edits, after, draft }: { edits: readonly DraftEdit[]; after: number; draft: string | null },
  personId: string,
): Promise<DraftNews> {
  await editDraft(db, name, edits, personId);
  return draftNews(db, name, { draft, after }, personId);
}

/** What publishing a draft would do; of a class, also to each of its yachts. */
export async function draftReview(db: Queryable, name: FileName): Promise<DraftReview> {
  const view = await draftView(db, name);
  const { base, document, edits } = view;
  const sisters = name.of === "classes" ? await reviewSisters(db, await requireClass(db, name.slug), document, {}) : [];
  return {
    number: edits.length,
    findings: await draftFindings(db, view),
    changes: fileChanges(base, document),
    sisters: sisters.map(({ slug, name: called, changes, blocked }) => ({ slug, name: called, changes, blocked })),
  };
}

async function statusOf(db: Queryable, view: DraftView, personId: string) {
  const { draft, edits, document } = view;
  const { undo, redo } = undoable(edits, personId);
  const findings = await draftFindings(db, view);
  return {
    draft: draft?.id ?? null,
    stamp: await stampOf(db, view, findings),
    number: edits.length,
    undo: undo && plain(undo),
    redo: redo && plain(redo),
    findings,
    moved: view.edited.of === "yachts" ? await movedThings(db, view) : [],
    absent: absentParts(document, await classFileOf(db, view)),
  };
}

/** Changes with whatever the screen shows beside the edits. */
async function stampOf(db: Queryable, view: DraftView, findings: readonly CheckedFinding[]): Promise<string> {
  const { of, slug, revision } = view.edited;
  const notes = of === "yachts" ? (await openNotes(db, slug)).map(({ note }) => note.id) : [];
  const answered = of === "yachts" ? (await answeredNotes(db, slug)).map(({ note }) => note) : [];
  const questions = findings.flatMap(({ question }) => question?.basis ?? []);
  return digestOf({ revision, isStale: await isStale(db, view), notes, answered, questions }).slice(0, 16);
}

const plain = ({ id, path, from, to, undoes, source }: MadeEdit) => ({ id, path, from, to, undoes, source });

const seenBy = ({ path, from, to, byName, at, by }: KeptEdit, personId: string): SeenEdit => ({
  path,
  from,
  to,
  by: byName,
  at,
  isMine: by === personId,
});
