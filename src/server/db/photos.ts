import "server-only";
import { now } from "../clock";
import type { Queryable } from "./pool";

/** A photo as it is kept. */
export interface PhotoRow {
  hash: string;
  mediaType: string;
  width: number;
  height: number;
  thumbnail: Buffer;
}

/** Keeps a checked photo under its hash; the same bytes again have no effect. */
export async function addPhoto(
  db: Queryable,
  handoverId: string | null,
  photo: PhotoRow,
  bytes: Uint8Array,
): Promise<void> {
  await db.query(
    `insert into photo (hash, base_id, handover_id, media_type, width, height, bytes, thumbnail, received_at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8) on conflict do nothing`,
    [photo.hash, handoverId, photo.mediaType, photo.width, photo.height, Buffer.from(bytes), photo.thumbnail, now()],
  );
}

/** A photo's bytes, or its thumbnail's. */
export async function photoBytes(
  db: Queryable,
  hash: string,
  thumbnail: boolean,
): Promise<{ bytes: Buffer; mediaType: string } | null> {
  const { rows } = await db.query<{ bytes: Buffer; mediaType: string }>(
    thumbnail
      ? `select thumbnail as bytes, 'image/webp' as "mediaType" from photo where hash = $1`
      : `select bytes, media_type as "mediaType" from photo where hash = $1`,
    [hash],
  );
  return rows[0] ?? null;
}

/** Which of some photos are here. */
export async function photosHere(db: Queryable, hashes: readonly string[]): Promise<Set<string>> {
  const { rows } = await db.query<{ hash: string }>("select hash from photo where hash = any($1)", [[...hashes]]);
  return new Set(rows.map((row) => row.hash));
}

/** Those of some photos whose kept bytes are not the ones they are named by; one that has not come is none. */
export async function otherPhotos(db: Queryable, hashes: readonly string[]): Promise<string[]> {
  const { rows } = await db.query<{ hash: string }>(
    "select hash from photo where hash = any($1) and encode(sha256(bytes), 'hex') <> hash order by hash",
    [[...hashes]],
  );
  return rows.map(({ hash }) => hash);
}

/** Whether a photo stands in a published file of a yacht: what her fittings look like, for everybody who sails her. */
const inFileOf = (yacht: string) => `exists (select 1 from yacht_revision r where r.yacht_id = ${yacht}
  and (r.document @? format('$.fittings.*.photo ? (@ == "%s")', $1::text)::jsonpath
    or r.document @? format('$.fittings.*.photoShut ? (@ == "%s")', $1::text)::jsonpath))`;

/** Whether a photo is evidence in a charter's handovers, taken there or standing on its list from before, or shows its yacht's fittings. */
export async function photoBelongsToCharter(db: Queryable, hash: string, charterId: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `select 1 from handover h join stay s on s.id = h.stay_id where s.charter_id = $2
       and (exists (select 1 from photo p where p.handover_id = h.id and p.hash = $1)
         or h.list @? format('$.lines[*].photos[*] ? (@ == "%s")', $1::text)::jsonpath)
     union all select 1 from stay s where s.charter_id = $2 and ${inFileOf("s.yacht_id")} limit 1`,
    [hash, charterId],
  );
  return (rowCount ?? 0) > 0;
}

/** Whether a photo belongs to a handover: taken there or at its check-in, standing on its list from before, or in its yacht's file. */
export async function photoBelongsToHandover(db: Queryable, hash: string, handoverId: string): Promise<boolean> {
  const { rowCount } = await db.query(
    `select 1 from handover h where h.id = $2
       and (exists (select 1 from photo p where p.handover_id in (h.id, h.check_in_id) and p.hash = $1)
         or exists (select 1 from entry e where e.handover_id = h.id and e.aspect = 'photo:' || $1)
         or h.list @? format('$.lines[*].photos[*] ? (@ == "%s")', $1::text)::jsonpath
         or exists (select 1 from stay s where s.id = h.stay_id and ${inFileOf("s.yacht_id")})) limit 1`,
    [hash, handoverId],
  );
  return (rowCount ?? 0) > 0;
}

/** How many photos a handover has. */
export async function photosOn(db: Queryable, handoverId: string): Promise<number> {
  const { rows } = await db.query<{ n: number }>("select count(*)::int as n from photo where handover_id = $1", [
    handoverId,
  ]);
  return rows[0]?.n ?? 0;
}
