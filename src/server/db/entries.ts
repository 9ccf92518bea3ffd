import "server-only";
import type { Entry } from "@/core/handover/entry";
import { pool, type Queryable } from "./pool";

/** An entry as the feed takes it. */
export interface EntryItem {
  id: string;
  subject: string;
  aspect: string;
  content: Entry;
  hash: string;
  /** how many entries there may be on the handover when this one comes */
  most: number;
}

/** What became of entries, in their order, and whether a signed record waited for entries and is to be looked at again. */
export interface Appended {
  answers: string[];
  awaited: boolean;
}

interface Waiting {
  items: readonly EntryItem[];
  receivedAt: string;
  answered: (appended: Appended) => void;
  failed: (error: unknown) => void;
}

/** Posts on each handover that wait while one is being written; a handover that nobody writes on is not in it. */
const waiting = new Map<string, Waiting[]>();

/**
 * Gives entries the next numbers of a handover's feed, under a lock on its row; one round trip. Posts that arrive while
 * another is being written on the same handover are written together in the next round trip, instead of each waiting for
 * the lock in turn. Answers in the same order.
 */
export function appendEntries(
  baseId: string,
  handoverId: string,
  items: readonly EntryItem[],
  receivedAt: string,
): Promise<Appended> {
  return new Promise((answered, failed) => {
    const post = { items, receivedAt, answered, failed };
    const key = `${baseId} ${handoverId}`;
    const others = waiting.get(key);
    if (others) others.push(post);
    else {
      waiting.set(key, []);
      void writeInTurn(baseId, handoverId, post);
    }
  });
}

async function writeInTurn(baseId: string, handoverId: string, first: Waiting): Promise<void> {
  const key = `${baseId} ${handoverId}`;
  for (let posts = [first]; posts.length > 0; posts = nextOf(key)) {
    try {
      const items = posts.flatMap((post) => post.items);
      share(posts, await write(baseId, handoverId, items, posts.at(-1)?.receivedAt ?? first.receivedAt));
    } catch (error) {
      if (posts.length === 1) posts[0]?.failed(error);
      // one bad post must not take the others with it
      else
        for (const post of posts)
          await write(baseId, handoverId, post.items, post.receivedAt).then(post.answered, post.failed);
    }
  }
}

/** The posts that came meanwhile; where there are none, the next one to come writes by itself. */
function nextOf(key: string): Waiting[] {
  const posts = waiting.get(key) ?? [];
  if (posts.length === 0) waiting.delete(key);
  else waiting.set(key, []);
  return posts;
}

function share(posts: readonly Waiting[], { answers, awaited }: Appended): void {
  let from = 0;
  for (const { items, answered } of posts) answered({ answers: answers.slice(from, (from += items.length)), awaited });
}

async function write(
  baseId: string,
  handoverId: string,
  items: readonly EntryItem[],
  receivedAt: string,
): Promise<Appended> {
  const { rows } = await pool().query<{ appended: Appended }>("select append_entries($1, $2, $3, $4) as appended", [
    baseId,
    handoverId,
    JSON.stringify(items),
    receivedAt,
  ]);
  return rows[0]?.appended ?? { answers: [], awaited: false };
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

/** Takes in what a record names and what had come only beside another one: late entries of a handover get numbers of the feed. */
export async function takeInLate(db: Queryable, handoverId: string, ids: readonly string[]): Promise<void> {
  await db.query(
    `with taken as (
       insert into entry (id, base_id, handover_id, number, subject, aspect, content, content_hash, received_at)
       select a.id, a.base_id, a.handover_id, h.last_number + row_number() over (order by a.received_at, a.id), a.content ->> 'subject', a.content ->> 'aspect', a.content, a.content_hash, a.received_at
       from addendum a join handover h on h.id = a.handover_id
       where a.handover_id = $1 and a.kind = 'late-entry' and a.id = any($2)
         and not exists (select 1 from entry e where e.id = a.id)
       returning number)
     update handover set last_number = (select max(number) from taken) where id = $1 and exists (select 1 from taken)`,
    [handoverId, ids],
  );
}
