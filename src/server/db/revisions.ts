import "server-only";
import type { RevisionView } from "@/api/schemas/desk";
import type { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import type { Queryable } from "./pool";

/** A revision of a yacht's file, as it was published. */
export interface RevisionRow {
  revision: number;
  publishedAt: string;
  by: string | null;
  why: string;
  file: YachtFile;
  accepted: RevisionView["accepted"];
}

/** The revisions of a yacht's file, oldest first, in the form of today. */
export async function revisionRows(db: Queryable, yachtId: string): Promise<RevisionRow[]> {
  const { rows } = await db.query<RevisionRow>(
    `select r.revision, r.published_at as "publishedAt", p.name as by, r.why, r.document as file, r.accepted
     from yacht_revision r left join person p on p.id = r.published_by and p.erased_at is null where r.yacht_id = $1 order by r.revision`,
    [yachtId],
  );
  return rows.map((row) => ({ ...row, file: upgradeYachtFile(row.file) as YachtFile }));
}

/** Adds a revision of a yacht's file: her differences from her class, and the whole resolved document. */
export async function addRevisionRow(
  db: Queryable,
  revision: {
    yachtId: string;
    revision: number;
    classId: string;
    patch: unknown;
    document: YachtFile;
    hash: string;
    at: string;
    by: string;
    why: string;
    accepted: unknown;
  },
): Promise<void> {
  await db.query(
    `insert into yacht_revision (yacht_id, base_id, revision, class_id, patch, document, document_hash, published_at, published_by, why, accepted)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      revision.yachtId,
      revision.revision,
      revision.classId,
      JSON.stringify(revision.patch),
      JSON.stringify(revision.document),
      revision.hash,
      revision.at,
      revision.by,
      revision.why,
      JSON.stringify(revision.accepted),
    ],
  );
}

/** Adds a revision of a class; returns nothing, as its id is made by who publishes. */
export async function addClassRow(
  db: Queryable,
  revision: {
    id: string;
    slug: string;
    revision: number;
    document: YachtFile;
    at: string;
    by: string;
    why: string;
    accepted: unknown;
  },
): Promise<void> {
  await db.query(
    "insert into yacht_class (id, base_id, slug, revision, document, published_at, published_by, why, accepted) values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8)",
    [
      revision.id,
      revision.slug,
      revision.revision,
      JSON.stringify(revision.document),
      revision.at,
      revision.by,
      revision.why,
      JSON.stringify(revision.accepted),
    ],
  );
}
