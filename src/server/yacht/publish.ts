import "server-only";
import type { Queryable } from "../db/pool";
import { classOfYacht } from "../db/yacht-classes";
import { Refusal } from "../http/refusal";
import { addRevision } from "./add-revision";
import { lockClass } from "./lock-class";
import { refuseUnfit, type Reasons } from "./refuse-unfit";
import { reviewFile } from "./review";

export interface Publication extends Reasons {
  slug: string;
  document: unknown;
  /** the revision that the file was made from; refused when another was published meanwhile */
  onRevision: number;
  /** the revision of the class that the file was made from, when it was made from the draft that a class left; else the one she stands on */
  onClass?: number;
}

/** Publishes a file as a yacht's next revision. Earlier ones stay, and the handovers that were made from them. */
export async function publishFile(
  db: Queryable,
  { slug, document, onRevision, onClass, why, accepts }: Publication,
  personId: string,
): Promise<{ revision: number }> {
  await lockClass(db, slug);
  const { yacht, file, findings, changes } = await reviewFile(db, slug, document);
  if (yacht.revision !== onRevision) {
    throw new Refusal(
      409,
      "other-revision",
      `Somebody published revision ${yacht.revision} of ${yacht.name} meanwhile; your file was made from ${onRevision}. Take the newest file and put your changes into it.`,
    );
  }
  refuseUnfit(findings, { why, accepts });
  const { rows } = await db.query<{ id: string; revision: number; file: unknown }>(
    "select c.id, c.revision, c.document as file from yacht_revision r join yacht_class c on c.id = r.class_id where r.yacht_id = $1 and r.revision = $2",
    [yacht.id, yacht.revision],
  );
  const pinned = rows[0];
  if (!pinned) throw new Error(`revision ${yacht.revision} of ${slug} has no class`);
  const newest = onClass === undefined ? pinned : await classOfYacht(db, yacht.id);
  if (!newest || (onClass !== undefined && newest.revision !== onClass)) {
    throw new Refusal(
      409,
      "other-class-revision",
      `The class has revision ${newest?.revision ?? 0} by now; your file was made from its revision ${onClass ?? 0}. Look at the draft again.`,
    );
  }
  // a file that takes nothing over from the class's change still answers it, and is a revision of its own
  if (changes.length === 0 && newest.id === pinned.id)
    throw new Refusal(409, "nothing-changed", "This file is the same as the one that stands. Nothing was published.");
  const revision = yacht.revision + 1;
  await addRevision(db, { yachtId: yacht.id, revision, onClass: newest, file, findings, why, accepts }, personId);
  return { revision };
}
