import "server-only";
import type { FileName } from "@/api/schemas/draft";
import type { DraftSubject } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { editedYachtRow } from "../db/yachts";
import { AppError } from "@/api/app-error";
import { requireClass } from "./require-class";

/** A file to be edited, of a yacht or of a class, with the revision it stands at. */
export interface EditedFile extends FileName {
  subject: DraftSubject;
  name: string;
  /** 0 for a yacht that was made from her class and has no revision yet */
  revision: number;
  /** the revision of the class that she stands on, or was made from; of a class, its newest */
  classId: string;
  classSlug: string;
}

/** A yacht to be edited: also one that was made from her class and has no revision yet. */
export interface EditedYacht extends EditedFile {
  id: string;
}

/** A yacht by her short name, with the revision she stands at; refuses one that is not there. */
export async function editedYacht(db: Queryable, slug: string): Promise<EditedYacht> {
  const row = await editedYachtRow(db, slug);
  if (!row) throw new AppError("no-such-yacht");
  return { of: "yachts", slug, subject: { yachtId: row.id }, ...row };
}

/** A file to be edited, by its name; refuses one that is not there. */
export async function editedFile(db: Queryable, { of, slug }: FileName): Promise<EditedFile> {
  if (of === "yachts") return editedYacht(db, slug);
  const { id, revision, file } = await requireClass(db, slug);
  return {
    of,
    slug,
    subject: { classSlug: slug },
    name: file.particulars.class,
    revision,
    classId: id,
    classSlug: slug,
  };
}
