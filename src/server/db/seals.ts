import "server-only";
import { v7 as uuid } from "uuid";
import type { Entry } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import type { Gate } from "@/core/handover/gate";
import type { StandingProblem } from "@/core/handover/standing";
import type { Manifest, Signature, SignatureContent, SignatureContents, SignerSide } from "@/core/handover/seal";
import type { Queryable } from "./pool";

export interface SealRow {
  id: string;
  manifest: Manifest;
  digest: string;
  signatures: Signature[];
  seal: string;
  device: string;
  sealedAt: string;
  receivedAt: string;
}

/** Whether she may leave, as the base reckoned when the record arrived, and in words what stood against it. */
export interface Clearance {
  state: Gate["state"];
  against: string[];
}

/** Lines of a record's words that only the signed ones have, and that only those of its own entries have. */
export interface DifferingWords {
  signed: string[];
  own: string[];
}

/** A record that arrived, with what was found and what a person settled. */
export interface ExaminedSeal extends SealRow {
  number: number;
  grantId: string | null;
  problems: StandingProblem[];
  clearance: Clearance | null;
  /** what a person said of it last: whether it stands; null while nobody has */
  settled: boolean | null;
}

const sealColumns = `id, manifest, digest, signatures, seal, device, sealed_at as "sealedAt", received_at as "receivedAt"`;

/** The seal that stands: the one a manager settled on, else the first to arrive that nothing speaks against. */
export async function effectiveSeal(db: Queryable, handoverId: string): Promise<SealRow | null> {
  const { rows } = await db.query<SealRow>(`select ${sealColumns} from standing_seal where handover_id = $1`, [
    handoverId,
  ]);
  return rows[0] ?? null;
}

/** Every seal of a handover, in the order they were received. */
export async function sealsOf(db: Queryable, handoverId: string): Promise<ExaminedSeal[]> {
  const { rows } = await db.query<ExaminedSeal>(
    `select ${sealColumns}, number, grant_id as "grantId", problems, clearance, settled from examined_seal where handover_id = $1 order by number`,
    [handoverId],
  );
  return rows;
}

/** Keeps what an examination of a record found; the last one counts. */
export async function addExamination(
  db: Queryable,
  sealId: string,
  found: {
    problems: readonly StandingProblem[];
    clearance: Clearance | null;
    differ: DifferingWords | null;
    at: string;
  },
): Promise<void> {
  await db.query(
    `insert into seal_examination (seal_id, base_id, number, problems, clearance, differ, at)
     select $1, current_base(), coalesce(max(number), 0) + 1, $2, $3, $4, $5 from seal_examination where seal_id = $1`,
    [
      sealId,
      JSON.stringify(found.problems),
      found.clearance && JSON.stringify(found.clearance),
      found.differ && JSON.stringify(found.differ),
      found.at,
    ],
  );
}

/** Adds a seal with what its signers put on the glass; returns its id. */
export async function addSeal(
  db: Queryable,
  handoverId: string,
  seal: Omit<SealRow, "id"> & {
    number: number;
    grantId: string | null;
    contents: Partial<SignatureContents>;
  },
): Promise<string> {
  const id = uuid();
  await db.query(
    `insert into seal (id, base_id, handover_id, manifest, digest, signatures, seal, device, sealed_at, received_at, number, grant_id)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)`,
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
      seal.grantId,
    ],
  );
  for (const side of Object.keys(seal.contents)) {
    await db.query(
      "insert into signature_content (seal_id, base_id, side, content) values ($1, current_base(), $2, $3)",
      [id, side, JSON.stringify(seal.contents[side as SignerSide])],
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

/** Settles whether one of a handover's seals stands; the last choice counts. */
export async function addSealChoice(
  db: Queryable,
  handoverId: string,
  choice: { sealId: string; stands: boolean; why: string; personId: string; at: string },
): Promise<void> {
  await db.query(
    "insert into seal_choice (id, base_id, handover_id, seal_id, why, chosen_by, chosen_at, stands, number) values ($1, current_base(), $2, $3, $4, $5, $6, $7, (select count(*) + 1 from seal_choice where handover_id = $2))",
    [uuid(), handoverId, choice.sealId, choice.why, choice.personId, choice.at, choice.stands],
  );
}

/** A link of a yacht's chain of seals. */
export interface ChainLinkRow {
  number: number;
  previous: string | null;
  hash: string;
  receivedAt: string;
  signature: string;
  /** which of the base's keys made the signature */
  keyNumber: number;
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
  keyNumber: number | null;
}

/** Every base with its last link, asked as the owner, who sees all of them. */
export async function lastLinks(owner: Queryable): Promise<BaseLink[]> {
  const { rows } = await owner.query<BaseLink>(
    `select b.id, b.name, l.hash, l.signature, l.key_number as "keyNumber" from base b left join lateral
       (select hash, signature, key_number from chain_link c where c.base_id = b.id order by received_at desc, number desc limit 1) l on true`,
  );
  return rows;
}

/** Adds a link to a yacht's chain. */
export async function addLink(db: Queryable, yachtId: string, sealId: string, link: ChainLinkRow): Promise<void> {
  await db.query(
    "insert into chain_link (yacht_id, base_id, number, seal_id, previous, hash, received_at, signature, key_number) values ($1, current_base(), $2, $3, $4, $5, $6, $7, $8)",
    [yachtId, link.number, sealId, link.previous, link.hash, link.receivedAt, link.signature, link.keyNumber],
  );
}

/** The link that a seal of a handover got when it arrived. */
export async function linkOfSeal(
  db: Queryable,
  handoverId: string,
  seal: string,
): Promise<(ChainLinkRow & { baseId: string }) | null> {
  const { rows } = await db.query<ChainLinkRow & { baseId: string }>(
    `select c.number, c.previous, c.hash, c.received_at as "receivedAt", c.signature, c.key_number as "keyNumber", c.base_id as "baseId" from chain_link c join seal s on s.id = c.seal_id where s.handover_id = $1 and s.seal = $2`,
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
     from handover h join standing_seal s on s.handover_id = h.id
     where h.yacht_id = any($1) order by h.yacht_id, s.received_at desc, h.opened_at desc`,
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
     join standing_seal s on s.handover_id = h.id
     where h.id = any($1)`,
    [handoverIds],
  );
  return new Map(rows.map(({ id, list, entries }) => [id, { list, entries }]));
}
