import "server-only";
import type { FeedView, ForeignFeedView } from "@/api/schemas/feeds";
import type { Instant } from "@/core/basics/instant";
import type { Elsewhere } from "@/core/feeds/elsewhere";
import type { FedCharter, FedClosing, FeedKind } from "@/core/feeds/outgoing";
import { pool, type Queryable } from "./pool";

/** A feed as its secret address opens it. */
export interface OpenedFeed {
  id: string;
  baseId: string;
  kind: FeedKind;
  yachtId: string | null;
  withNames: boolean;
}

/** The feed that a secret opens, while it stands; notes that it was read. */
export async function feedBySecret(secretHash: string, at: Instant): Promise<OpenedFeed | null> {
  const { rows } = await pool().query<OpenedFeed>(
    `select id, base_id as "baseId", kind, yacht_id as "yachtId", with_names as "withNames" from feed_by_secret($1, $2)`,
    [secretHash, at],
  );
  return rows[0] ?? null;
}

/** The charters that a feed tells of from an instant on, those too that were moved off its yacht. */
export async function fedCharters(db: Queryable, yachtId: string | null, from: Instant): Promise<FedCharter[]> {
  const { rows } = await db.query<FedCharter>(
    `select case s.part when 1 then c.id else s.id end as id, stay_reference(c.reference, s.part) as reference, y.name as yacht, k.name as skipper, s.starts_at as "startsAt", s.ends_at as "endsAt",
       s.called_off is not null as "isCalledOff", coalesce(x.number, 0) as changes, coalesce(x.at, s.starts_at - interval '1 year') as "changedAt",
       $1::uuid is not null and s.yacht_id <> $1 as "hasLeft"
     from stay s join charter c on c.id = s.charter_id join person k on k.id = c.skipper_id join yacht y on y.id = coalesce($1, s.yacht_id)
     left join lateral (select v.number, v.at from charter_change v where v.charter_id = c.id order by v.number desc limit 1) x on true
     where s.ends_at > $2 and ($1::uuid is null or s.yacht_id = $1
       or s.part = 1 and exists (select 1 from charter_change v where v.charter_id = c.id and v.was ->> 'yacht' = y.name))
     order by s.starts_at, c.id`,
    [yachtId, from],
  );
  return rows;
}

/** The closed days that a feed tells of from an instant on, those too that were opened again. */
export async function fedClosings(db: Queryable, yachtId: string | null, from: Instant): Promise<FedClosing[]> {
  const { rows } = await db.query<FedClosing>(
    `select c.id, y.name as yacht, c.kind, c.starts_at as "startsAt", c.ends_at as "endsAt", c.at, c.taken_off_at as "takenOffAt"
     from yacht_closing c join yacht y on y.id = c.yacht_id
     where c.ends_at > $2 and ($1::uuid is null or c.yacht_id = $1) order by c.starts_at, c.id`,
    [yachtId, from],
  );
  return rows;
}

/** Adds a feed. */
export async function addFeed(
  db: Queryable,
  feed: {
    id: string;
    kind: FeedKind;
    yachtId: string | null;
    secretHash: string;
    withNames: boolean;
    by: string;
    at: Instant;
  },
): Promise<void> {
  await db.query(
    `insert into calendar_feed (id, base_id, kind, yacht_id, secret_hash, with_names, by_person, at)
     values ($1, current_base(), $2, $3, $4, $5, $6, $7)`,
    [feed.id, feed.kind, feed.yachtId, feed.secretHash, feed.withNames, feed.by, feed.at],
  );
}

/** The feeds that stand, newest first. */
export async function standingFeeds(db: Queryable): Promise<FeedView[]> {
  const { rows } = await db.query<FeedView>(
    `select f.id, f.kind, y.name as yacht, f.with_names as "withNames", p.name as by, f.at, f.read_at as "readAt"
     from calendar_feed f left join yacht y on y.id = f.yacht_id join person p on p.base_id = f.base_id and p.id = f.by_person
     where f.ended_at is null order by f.at desc, f.id`,
  );
  return rows;
}

/** Ends a feed. Returns false where there is none of this id that stands. */
export async function endFeed(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rowCount } = await db.query("update calendar_feed set ended_at = $2 where id = $1 and ended_at is null", [
    id,
    at,
  ]);
  return rowCount === 1;
}

/** Adds a subscription. */
export async function addForeignFeed(
  db: Queryable,
  feed: { id: string; yachtId: string; name: string; address: string; by: string; at: Instant },
): Promise<void> {
  await db.query(
    `insert into foreign_feed (id, base_id, yacht_id, name, address, by_person, at)
     values ($1, current_base(), $2, $3, $4, $5, $6)`,
    [feed.id, feed.yachtId, feed.name, feed.address, feed.by, feed.at],
  );
}

/** The subscriptions that stand, by yacht; of an address its host alone. */
export async function standingForeignFeeds(db: Queryable, at: Instant): Promise<ForeignFeedView[]> {
  const { rows } = await db.query<ForeignFeedView>(
    `select f.id, f.name, split_part(split_part(split_part(f.address, '://', 2), '/', 1), '@', -1) as host, y.name as yacht, p.name as by,
       f.read_at as "readAt", f.fault, (select count(*)::int from promised_elsewhere e where e.feed_id = f.id and e.ends_at > $1) as promised
     from foreign_feed f join yacht y on y.id = f.yacht_id join person p on p.base_id = f.base_id and p.id = f.by_person
     where f.ended_at is null order by y.name, f.name, f.id`,
    [at],
  );
  return rows;
}

/** Ends a subscription, and takes off what it told. Returns false where there is none of this id that stands. */
export async function endForeignFeed(db: Queryable, id: string, at: Instant): Promise<boolean> {
  const { rowCount } = await db.query("update foreign_feed set ended_at = $2 where id = $1 and ended_at is null", [
    id,
    at,
  ]);
  await db.query("delete from promised_elsewhere where feed_id = $1", [id]);
  return rowCount === 1;
}

/** A subscription that is to be read now. */
export interface FeedToRead {
  id: string;
  address: string;
}

/**
 * Takes a subscription to be read, so that of several processes one reads it; null where another just did.
 *
 * @param before asked last before this instant; null takes it in any case
 */
export async function takeToRead(
  db: Queryable,
  id: string,
  at: Instant,
  before: Instant | null,
): Promise<FeedToRead | null> {
  const { rows } = await db.query<FeedToRead>(
    `update foreign_feed set asked_at = $2 where id = $1 and ended_at is null and ($3::timestamptz is null or asked_at is null or asked_at < $3)
     returning id, address`,
    [id, at, before],
  );
  return rows[0] ?? null;
}

/** The subscriptions that were last asked before an instant. */
export async function feedsAskedBefore(db: Queryable, before: Instant): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(
    "select id from foreign_feed where ended_at is null and (asked_at is null or asked_at < $1) order by id",
    [before],
  );
  return rows.map(({ id }) => id);
}

/** Writes down what a subscription tells, in place of what it told before; nothing for one that was ended meanwhile. */
export async function writeElsewhere(
  db: Queryable,
  feedId: string,
  at: Instant,
  events: readonly { uid: string; startsAt: Instant; endsAt: Instant; words: string }[],
): Promise<void> {
  const { rowCount } = await db.query(
    "update foreign_feed set read_at = $2, fault = null where id = $1 and ended_at is null",
    [feedId, at],
  );
  if (rowCount !== 1) return;
  await db.query("delete from promised_elsewhere where feed_id = $1", [feedId]);
  await db.query(
    `insert into promised_elsewhere (base_id, feed_id, number, uid, starts_at, ends_at, words)
     select current_base(), $1, e.number, e.uid, e."startsAt", e."endsAt", e.words
     from jsonb_to_recordset($2) as e (number int, uid text, "startsAt" timestamptz, "endsAt" timestamptz, words text)`,
    [feedId, JSON.stringify(events.map((event, number) => ({ ...event, number })))],
  );
}

/** Writes down what kept a subscription from being read; what it told before stands. */
export async function noteFeedFault(db: Queryable, feedId: string, fault: string): Promise<void> {
  await db.query("update foreign_feed set fault = $2 where id = $1", [feedId, fault]);
}

/** What is promised elsewhere between two instants. */
export async function elsewhereBetween(db: Queryable, from: Instant, to: Instant): Promise<Elsewhere[]> {
  const { rows } = await db.query<Elsewhere>(
    `select e.feed_id || ' ' || e.number as id, y.slug as yacht, e.starts_at as "startsAt", e.ends_at as "endsAt", e.words, f.name as feed
     from promised_elsewhere e join foreign_feed f on f.id = e.feed_id join yacht y on y.id = f.yacht_id
     where tstzrange(e.starts_at, e.ends_at) && tstzrange($1, $2) order by e.starts_at, e.feed_id, e.number`,
    [from, to],
  );
  return rows;
}
