import "server-only";
import { AppError } from "@/api/app-error";
import { takeTurnsOnClass } from "../db/locks";
import type { Queryable } from "../db/pool";
import { classAt, classSlugOf, classUnder } from "../db/yacht-classes";
import { addRevision } from "./add-revision";
import { refuseUnfit, type Reasons } from "./refuse-unfit";
import { reviewFile } from "./review";

export interface Publication extends Reasons {
  slug: string;
  document: unknown;
  /** the revision that the file was made from; refused when another was published meanwhile */
  onRevision: number;
  /** the row of the class that the file stands on, where that is another than her newest revision's */
  classId?: string;
}

/** Publishes a file as a yacht's next revision. Earlier ones stay, and the handovers that were made from them. */
export async function publishFile(
  db: Queryable,
  { slug, document, onRevision, classId, why, accepts }: Publication,
  personId: string,
): Promise<{ revision: number }> {
  await takeTurnsOnClass(db, (await classSlugOf(db, slug)) ?? slug);
  const { yacht, file, findings, changes } = await reviewFile(db, slug, document, classId ?? null);
  if (yacht.revision !== onRevision)
    throw new AppError("other-revision", { revision: yacht.revision, name: yacht.name, made: onRevision });
  refuseUnfit(findings, { why, accepts });
  const pinned = await classUnder(db, yacht.id, yacht.revision);
  const onClass = await classAt(db, classId ?? pinned ?? "");
  if (!onClass) throw new Error(`revision ${yacht.revision} of ${slug} has no class`);
  // a file that takes nothing over from the class's change still answers it, and is a revision of its own
  if (changes.length === 0 && onClass.id === pinned) throw new AppError("nothing-changed");
  const revision = yacht.revision + 1;
  await addRevision(db, { yachtId: yacht.id, revision, onClass, file, findings, why, accepts }, personId);
  return { revision };
}
