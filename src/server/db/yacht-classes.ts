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
