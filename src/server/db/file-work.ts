import "server-only";
import type { FileWork } from "@/api/schemas/desk";
import type { Queryable } from "./pool";

/** What waits in the yachts' files, by the yacht's short name; yachts where nothing does are left out. */
export async function fileWork(db: Queryable): Promise<Record<string, FileWork>> {
  const { rows } = await db.query<FileWork & { slug: string }>(
    `select y.slug,
       (select count(*)::int from yacht_note n where n.yacht_id = y.id and not exists (select 1 from note_answer a where a.note_id = n.id) and n.content->>'kind' <> 'as-in-file') as proposed,
       (select count(*)::int from file_draft d join draft_edit e on e.draft_id = d.id where d.yacht_id = y.id and not exists (select 1 from draft_end x where x.draft_id = d.id)) as unpublished
     from yacht y`,
  );
  return Object.fromEntries(
    rows.flatMap(({ slug, ...work }) => (work.proposed + work.unpublished > 0 ? [[slug, work]] : [])),
  );
}
