import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { enterCharter } from "@/api/charters";
import { nextReference } from "@/core/charters/reference";
import { currentList } from "../db/base-lists";
import { addCharter, lastReferences } from "../db/charter-entries";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { agree } from "./agree";

/** Enters a charter with its stay, its people and a copy of its terms. */
export async function enterNewCharter(
  db: Queryable,
  given: Static<typeof enterCharter.body>,
): Promise<{ id: string; reference: string }> {
  const { list } = await currentList(db, "charters");
  const template = Object.hasOwn(list.templates, given.terms) ? list.templates[given.terms] : undefined;
  if (!template) throw new AppError("no-such-terms", {}, "terms");
  await takeTurns(db, "references");
  const reference = given.reference.trim() || nextReference(await lastReferences(db));
  // the page for a new charter lies there
  if (reference.toLowerCase() === "new") throw new AppError("reference-taken", { reference }, "reference");
  const [charterId, stayId] = [uuid(), uuid()];
  const agreed = await agree(db, given, stayId);
  if (!(await addCharter(db, { ...agreed, charterId, stayId, reference, terms: template.terms })))
    throw new AppError("reference-taken", { reference }, "reference");
  return { id: charterId, reference };
}
