import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import { carryEdits } from "@/core/yacht/draft/edit";
import { now } from "../clock";
import { addDraft, addEdit, endDraft } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { baseAt, draftView, isStale, newestStart, takeTurnsOnDraft } from "./draft";

/** Brings a draft onto the revision that was published meanwhile. What does not fit any more is named and stays in the ended draft. */
export async function carryDraft(
  db: Queryable,
  name: FileName,
  personId: string,
): Promise<{ kept: number; conflicts: { path: string; wanted: unknown; now: unknown }[] }> {
  await takeTurnsOnDraft(db, name);
  const view = await draftView(db, name);
  const { edited } = view;
  if (!view.draft || !(await isStale(db, view))) throw new AppError("not-stale");
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
