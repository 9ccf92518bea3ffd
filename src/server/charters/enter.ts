import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { enterCharter } from "@/api/charters";
import { placeOf } from "@/core/extras/aboard";
import { isPageName, nextReference } from "@/core/charters/reference";
import { currentList } from "../db/base-lists";
import { addCharter, lastReferences } from "../db/charter-entries";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { hireForCharter } from "../stays/hire-extras";
import { agree } from "./agree";

/** Enters a charter with its stay, its people and a copy of its terms. */
export async function enterNewCharter(
  db: Queryable,
  given: Static<typeof enterCharter.body>,
  by: string,
): Promise<{ id: string; reference: string }> {
  const { list } = await currentList(db, "charters");
  const template = Object.hasOwn(list.templates, given.terms) ? list.templates[given.terms] : undefined;
  if (!template) throw new AppError("no-such-terms", {}, "terms");
  await takeTurns(db, "references");
  const reference = given.reference.trim() || nextReference(await lastReferences(db));
  if (isPageName(reference)) throw new AppError("reference-taken", { reference }, "reference");
  const [charterId, stayId] = [uuid(), uuid()];
  const agreed = await agree(db, given, stayId);
  if (!(await addCharter(db, { ...agreed, charterId, stayId, reference, terms: template.terms })))
    throw new AppError("reference-taken", { reference }, "reference");
  if (given.extras.length > 0) await hireExtras(db, charterId, given, by);
  return { id: charterId, reference };
}

/** Hires what was agreed with the charter, each in the first place that its yacht has for it. */
async function hireExtras(
  db: Queryable,
  charterId: string,
  { yacht: slug, extras }: Static<typeof enterCharter.body>,
  by: string,
): Promise<void> {
  const yacht = await findYacht(db, { slug });
  const { list } = await currentList(db, "extras");
  const hired = extras.map(({ key, count }) => {
    const extra = Object.hasOwn(list, key) ? list[key] : undefined;
    if (!yacht || !extra) throw new AppError("extra-unknown", { name: key }, "extras");
    return { key, count, place: placeOf(extra, yacht.file) };
  });
  await hireForCharter(db, charterId, { onNumber: 0, hired }, by);
}
