import "server-only";
import { localize } from "@/core/basics/words";
import { hoursFor, isInTime, leftBerthAt, openLines } from "@/core/handover/addenda/deadlines";
import { believedTime, inOrder } from "@/core/handover/addenda/told";
import { fold } from "@/core/handover/fold";
import type { AddendaView } from "@/api/schemas/book";
import { addendaTo } from "../db/addenda";
import type { Queryable } from "../db/pool";
import { sealedRecord } from "../record/record";

/** What came after a signed check-in, and what may still be reported: for the boat book and the desk alike. */
export async function addendaView(db: Queryable, handoverId: string): Promise<AddendaView> {
  const { list, entries } = await sealedRecord(db, handoverId);
  const folded = fold(entries);
  const kept = await addendaTo(db, handoverId);
  const leftAt = leftBerthAt(inOrder(kept));
  const placeName = new Map(list.places.map((place) => [place.id, localize(place.name)]));
  const names = new Map(
    list.lines.map((line) => [line.id, { name: localize(line.name), place: placeName.get(line.place) ?? "" }]),
  );
  return {
    handover: handoverId,
    leftAt,
    open: openLines(list, folded, leftAt).map(({ line, reason, hours, until }) => ({
      line: line.id,
      name: localize(line.name),
      place: placeName.get(line.place) ?? "",
      reason,
      hours,
      until,
    })),
    lines: list.lines
      .filter((line) => line.kind !== "mark")
      .map((line) => ({
        id: line.id,
        name: localize(line.name),
        place: placeName.get(line.place) ?? "",
        isCount: line.kind === "count",
      })),
    addenda: kept.map(({ addendum, receivedAt, by }) => ({
      addendum,
      receivedAt,
      by,
      about: addendum.kind === "late-finding" && addendum.line !== null ? (names.get(addendum.line) ?? null) : null,
      inTime:
        addendum.kind === "late-finding"
          ? isInTime(believedTime(addendum.at, receivedAt), leftAt, hoursFor(list, folded, addendum.line))
          : null,
    })),
  };
}
