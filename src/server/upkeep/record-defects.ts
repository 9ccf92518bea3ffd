import "server-only";
import { v7 as uuid } from "uuid";
import { say } from "@/core/basics/words";
import { fold } from "@/core/handover/fold";
import { mainCell, standingOf } from "@/core/handover/state";
import { seenDefects } from "@/core/upkeep/defect";
import { valueWords } from "@/messages/line-words";
import { englishTranslator } from "@/messages/translator";
import { addDefect } from "../db/defects";
import { entriesAfter, findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";

/** Turns what a prep or a handover has found that is not fine, and that was not known, into defects with work orders. Asked for twice it has no more effect. */
export async function recordDefects(db: Queryable, handoverId: string): Promise<void> {
  const handover = await findHandover(db, handoverId);
  if (!handover) return;
  const { list } = handover;
  const folded = fold((await entriesAfter(db, handoverId, 0)).map(({ entry }) => entry));
  const t = englishTranslator();
  for (const { subject, line, safety } of seenDefects(list, folded)) {
    const head = mainCell(folded, line)?.heads[0];
    const standing = standingOf(folded, line);
    if (!head || standing.step !== "done") continue;
    await addDefect(db, {
      id: uuid(), yachtId: handover.yachtId, handoverId, subject, place: line.at ?? line.place, title: say(line.name, "en"), words: standing.judgement?.why ?? valueWords(t, line, standing.cell.value), safety, at: head.at, by: head.by.person,
    });
  }
}
