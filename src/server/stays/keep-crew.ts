import "server-only";
import { AppError } from "@/api/app-error";
import type { CrewMember } from "@/api/schemas/desk";
import { now } from "../clock";
import { addCrewList } from "../db/crew";
import type { Queryable } from "../db/pool";
import { requireStay } from "./require";

/** Keeps the crew list of a stay: never more people than the charter says. */
export async function keepCrew(
  db: Queryable,
  stayId: string,
  crew: readonly CrewMember[],
  personId: string,
): Promise<Record<string, never>> {
  const { aboard } = await requireStay(db, stayId);
  if (crew.length > aboard) throw new AppError("too-many-crew", { aboard, listed: crew.length }, "/crew");
  await addCrewList(db, stayId, crew, personId, now());
  return {};
}
