import "server-only";
import { v7 as uuid } from "uuid";
import { localize } from "@/core/basics/words";
import type { Addendum } from "@/core/handover/addenda/addendum";
import { believedTime } from "@/core/handover/addenda/told";
import { incidentDefect } from "@/core/incidents/incident";
import { englishTranslator } from "@/messages/translator";
import { now } from "../clock";
import type { HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import type { SealRow } from "../db/seals";
import { believedAt } from "../record/believed-at";
import { reportDefect } from "./report-defect";

/**
 * Puts what the skipper reported after the check-in on the technician's list, where it is something to be mended or
 * looked at. What comes after a signature was found after it, whatever a clock says: nobody reports at the end what was
 * there before the beginning.
 */
export async function reportAddendum(
  db: Queryable,
  handover: HandoverRow,
  seal: Pick<SealRow, "sealedAt" | "receivedAt">,
  addendum: Addendum,
): Promise<void> {
  if (addendum.kind !== "late-finding" && addendum.kind !== "incident") return;
  const { yachtId, id: handoverId, list } = handover;
  const at = believedTime(addendum.at, now(), believedAt({ handover, seal }));
  const common = { id: uuid(), yachtId, handoverId, words: addendum.words, at, by: addendum.by.person };
  const t = englishTranslator();
  if (addendum.kind === "incident") {
    const found = incidentDefect(addendum.what);
    if (found)
      await reportDefect(db, {
        ...common,
        subject: `report:${addendum.id}`,
        place: null,
        title: t(`incident.${addendum.what}`),
        safety: found.safety,
      });
    return;
  }
  const line = list.lines.find((each) => each.id === addendum.line);
  // what is short in number is put aboard, not mended
  if (line?.kind === "count") return;
  await reportDefect(db, {
    ...common,
    subject: line ? `line:${line.id}` : `report:${addendum.id}`,
    place: line?.at ?? line?.place ?? null,
    title: line ? localize(line.name) : t("work.reported"),
    safety: false,
  });
}
