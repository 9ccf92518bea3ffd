import "server-only";
import { fileChanges } from "@/core/yacht/changes";
import type { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import type { RevisionView } from "@/formats/desk";
import type { Queryable } from "../db/pool";

/** The revisions of a yacht's file, newest first, each with what it changed, by whom and why. */
export async function revisionsOf(db: Queryable, yachtId: string): Promise<RevisionView[]> {
  const { rows } = await db.query<{
    revision: number;
    publishedAt: string;
    by: string | null;
    why: string;
    file: YachtFile;
    accepted: RevisionView["accepted"];
  }>(
    `select r.revision, r.published_at as "publishedAt", p.name as by, r.why, r.document as file, r.accepted
     from yacht_revision r left join person p on p.id = r.published_by and p.erased_at is null where r.yacht_id = $1 order by r.revision`,
    [yachtId],
  );
  return rows
    .map(({ file, ...row }, i): RevisionView => {
      const before = rows[i - 1];
      return {
        ...row,
        changes: before
          ? fileChanges(upgradeYachtFile(before.file) as YachtFile, upgradeYachtFile(file) as YachtFile)
          : [],
      };
    })
    .reverse();
}
