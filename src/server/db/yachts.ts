import "server-only";
import type { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import type { Queryable } from "./pool";

export interface YachtRow {
  id: string;
  slug: string;
  name: string;
  berth: string;
  code: string;
  revision: number;
  file: YachtFile;
  fileHash: string;
}

const columns = `y.id, y.slug, y.name, y.berth, y.code, r.revision, r.document as file, r.document_hash as "fileHash"`;
export const latest = `join lateral (select * from yacht_revision v where v.yacht_id = y.id order by v.revision desc limit 1) r on true`;

/** A revision published in an earlier form is read in the form of today. */
const ofToday = (row: YachtRow): YachtRow => ({ ...row, file: upgradeYachtFile(row.file) as YachtFile });

/** Every yacht with its newest revision, by name. */
export async function listYachts(db: Queryable): Promise<YachtRow[]> {
  return (await db.query<YachtRow>(`select ${columns} from yacht y ${latest} order by y.name`)).rows.map(ofToday);
}

/** Some yachts with their newest revisions, by id. */
export async function yachtsById(db: Queryable, ids: readonly string[]): Promise<ReadonlyMap<string, YachtRow>> {
  const { rows } = await db.query<YachtRow>(`select ${columns} from yacht y ${latest} where y.id = any($1)`, [ids]);
  return new Map(rows.map((row) => [row.id, ofToday(row)]));
}

/** Yachts that a charter can be for, without their files: a list of forty would be megabytes. */
export async function yachtsToChoose(
  db: Queryable,
): Promise<{ slug: string; name: string; berth: string; maximumAboard: number }[]> {
  const { rows } = await db.query<{ slug: string; name: string; berth: string; maximumAboard: number }>(
    `select y.slug, y.name, y.berth, (r.document #>> '{particulars,maximumAboard}')::int as "maximumAboard" from yacht y ${latest} order by y.name`,
  );
  return rows;
}

/** Yachts that were made and have no published file yet. */
export async function unpublishedYachts(db: Queryable): Promise<{ slug: string; name: string }[]> {
  return (
    await db.query<{ slug: string; name: string }>(
      "select slug, name from yacht y where not exists (select 1 from yacht_revision r where r.yacht_id = y.id) order by name",
    )
  ).rows;
}

/** A yacht with its newest revision, by id or short name. */
export async function findYacht(db: Queryable, key: { id: string } | { slug: string }): Promise<YachtRow | null> {
  const [column, value] = "id" in key ? ["id", key.id] : ["slug", key.slug];
  const row = (await db.query<YachtRow>(`select ${columns} from yacht y ${latest} where y.${column} = $1`, [value]))
    .rows[0];
  return row ? ofToday(row) : null;
}

/** The document of one revision, as it was published. */
export async function yachtFileAt(db: Queryable, yachtId: string, revision: number): Promise<YachtFile | null> {
  const { rows } = await db.query<{ file: YachtFile }>(
    "select document as file from yacht_revision where yacht_id = $1 and revision = $2",
    [yachtId, revision],
  );
  return rows[0] ? (upgradeYachtFile(rows[0].file) as YachtFile) : null;
}

/** A yacht as she is edited: also one that was made from her class and has no revision yet (0). */
export async function editedYachtRow(
  db: Queryable,
  slug: string,
): Promise<{ id: string; name: string; revision: number; classId: string; classSlug: string } | null> {
  const { rows } = await db.query<{ id: string; name: string; revision: number; classId: string; classSlug: string }>(
    `select y.id, y.name, coalesce(r.revision, 0) as revision, coalesce(r.class_id, d.class_id) as "classId", c.slug as "classSlug"
     from yacht y left join lateral (select revision, class_id from yacht_revision v where v.yacht_id = y.id order by v.revision desc limit 1) r on true
     left join lateral (select class_id from file_draft f where f.yacht_id = y.id order by f.begun_at desc, f.id desc limit 1) d on true
     join yacht_class c on c.id = coalesce(r.class_id, d.class_id) where y.slug = $1`,
    [slug],
  );
  return rows[0] ?? null;
}

/** Every yacht's short name and name, those without a file too. */
export async function yachtNames(db: Queryable): Promise<{ slug: string; name: string }[]> {
  return (await db.query<{ slug: string; name: string }>("select slug, name from yacht order by name")).rows;
}

/** Adds a yacht without a file. */
export async function addYacht(
  db: Queryable,
  yacht: { id: string; slug: string; name: string; berth: string; code: string },
): Promise<void> {
  await db.query(
    "insert into yacht (id, base_id, slug, name, berth, code) values ($1, current_base(), $2, $3, $4, $5)",
    [yacht.id, yacht.slug, yacht.name, yacht.berth, yacht.code],
  );
}
