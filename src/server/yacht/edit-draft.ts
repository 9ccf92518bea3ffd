import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import { same } from "@/core/yacht/changes";
import type { PlainEdit } from "@/core/yacht/draft/between";
import { applyEdit, EditConflict, type DraftEdit } from "@/core/yacht/draft/edit";
import { valueAt } from "@/core/yacht/draft/pointer";
import { YachtFile } from "@/core/yacht/schema";
import { mismatch } from "@/formats/validate";
import { fieldWords } from "@/messages/change-words";
import { now } from "../clock";
import { addDraft, addEdit, findEdit, type DraftRow } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { draftView, newestStart, takeTurnsOnDraft, type DraftView } from "./draft";

/** An edit made here, of what was sent as a whole. */
export const madeHere = (edit: PlainEdit, source: string | null = null): DraftEdit => ({
  id: uuid(),
  ...edit,
  undoes: null,
  source,
});

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
  await takeTurnsOnDraft(db, name);
  const view = await draftView(db, name);
  const fresh: DraftEdit[] = [];
  for (const edit of edits) {
    const kept = await findEdit(db, edit.id);
    if (!kept) fresh.push(edit);
    else if (!same(kept, edit)) throw new AppError("id-taken", {}, edit.path);
  }
  let document: unknown = view.document;
  for (const edit of fresh) {
    try {
      document = applyEdit(document, edit);
    } catch (error) {
      if (error instanceof EditConflict) throw new AppError("changed-meanwhile", { now: shown(error.now) }, edit.path);
      if (error instanceof RangeError) throw new AppError("no-such-part", { path: edit.path }, edit.path);
      throw error;
    }
  }
  const wrong = mismatch(YachtFile, document);
  if (wrong)
    throw new AppError("wrong-value", { place: placeWords(document, wrong.where), wanted: wrong.wanted }, wrong.where);
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
