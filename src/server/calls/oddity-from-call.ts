import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { causeOf } from "@/core/faults/lead";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import { unansweredNotes } from "../db/notes";
import type { Queryable } from "../db/pool";
import { takeNotes } from "../items/notes";
import { requireStay } from "../stays/require";
import { toldTrouble } from "../trouble/told-trouble";

/**
 * Proposes for her file what is odd about her, from a call: it waits at the yacht's page, like every proposed change. The
 * same words for the same thing wait once.
 *
 * @throws AppError for a trouble that this crew has not told, and where her file no longer has what it is about
 */
export async function oddityFromCallOf(
  db: Queryable,
  stayId: string,
  troubleId: string,
  words: string,
  personId: string,
): Promise<Record<string, never>> {
  const stay = await requireStay(db, stayId);
  await takeTurns(db, `oddities from calls ${stay.yachtId}`);
  const { yacht, trouble, fault, title } = await toldTrouble(db, stay, troubleId);
  if (!fault) throw new AppError("fault-gone");
  const fitting = causeOf(fault, trouble)?.fitting ?? null;
  const said = words.trim();
  const waiting = await unansweredNotes(db, yacht.slug);
  if (waiting.some(({ note }) => note.kind === "odd" && note.name === title && note.how === said)) return {};
  const [answer] = await takeNotes(
    db,
    yacht.slug,
    [
      {
        ...{ v: 1, id: uuid(), yacht: yacht.slug, kind: "odd", thing: null, count: null, where: "", photos: [] },
        about: fitting === null ? null : { collection: "fittings", key: fitting },
        place: fitting === null ? fault.place : (yacht.file.fittings[fitting]?.place ?? fault.place),
        system: fault.system,
        ...{ name: title, how: said, at: now() },
      },
    ],
    personId,
  );
  if (answer?.status === "refused") throw new AppError("too-many-kept");
  return {};
}
