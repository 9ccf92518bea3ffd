import "server-only";
import type { DrillAnswer, OpenDrill, SentFault, WorkedDrill } from "@/api/schemas/drills";
import type { Queryable } from "./pool";

/** A device that was not heard for so long has its drill shut, or no signal. */
const heardWithin = "interval '25 seconds'";
/** Nobody looks on who did not ask for so long. */
const watchedWithin = "interval '15 seconds'";
/** More devices of one charter than this are not kept in mind. */
const mostPanels = 10;

const sent = `case when sent_number = 0 then null else json_build_object('number', sent_number, 'fault', sent_fault) end`;

/** Notes how a drill stands on a device, and tells what was sent to it. A device of another charter changes nothing. */
export async function noteOpenDrill(
  db: Queryable,
  charterId: string,
  panel: string,
  worked: WorkedDrill,
): Promise<DrillAnswer> {
  await db.query(
    `delete from open_drill where charter_id = $1 and id <> $2 and (heard_at < clock_timestamp() - interval '1 day'
       or id not in (select id from open_drill where charter_id = $1 order by heard_at desc limit $3))`,
    [charterId, panel, mostPanels - 1],
  );
  const { rows } = await db.query<DrillAnswer>(
    `insert into open_drill as o (id, base_id, charter_id, content) values ($2, current_base(), $1, $3)
     on conflict (base_id, id) do update set content = excluded.content, heard_at = clock_timestamp() where o.charter_id = excluded.charter_id
     returning ${sent} as sent, coalesce(watched_at > clock_timestamp() - ${watchedWithin}, false) as "isWatched"`,
    [charterId, panel, JSON.stringify(worked)],
  );
  return rows[0] ?? { sent: null, isWatched: false };
}

/** The drills that are open on devices of a charter, last heard first; whoever asks looks on. */
export async function watchOpenDrills(db: Queryable, charterId: string): Promise<OpenDrill[]> {
  const { rows } = await db.query<OpenDrill>(
    `with open as (
       update open_drill set watched_at = clock_timestamp()
       where charter_id = $1 and heard_at > clock_timestamp() - ${heardWithin} returning *
     )
     select id as panel, content as worked, ${sent} as sent from open order by heard_at desc`,
    [charterId],
  );
  return rows;
}

/** Sends a fault to a drill that is open; false where it is not. */
export async function sendToOpenDrill(
  db: Queryable,
  charterId: string,
  panel: string,
  fault: SentFault["fault"],
): Promise<boolean> {
  const { rowCount } = await db.query(
    `update open_drill set sent_number = sent_number + 1, sent_fault = $3
     where id = $2 and charter_id = $1 and heard_at > clock_timestamp() - ${heardWithin}`,
    [charterId, panel, fault],
  );
  return rowCount === 1;
}

/** Which of her drills a device has open; null where it has none. */
export async function drillOpenOn(db: Queryable, charterId: string, panel: string): Promise<string | null> {
  const { rows } = await db.query<{ drill: string }>(
    "select content ->> 'drill' as drill from open_drill where id = $2 and charter_id = $1",
    [charterId, panel],
  );
  return rows[0]?.drill ?? null;
}
