import "server-only";
import type { CrewMember } from "@/api/schemas/desk";
import { takeTurns } from "./locks";
import type { Queryable } from "./pool";

/** The crew of a stay as it was told last; empty where nobody has told it. */
export async function crewOf(db: Queryable, stayId: string): Promise<CrewMember[]> {
  const { rows } = await db.query<{ crew: CrewMember[] }>(
    "select crew from crew_list where stay_id = $1 order by number desc limit 1",
    [stayId],
  );
  return rows[0]?.crew ?? [];
}

/** Keeps a crew list beside the earlier ones. */
export async function addCrewList(
  db: Queryable,
  stayId: string,
  crew: readonly CrewMember[],
  personId: string | null,
  at: string,
): Promise<void> {
  await takeTurns(db, `crew ${stayId}`);
  await db.query(
    `insert into crew_list (stay_id, base_id, number, crew, entered_by, entered_at)
     select $1, current_base(), coalesce(max(number), 0) + 1, $2, $3, $4 from crew_list where stay_id = $1`,
    [stayId, JSON.stringify(crew), personId, at],
  );
}
