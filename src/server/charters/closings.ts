import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { closeYacht } from "@/api/charters";
import { closingFault, stayOf } from "@/core/charters/days";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { promisedTo } from "../db/charter-entries";
import { addClosing, takeOffClosing } from "../db/closings";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { promisedError } from "./promised";

/**
 * Keeps days in which a yacht is nobody's to promise; the database refuses what is promised besides.
 *
 * @throws AppError where the days are none, or a charter has her in them
 */
export async function closeFor(
  db: Queryable,
  given: Static<typeof closeYacht.body>,
  by: string,
): Promise<{ id: string }> {
  const { timeZone } = await currentBase(db);
  const fault = closingFault(given, timeZone);
  if (fault) throw new AppError("days-wrong", { what: fault.what.replaceAll("-", "") }, fault.field);
  const yacht = await findYacht(db, { slug: given.yacht });
  if (!yacht) throw new AppError("no-such-yacht", {}, "yacht");
  await takeTurns(db, `promise ${yacht.id}`);
  const { startsAt, endsAt } = stayOf(given, timeZone);
  const other = await promisedTo(db, { yachtId: yacht.id, startsAt, endsAt, until: "ends_at" });
  if (other) throw promisedError(yacht.name, other, timeZone);
  const id = uuid();
  const { kind, words } = given;
  await addClosing(db, { id, yachtId: yacht.id, kind, startsAt, endsAt, words: words.trim(), by, at: now() });
  return { id };
}

/** Takes such days off again. */
export async function openAgain(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await takeOffClosing(db, id, now()))) throw new AppError("no-such-closing");
  return {};
}
