import "server-only";
import { v7 as uuid } from "uuid";
import { compare } from "@/core/comparison/compare";
import { localize } from "@/core/basics/words";
import type { Entry } from "@/core/handover/entry";
import { fold } from "@/core/handover/fold";
import { madeAtMs } from "@/core/handover/permit";
import { mainCell, statusOf } from "@/core/handover/state";
import { seenDefects } from "@/core/upkeep/defect";
import { differenceWords } from "@/messages/difference-words";
import { valueWords } from "@/messages/line-words";
import { englishTranslator } from "@/messages/translator";
import { entriesAfter } from "../db/entries";
import { findHandover, type HandoverRow } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { sealedRecord, signedEntries } from "../record/record";
import { reportDefect } from "./report-defect";

/** Turns what a prep or a handover has found that is not fine, and that was not known, into defects with work orders. Asked for twice it has no more effect. */
export async function recordDefects(db: Queryable, handoverId: string): Promise<void> {
  const handover = await findHandover(db, handoverId);
  if (!handover) return;
  const { list } = handover;
  const folded = fold(await entriesOf(db, handover));
  const t = englishTranslator();
  for (const { subject, line, safety } of seenDefects(list, folded)) {
    const head = mainCell(folded, line)?.heads[0];
    const standing = statusOf(folded, line);
    if (!head || standing.step !== "done") continue;
    await reportDefect(db, {
      id: uuid(),
      yachtId: handover.yachtId,
      handoverId,
      subject,
      place: line.at ?? line.place,
      title: localize(line.name),
      words: standing.judgement?.why ?? valueWords(t, line, standing.value),
      safety,
      // by the base's clock: what a slow tablet found is not older than it is
      at: new Date(madeAtMs(head)).toISOString(),
      by: head.by.person,
    });
  }
  if (handover.kind === "check-out") await recordMarks(db, handover);
}

/** What a prep has found, or what the record that stands names. */
async function entriesOf(db: Queryable, { id, kind }: HandoverRow): Promise<Entry[]> {
  if (kind === "prep") return (await entriesAfter(db, id, 0)).map(({ entry }) => entry);
  return (await signedEntries(db, id))?.entries ?? [];
}

/** New marks and marks that grew worse go to the technician, who says what is mended and what stays. */
async function recordMarks(db: Queryable, { id, yachtId, checkInId }: HandoverRow): Promise<void> {
  if (!checkInId) return;
  const differences = compare(await sealedRecord(db, checkInId), await sealedRecord(db, id));
  const t = englishTranslator();
  for (const difference of differences) {
    const { kind, of, place, name, after } = difference;
    if ((kind !== "new-mark" && kind !== "mark-worse") || !after?.at || !after.by) continue;
    await reportDefect(db, {
      id: uuid(),
      yachtId,
      handoverId: id,
      subject: of,
      place,
      title: localize(name),
      words: differenceWords(t, difference),
      safety: false,
      at: after.at,
      by: after.by.person,
    });
  }
}
