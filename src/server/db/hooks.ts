import "server-only";
import type { HookCallView, HookView } from "@/api/schemas/programs";
import type { Instant } from "@/core/basics/instant";
import type { HookCallState, HookKind } from "@/core/programs/hook-kinds";
import type { Queryable } from "./pool";

/** Adds an address that is told what happens. */
export async function addHook(
  db: Queryable,
  hook: {
    id: string;
    name: string;
    address: string;
    kinds: readonly HookKind[];
    secret: string;
    by: string;
    at: Instant;
  },
): Promise<void> {
  await db.query(
    `insert into hook (id, base_id, name, address, kinds, secret, by_person, at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7)`,
    [hook.id, hook.name, hook.address, hook.kinds, hook.secret, hook.by, hook.at],
  );
}

/** Ends an address. Returns false where there is none of this id that stands. */
export async function endHook(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rowCount } = await db.query("update hook set ended_at = $2 where id = $1 and ended_at is null", [id, at]);
  return rowCount === 1;
}

/** Gives a trial to the queue. Returns false where there is no such address. */
export async function tryHook(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rows } = await db.query<{ done: boolean }>("select try_hook($1, $2) as done", [id, at]);
  return rows[0]?.done ?? false;
}

/** Gives one thing to the queue again. Returns false where there is none, or its address was ended. */
export async function tellAgain(db: Queryable, eventId: string): Promise<boolean> {
  const { rows } = await db.query<{ done: boolean }>("select tell_hook_again($1) as done", [eventId]);
  return rows[0]?.done ?? false;
}

const lastCall = `left join lateral (select c.number, c.state, c.detail, c.at from hook_call c
  where c.base_id = e.base_id and c.event_id = e.id order by c.number desc limit 1) c on true`;

/** The addresses that stand, by name; of each its host alone, and how much it was not told. */
export async function standingHooks(db: Queryable): Promise<HookView[]> {
  const { rows } = await db.query<HookView>(
    `select k.id, k.name, split_part(split_part(split_part(k.address, '://', 2), '/', 1), '@', -1) as host, k.kinds, p.name as by, k.at,
       (select count(*)::int from hook_event e ${lastCall} where e.base_id = k.base_id and e.hook_id = k.id and coalesce(c.state, 'failed') = 'failed') as waiting,
       (select count(*)::int from hook_event e ${lastCall} where e.base_id = k.base_id and e.hook_id = k.id and c.state = 'given-up') as "givenUp"
     from hook k join person p on p.base_id = k.base_id and p.id = k.by_person where k.ended_at is null order by k.name, k.id`,
  );
  return rows;
}

/** What was told last, newest first, each with how it stands. */
export async function lastHookCalls(db: Queryable, limit: number): Promise<HookCallView[]> {
  const { rows } = await db.query<HookCallView>(
    `select e.id, k.name as hook, e.kind, e.body ->> 'charter' as charter, e.at, c.state, coalesce(c.number, 0) as calls, coalesce(c.detail, '') as detail,
       c.at as "calledAt", k.ended_at is not null as "isEnded"
     from hook_event e join hook k on k.base_id = e.base_id and k.id = e.hook_id ${lastCall} order by e.number desc limit $1`,
    [limit],
  );
  return rows;
}

/** One thing that an address is to be told, with how its call is signed. */
export interface HookToTell {
  id: string;
  address: string;
  secret: string;
  isDemo: boolean;
  isEnded: boolean;
  body: object;
  /** as the connection reads instants */
  at: Date | string;
  calls: number;
}

/**
 * What an address is to be told.
 *
 * @param owner a connection as the owner of the tables: the app reads no secret
 */
export async function hookToTell(owner: Queryable, eventId: string): Promise<HookToTell | null> {
  const { rows } = await owner.query<HookToTell>(
    `select e.id, k.address, k.secret, b.is_demo as "isDemo", k.ended_at is not null as "isEnded", e.body, e.at,
       (select count(*)::int from hook_call c where c.base_id = e.base_id and c.event_id = e.id) as calls
     from hook_event e join hook k on k.base_id = e.base_id and k.id = e.hook_id join base b on b.id = e.base_id where e.id = $1`,
    [eventId],
  );
  return rows[0] ?? null;
}

/** Keeps how a call came out. */
export async function addHookCall(
  owner: Queryable,
  eventId: string,
  { state, detail, at }: { state: HookCallState; detail: string; at: Instant },
): Promise<void> {
  await owner.query(
    `insert into hook_call (base_id, event_id, number, state, detail, at)
     select e.base_id, e.id, 1 + (select count(*) from hook_call c where c.base_id = e.base_id and c.event_id = e.id), $2, $3, $4
     from hook_event e where e.id = $1`,
    [eventId, state, detail, at],
  );
}
