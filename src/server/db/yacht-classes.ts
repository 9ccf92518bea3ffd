import "server-only";
import type { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import type { Queryable } from "./pool";

/** A class of yachts with its newest document. */
export interface ClassRow {
  id: string;
  slug: string;
  revision: number;
  file: YachtFile;
  publishedAt: string | null;
  by: string | null;
  why: string;
}

/** A yacht of a class: her newest revision, which revision of the class it was made from, and how she differs from that. */
export interface SisterRow {
  id: string;
  slug: string;
  name: string;
  revision: number;
  classRevision: number;
  patch: Record<string, unknown>;
  file: YachtFile;
  /** reasons given for warnings of the standing revision, by the path they are about */
  reasons: Record<string, string>;
}

const newest = `select distinct on (c.slug) c.id, c.slug, c.revision, c.document as file, c.published_at as "publishedAt", p.name as by, c.why
  from yacht_class c left join person p on p.id = c.published_by and p.erased_at is null`;
const ofToday = <Row extends { file: YachtFile }>(row: Row): Row => ({
  ...row,
  file: upgradeYachtFile(row.file) as YachtFile,
});

/** Every class with its newest document, by name. */
export async function listClasses(db: Queryable): Promise<ClassRow[]> {
  return (await db.query<ClassRow>(`${newest} order by c.slug, c.revision desc`)).rows.map(ofToday);
}

/** A class with its newest document. */
export async function findClass(db: Queryable, slug: string): Promise<ClassRow | null> {
  const row = (await db.query<ClassRow>(`${newest} where c.slug = $1 order by c.slug, c.revision desc`, [slug]))
    .rows[0];
  return row ? ofToday(row) : null;
}

/** The yachts of a class, by name. */
export async function sistersOf(db: Queryable, classSlug: string): Promise<SisterRow[]> {
  const { rows } = await db.query<Omit<SisterRow, "reasons"> & { accepted: { path: string; reason: string }[] }>(
    `select y.id, y.slug, y.name, r.revision, c.revision as "classRevision", r.patch, r.document as file, r.accepted
     from yacht y join lateral (select * from yacht_revision v where v.yacht_id = y.id order by v.revision desc limit 1) r on true join yacht_class c on c.id = r.class_id
     where c.slug = $1 order by y.name`,
    [classSlug],
  );
  return rows.map(({ accepted, ...row }) => ({
    ...ofToday(row),
    reasons: Object.fromEntries(accepted.map(({ path, reason }) => [path, reason])),
  }));
}

/** The class of which a yacht's newest revision is one, with its newest document. */
export async function classOfYacht(db: Queryable, yachtId: string): Promise<ClassRow | null> {
  const { rows } = await db.query<{ slug: string }>(
    "select c.slug from yacht_revision r join yacht_class c on c.id = r.class_id where r.yacht_id = $1 order by r.revision desc limit 1",
    [yachtId],
  );
  return rows[0] ? findClass(db, rows[0].slug) : null;
}

/** The document of one row of a class, in the form of today, with the row's revision. */
export async function classAt(
  db: Queryable,
  id: string,
): Promise<{ id: string; revision: number; file: YachtFile } | null> {
  const { rows } = await db.query<{ id: string; revision: number; file: YachtFile }>(
    "select id, revision, document as file from yacht_class where id = $1",
    [id],
  );
  return rows[0] ? { ...rows[0], file: upgradeYachtFile(rows[0].file) as YachtFile } : null;
}

/** The row of her class on which a revision of a yacht stands. */
export async function classUnder(db: Queryable, yachtId: string, revision: number): Promise<string | null> {
  const { rows } = await db.query<{ id: string }>(
    "select class_id as id from yacht_revision where yacht_id = $1 and revision = $2",
    [yachtId, revision],
  );
  return rows[0]?.id ?? null;
}

/** The class of which a yacht is one, by the first revision she had. */
export async function classSlugOf(db: Queryable, yachtSlug: string): Promise<string | null> {
  const { rows } = await db.query<{ slug: string }>(
    `select c.slug from yacht y join yacht_revision r on r.yacht_id = y.id join yacht_class c on c.id = r.class_id where y.slug = $1 and r.revision = 1`,
    [yachtSlug],
  );
  return rows[0]?.slug ?? null;
}
