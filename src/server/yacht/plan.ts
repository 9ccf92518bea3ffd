import "server-only";
import type { YachtPlanForm } from "@/api/schemas/desk";
import type { Queryable } from "../db/pool";
import { requireYacht } from "./require";

/** What a yacht's plan is drawn from, fittings left out. */
export async function planOf(db: Queryable, slug: string): Promise<YachtPlanForm> {
  const { particulars, places, furniture } = (await requireYacht(db, slug)).file;
  return { particulars, places, furniture };
}
