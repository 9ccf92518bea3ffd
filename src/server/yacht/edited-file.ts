import "server-only";
import type { FileName } from "@/formats/draft";
import type { DraftSubject } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { Refusal } from "../http/refusal";
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
  const { rows } = await db.query<{ id: string; name: string; revision: number; classId: string; classSlug: string }>(
    `select y.id, y.name, coalesce(r.revision, 0) as revision, coalesce(r.class_id, d.class_id) as "classId", c.slug as "classSlug"
     from yacht y left join lateral (select revision, class_id from yacht_revision v where v.yacht_id = y.id order by v.revision desc limit 1) r on true
     left join lateral (select class_id from file_draft f where f.yacht_id = y.id order by f.begun_at desc, f.id desc limit 1) d on true
     join yacht_class c on c.id = coalesce(r.class_id, d.class_id) where y.slug = $1`,
    [slug],
  );
  if (!rows[0]) throw new Refusal(404, "no-such-yacht", "There is no such yacht here.");
  return { of: "yachts", slug, subject: { yachtId: rows[0].id }, ...rows[0] };
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
