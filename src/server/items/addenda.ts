import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { Addendum, addendumHash, kindsOfSide } from "@/core/handover/addenda/addendum";
import type { PartySide } from "@/core/basics/ids";
import { now } from "../clock";
import { addAddendum, addendumHashOf, countAddenda, isAddendumOf } from "../db/addenda";
import type { HandoverRow } from "../db/handovers";
import { effectiveSeal } from "../db/seals";
import { takeTurns } from "../db/locks";
import { inSavepoint, type Queryable } from "../db/pool";
import { log } from "../log";
import { reportAddendum } from "../upkeep/report-addendum";
import { oneByOne, takeItems } from "./inbox";

/** How many addenda a record takes: a season's worth from a guest, and room for the base to answer. */
const mostAddenda = { skipper: 1000, base: 4000 };

/**
 * Takes addenda to a sealed record; the record itself stays as it was signed.
 *
 * @param who on whose side, and the one person it is taken from
 */
export async function takeAddenda(
  db: Queryable,
  handover: HandoverRow,
  addenda: readonly unknown[],
  who: { side: PartySide; person: string },
): Promise<ItemAnswer[]> {
  // the same addendum sent at once from two tabs is kept once
  await takeTurns(db, `addenda ${handover.id}`);
  const seal = await effectiveSeal(db, handover.id);
  return takeItems<Addendum>(
    {
      schema: Addendum,
      hashOf: addendumHash,
      check: async (addendum) =>
        problemOf(addendum, handover, who, seal !== null) ?? (await targetProblem(db, addendum)),
      keep: oneByOne<Addendum>(
        (id) => addendumHashOf(db, id),
        async ({ item, hash }) => {
          await addAddendum(db, item, hash, now());
          if (seal === null) return;
          await inSavepoint(db, () => reportAddendum(db, handover, seal, item)).catch((error: Error) =>
            log.error({ addendum: item.id, error: error.message }, "what was reported has not been turned into work"),
          );
        },
        async () => mostAddenda[who.side] - (await countAddenda(db, handover.id)),
      ),
    },
    addenda,
  );
}

function problemOf(
  addendum: Addendum,
  handover: HandoverRow,
  who: { side: PartySide; person: string },
  isSealed: boolean,
): AppError | null {
  if (addendum.handover !== handover.id) return new AppError("other-handover");
  if (!isSealed) return new AppError("not-sealed-yet");
  const { side, person } = addendum.by;
  if (side !== who.side || person !== who.person || !kindsOfSide[who.side].includes(addendum.kind))
    return new AppError("other-side");
  const lines = new Set(handover.list.lines.map((line) => line.id));
  const named =
    addendum.kind === "late-finding"
      ? [addendum.line]
      : addendum.kind === "visit"
        ? addendum.touched.map(({ line }) => line)
        : [];
  const strange = named.find((line) => line !== null && !lines.has(line));
  return strange === undefined ? null : new AppError("no-such-line", { line: strange ?? "" });
}

async function targetProblem(db: Queryable, addendum: Addendum): Promise<AppError | null> {
  if (addendum.kind !== "answer" && addendum.kind !== "acknowledgement") return null;
  return (await isAddendumOf(db, addendum.to, addendum.handover)) ? null : new AppError("unknown-target");
}
