import "server-only";
import type { HealthFinding, HealthLook } from "@/core/health/finding";
import type { ChainLink } from "@/core/health/chain";
import { pool, type Queryable } from "./pool";

/** Every base, asked before one is chosen. */
export async function everyBase(): Promise<{ id: string; timeZone: string }[]> {
  const { rows } = await pool().query<{ id: string; timeZone: string }>(
    'select id, time_zone as "timeZone" from every_base()',
  );
  return rows;
}

/** The last look over the base; null before the first. */
export async function lastLook(db: Queryable): Promise<HealthLook | null> {
  const { rows } = await db.query<HealthLook>("select at, findings from night_look order by number desc limit 1");
  return rows[0] ?? null;
}

/** When the base was first looked over: in its first night; null before. */
export async function firstLook(db: Queryable): Promise<string | null> {
  const { rows } = await db.query<{ at: string }>("select at from night_look order by number limit 1");
  return rows[0]?.at ?? null;
}

/** Keeps what a look over the base found. */
export async function addLook(db: Queryable, at: string, findings: readonly HealthFinding[]): Promise<void> {
  await db.query(
    "insert into night_look (base_id, number, at, findings) values (current_base(), (select coalesce(max(number), 0) + 1 from night_look), $1, $2) on conflict do nothing",
    [at, JSON.stringify(findings)],
  );
}

/** Whether this transaction alone looks over the base now; another process may be at it. */
export async function mayLook(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ mine: boolean }>(
    "select pg_try_advisory_xact_lock(hashtext('night ' || current_base()::text)) as mine",
  );
  return rows[0]?.mine === true;
}

/** A link with the yacht it is of, the handover it sealed and the base's signature over it. */
export interface WalkedLink extends ChainLink {
  yachtId: string;
  yacht: string;
  handover: string;
  kind: string;
  signature: string;
  keyNumber: number;
}

/** Every link of every yacht's chain, by yacht and number. */
export async function everyLink(db: Queryable): Promise<WalkedLink[]> {
  const { rows } = await db.query<WalkedLink>(
    `select y.id as "yachtId", y.name as yacht, c.number, c.previous, c.hash, s.seal, c.received_at as "receivedAt", c.signature, c.key_number as "keyNumber",
       h.id as handover, h.kind
     from chain_link c join seal s on s.id = c.seal_id join handover h on h.id = s.handover_id join yacht y on y.id = c.yacht_id
     order by y.name, c.yacht_id, c.number`,
  );
  return rows;
}
