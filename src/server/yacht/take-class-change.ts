import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { FileName } from "@/api/schemas/draft";
import { editsBetween } from "@/core/yacht/draft/between";
import { carryEdits } from "@/core/yacht/draft/edit";
import type { YachtFile } from "@/core/yacht/schema";
import { now } from "../clock";
import { addDraft, addEdit, endDraft } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { classOfYacht } from "../db/yacht-classes";
import { classDraft } from "./class-draft";
import { draftView, takeTurnsOnDraft } from "./draft";
import { madeHere } from "./edit-draft";

type Parts = Record<string, Record<string, unknown>>;

/**
 * Puts what a change of her class has left for a yacht into a draft on the class's newest revision, where it is mended and
 * published like any other change. What somebody had begun to edit is laid over it again as far as it fits.
 *
 * @throws AppError where she stands on the newest revision of her class
 */
export async function takeClassChange(db: Queryable, name: FileName, personId: string): Promise<{ changed: number }> {
  await takeTurnsOnDraft(db, name);
  const { edited, draft, base, edits } = await draftView(db, name);
  const onto =
    edited.revision > 0 && "yachtId" in edited.subject ? await classOfYacht(db, edited.subject.yachtId) : null;
  const left = onto && (await classDraft(db, onto.slug, name.slug));
  if (!onto || !left) throw new AppError("no-class-draft");
  const brought = editsBetween(base, keepOwnParts(left.file, onto.file, base)).map((edit) => madeHere(edit));
  const { kept } = carryEdits(carryEdits(base, brought).document, edits);
  if (draft) await endDraft(db, draft.id, "carried", personId, now());
  const fresh = { id: uuid(), onRevision: edited.revision, classId: onto.id };
  await addDraft(db, edited.subject, fresh, personId, now());
  let number = 0;
  for (const edit of brought) await addEdit(db, fresh.id, (number += 1), edit, personId, now());
  for (const { by, at, path, from, to, source } of edits.filter((each) => kept.some(({ id }) => id === each.id)))
    await addEdit(db, fresh.id, (number += 1), { id: uuid(), path, from, to, undoes: null, source }, by, at);
  return { changed: brought.length };
}

/** A part of hers that the class has no more stays whole as it stands in her file: her difference from the class alone would be half a part. */
function keepOwnParts(carried: YachtFile, ofClass: YachtFile, standing: YachtFile): YachtFile {
  const whole = Object.entries(carried as unknown as Parts).map(([collection, parts]) => {
    if (typeof parts !== "object" || collection === "particulars") return [collection, parts];
    const known = (ofClass as unknown as Parts)[collection] ?? {};
    const hers = (standing as unknown as Parts)[collection] ?? {};
    return [
      collection,
      Object.fromEntries(Object.entries(parts).map(([key, part]) => [key, key in known ? part : (hers[key] ?? part)])),
    ];
  });
  return Object.fromEntries(whole) as YachtFile;
}
