import "server-only";
import type { Entry } from "@/core/handover/entry";
import type { HandoverKind, HandoverList } from "@/core/handover/list";
import type { Manifest, Signature } from "@/core/handover/seal";
import type { Queryable } from "./pool";

export interface HandoverRow {
  id: string;
  baseId: string;
  stayId: string;
  kind: HandoverKind;
  checkInId: string | null;
  yachtId: string;
  revision: number;
  list: HandoverList;
  listHash: string;
  openedAt: string;
}

const columns = `id, base_id as "baseId", stay_id as "stayId", kind, check_in_id as "checkInId", yacht_id as "yachtId", yacht_revision as revision, list,
  list_hash as "listHash", opened_at as "openedAt"`;

/** A handover by its id. */
export async function findHandover(db: Queryable, id: string): Promise<HandoverRow | null> {
  return (await db.query<HandoverRow>(`select ${columns} from handover where id = $1`, [id])).rows[0] ?? null;
}

/** The check-in or check-out of a stay. */
export async function handoverOfStay(db: Queryable, stayId: string, kind: HandoverKind): Promise<HandoverRow | null> {
  return (
    (await db.query<HandoverRow>(`select ${columns} from handover where stay_id = $1 and kind = $2`, [stayId, kind]))
      .rows[0] ?? null
  );
}

/** Entries of a handover with their numbers, from after a number on. */
export async function entriesAfter(
  db: Queryable,
  handoverId: string,
  after: number,
  limit = 100_000,
): Promise<{ number: number; entry: Entry; receivedAt: string }[]> {
  const { rows } = await db.query<{ number: number; entry: Entry; receivedAt: string }>(
    `select number, content as entry, received_at as "receivedAt" from entry where handover_id = $1 and number > $2 order by number limit $3`,
    [handoverId, after, limit],
  );
  return rows;
}

export interface SealRow {
  id: string;
  manifest: Manifest;
  digest: string;
  signatures: Signature[];
  seal: string;
  sealedAt: string;
  receivedAt: string;
}

/** The seal that stands: the one a manager settled on, else the first that was received whole. */
export async function standingSeal(db: Queryable, handoverId: string): Promise<SealRow | null> {
  const { rows } = await db.query<SealRow>(
    `select id, manifest, digest, signatures, seal, sealed_at as "sealedAt", received_at as "receivedAt" from seal s where handover_id = $1
     order by (select max(c.number) from seal_choice c where c.seal_id = s.id) desc nulls last, number limit 1`,
    [handoverId],
  );
  return rows[0] ?? null;
}

export interface AddendumRow {
  id: string;
  kind: string;
  content: unknown;
  madeAt: string;
  receivedAt: string;
}

/** What came after the seal, in order of arrival. */
export async function addendaOf(db: Queryable, handoverId: string): Promise<AddendumRow[]> {
  return (
    await db.query<AddendumRow>(
      `select id, kind, content, made_at as "madeAt", received_at as "receivedAt" from addendum where handover_id = $1 order by received_at, id`,
      [handoverId],
    )
  ).rows;
}

/** Names of people by id; those whose names were erased are left out. */
export async function namesOf(db: Queryable, ids: readonly string[]): Promise<Record<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>(
    "select id, name from person where id = any($1) and erased_at is null",
    [[...new Set(ids)]],
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.name]));
}

/** Names of everybody who may record on a handover, by person. */
export async function peopleOn(db: Queryable, handoverId: string): Promise<Record<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>(
    "select distinct p.id, p.name from device_grant g join person p on p.id = g.person_id where g.handover_id = $1 and p.erased_at is null",
    [handoverId],
  );
  return Object.fromEntries(rows.map((row) => [row.id, row.name]));
}
