import "server-only";
import { v7 as uuid } from "uuid";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import type { Manifest, Signature, SignatureContent, SignatureContents, SignerSide } from "@/core/handover/seal";
import type { Queryable } from "./pool";

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
export async function effectiveSeal(db: Queryable, handoverId: string): Promise<SealRow | null> {
  const { rows } = await db.query<SealRow>(
    `select id, manifest, digest, signatures, seal, sealed_at as "sealedAt", received_at as "receivedAt" from seal s where handover_id = $1
     order by (select max(c.number) from seal_choice c where c.seal_id = s.id) desc nulls last, number limit 1`,
    [handoverId],
  );
  return rows[0] ?? null;
}

/** Every seal of a handover, in the order they were received. */
export async function sealsOf(
  db: Queryable,
  handoverId: string,
): Promise<{ id: string; seal: string; number: number }[]> {
  const { rows } = await db.query<{ id: string; seal: string; number: number }>(
    "select id, seal, number from seal where handover_id = $1 order by number",
    [handoverId],
  );
  return rows;
}

/** Adds a seal with what its signers put on the glass; returns its id. */
export async function addSeal(
  db: Queryable,
  handoverId: string,
  seal: Omit<SealRow, "id"> & {
    device: string;
    number: number;
    contents: Partial<SignatureContents>;
    signers: readonly SignerSide[];
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    `insert into seal (id, base_id, handover_id, manifest, digest, signatures, seal, device, sealed_at, received_at, number)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      id,
      handoverId,
      JSON.stringify(seal.manifest),
      seal.digest,
      JSON.stringify(seal.signatures),
      seal.seal,
      seal.device,
      seal.sealedAt,
      seal.receivedAt,
      seal.number,
    ],
  );
  for (const side of seal.signers) {
    await db.query(
      "insert into signature_content (seal_id, base_id, side, content) values ($1, current_base(), $2, $3)",
      [id, side, JSON.stringify(seal.contents[side])],
    );
  }
  return id;
}

/** What the signers of a seal put on the glass. */
export async function signatureContents(db: Queryable, sealId: string): Promise<Partial<SignatureContents>> {
  const { rows } = await db.query<{ side: SignerSide; content: SignatureContent }>(
    "select side, content from signature_content where seal_id = $1",
    [sealId],
  );
  return Object.fromEntries(rows.map((row) => [row.side, row.content]));
}

/** Settles on one of a handover's seals; the last choice counts. */
export async function addSealChoice(
  db: Queryable,
  handoverId: string,
  sealId: string,
  why: string,
  personId: string,
  at: string,
): Promise<void> {
  await db.query(
    "insert into seal_choice (id, base_id, handover_id, seal_id, why, chosen_by, chosen_at, number) values ($1, current_base(), $2, $3, $4, $5, $6, (select count(*) + 1 from seal_choice where handover_id = $2))",
    [uuid(), handoverId, sealId, why, personId, at],
  );
}

/** A link of a yacht's chain of seals. */
export interface ChainLinkRow {
  number: number;
  previous: string | null;
  hash: string;
  receivedAt: string;
  signature: string;
}

/** The last link of a yacht's chain, or null before the first. */
export async function lastLink(db: Queryable, yachtId: string): Promise<{ number: number; hash: string } | null> {
  const { rows } = await db.query<{ number: number; hash: string }>(
    "select number, hash from chain_link where yacht_id = $1 order by number desc limit 1",
    [yachtId],
  );
  return rows[0] ?? null;
}

/** A base with the last link it has signed; null where it has signed none. */
export interface BaseLink {
  id: string;
  name: string;
  hash: string | null;
  signature: string | null;
}

/** Every base with its last link, asked as the owner, who sees all of them. */
export async function lastLinks(owner: Queryable): Promise<BaseLink[]> {
  const { rows } = await owner.query<BaseLink>(
    `select b.id, b.name, l.hash, l.signature from base b left join lateral
       (select hash, signature from chain_link c where c.base_id = b.id order by received_at desc, number desc limit 1) l on true`,
  );
  return rows;
}

/** Adds a link to a yacht's chain. */
export async function addLink(db: Queryable, yachtId: string, sealId: string, link: ChainLinkRow): Promise<void> {
  await db.query(
    "insert into chain_link (yacht_id, base_id, number, seal_id, previous, hash, received_at, signature) values ($1, current_base(), $2, $3, $4, $5, $6, $7)",
    [yachtId, link.number, sealId, link.previous, link.hash, link.receivedAt, link.signature],
  );
}

/** The link that a seal of a handover got when it arrived. */
export async function linkOfSeal(
  db: Queryable,
  handoverId: string,
  seal: string,
): Promise<(ChainLinkRow & { baseId: string }) | null> {
  const { rows } = await db.query<ChainLinkRow & { baseId: string }>(
    `select c.number, c.previous, c.hash, c.received_at as "receivedAt", c.signature, c.base_id as "baseId" from chain_link c join seal s on s.id = c.seal_id where s.handover_id = $1 and s.seal = $2`,
    [handoverId, seal],
  );
  return rows[0] ?? null;
}

/** The last handover of each yacht that both signed, with when. */
export async function lastSealedHandovers(
  db: Queryable,
  yachtIds: readonly string[],
): Promise<{ yachtId: string; id: string; sealedAt: string }[]> {
  const { rows } = await db.query<{ yachtId: string; id: string; sealedAt: string }>(
    `select distinct on (h.yacht_id) h.yacht_id as "yachtId", h.id, s.sealed_at as "sealedAt"
     from handover h join seal s on s.handover_id = h.id and s.number = 1
     where h.yacht_id = any($1) order by h.yacht_id, s.sealed_at desc`,
    [yachtIds],
  );
  return rows;
}

/** The counts of handovers that their standing seals name, with the lists they belong to. */
export async function sealedCounts(
  db: Queryable,
  handoverIds: readonly string[],
): Promise<ReadonlyMap<string, { list: HandoverList; entries: Entry[] }>> {
  const { rows } = await db.query<{ id: string; list: HandoverList; entries: Entry[] }>(
    `select h.id, h.list, coalesce((select json_agg(e.content order by e.number) from entry e
         where e.handover_id = h.id and e.content->>'aspect' = 'count'
           and s.manifest->'entries' @> jsonb_build_array(jsonb_build_object('id', e.id))), '[]') as entries
     from handover h
     join lateral (select manifest::jsonb as manifest from seal where handover_id = h.id
       order by (select max(c.number) from seal_choice c where c.seal_id = seal.id) desc nulls last, number limit 1) s on true
     where h.id = any($1)`,
    [handoverIds],
  );
  return new Map(rows.map(({ id, list, entries }) => [id, { list, entries }]));
}
