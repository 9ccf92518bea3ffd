import "server-only";
import type { Queryable } from "./pool";

/** What can follow from a record or a prep. */
export type FollowUp = "defects" | "copy";

/** Asks for what follows; asked for again, defects are looked for once more, and a copy that went out is not sent again. */
export async function askFollowUp(db: Queryable, handoverId: string, what: FollowUp, at: string): Promise<void> {
  await db.query(
    `insert into follow_up (base_id, handover_id, what, asked_at) values (current_base(), $1, $2, $3)
     on conflict (handover_id, what) do update set asked_at = $3, done_at = null, problem = null where excluded.what <> 'copy'`,
    [handoverId, what, at],
  );
}

/** What follows from a handover and is not done; another process at it is let go on. */
export async function openFollowUps(db: Queryable, handoverId: string): Promise<FollowUp[]> {
  const { rows } = await db.query<{ what: FollowUp }>(
    "select what from follow_up where handover_id = $1 and done_at is null order by what for update skip locked",
    [handoverId],
  );
  return rows.map(({ what }) => what);
}

/** Notes what became of it: done, or why not. */
export async function noteFollowUp(
  db: Queryable,
  handoverId: string,
  what: FollowUp,
  outcome: { doneAt: string | null; problem: string | null },
): Promise<void> {
  await db.query("update follow_up set done_at = $3, problem = $4 where handover_id = $1 and what = $2", [
    handoverId,
    what,
    outcome.doneAt,
    outcome.problem,
  ]);
}

/** Everything of the base that is still to be done, with why it was not. */
export async function everyOpenFollowUp(
  db: Queryable,
): Promise<{ handover: string; yacht: string; kind: string; what: FollowUp; problem: string | null }[]> {
  const { rows } = await db.query<{
    handover: string;
    yacht: string;
    kind: string;
    what: FollowUp;
    problem: string | null;
  }>(
    `select f.handover_id as handover, y.name as yacht, h.kind, f.what, f.problem
     from follow_up f join handover h on h.id = f.handover_id join yacht y on y.id = h.yacht_id where f.done_at is null order by f.asked_at`,
  );
  return rows;
}
