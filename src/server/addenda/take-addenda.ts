import "server-only";
import { Addendum, addendumHash, kindsOfSide } from "@/core/handover/addenda/addendum";
import type { PartySide } from "@/core/handover/entry";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import { addAddendum, addendumHashOf } from "../db/addenda";
import type { HandoverRow } from "../db/handovers";
import { standingSeal } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { reportAddendum } from "../upkeep/report-addendum";

/** What became of one addendum. */
export interface TakenAddendum {
  id: string;
  status: "kept" | "same" | "refused";
  message: string | null;
}

/**
 * Takes addenda to a sealed record, each by itself: one that was sent before has no effect again, and a refused one blocks
 * no other. The record itself stays as it was signed.
 *
 * @param who on whose side, and the one person it is taken from
 */
export async function takeAddenda(
  db: Queryable,
  handover: HandoverRow,
  addenda: readonly unknown[],
  who: { side: PartySide; person: string },
): Promise<TakenAddendum[]> {
  const isSealed = (await standingSeal(db, handover.id)) !== null;
  const taken: TakenAddendum[] = [];
  for (const each of addenda) {
    const refuse = (message: string) =>
      taken.push({ id: String((each as { id?: unknown } | null)?.id ?? ""), status: "refused", message });
    const wrong = mismatch(Addendum, each);
    if (wrong) {
      refuse(wrong.message);
      continue;
    }
    const sound = each as Addendum;
    const problem = problemOf(sound, handover, who, isSealed) ?? (await unknownTarget(db, sound, handover));
    if (problem !== null) {
      refuse(problem);
      continue;
    }
    const hash = addendumHash(sound);
    const known = await addendumHashOf(db, sound.id);
    if (known !== null && known !== hash) refuse("Something else has this id already. Nothing was changed.");
    else {
      if (known === null) {
        await addAddendum(db, sound, hash, now());
        await reportAddendum(db, handover, sound);
      }
      taken.push({ id: sound.id, status: known === null ? "kept" : "same", message: null });
    }
  }
  return taken;
}

function problemOf(
  addendum: Addendum,
  handover: HandoverRow,
  who: { side: PartySide; person: string },
  isSealed: boolean,
): string | null {
  if (addendum.handover !== handover.id) return "This belongs to another handover.";
  if (!isSealed) return "This handover is not signed yet: record it there.";
  if (
    addendum.by.side !== who.side ||
    addendum.by.person !== who.person ||
    !kindsOfSide[who.side].includes(addendum.kind)
  )
    return "This is for the other side to add.";
  const lines = new Set(handover.list.lines.map((line) => line.id));
  const named =
    addendum.kind === "late-finding"
      ? [addendum.line]
      : addendum.kind === "visit"
        ? addendum.touched.map(({ line }) => line)
        : [];
  const strange = named.find((line) => line !== null && !lines.has(line));
  return strange === undefined ? null : `There is no line "${strange ?? ""}" on this list.`;
}

async function unknownTarget(db: Queryable, addendum: Addendum, handover: HandoverRow): Promise<string | null> {
  if (addendum.kind !== "answer" && addendum.kind !== "acknowledgement") return null;
  const { rowCount } = await db.query("select 1 from addendum where id = $1 and handover_id = $2", [
    addendum.to,
    handover.id,
  ]);
  return rowCount ? null : "What this answers has not reached the base. Send that first.";
}
