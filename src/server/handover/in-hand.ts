import "server-only";
import type { HandoverInHand } from "@/api/schemas/desk";
import { fold } from "@/core/handover/fold";
import { gate } from "@/core/handover/gate";
import { progress } from "@/core/handover/progress";
import { reasonWords } from "@/messages/reason-words";
import { englishTranslator } from "@/messages/translator";
import { entriesAfter } from "../db/entries";
import { findHandover, namesOf } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { gateContext } from "../sealing/gate-context";

/** More people than this are crew with phones of their own, who count along. */
const mostNamed = 4;

/** How a handover stands that is open: who is on it, what is left of its list, and what would stand in the way of leaving. */
export async function handoverInHand(db: Queryable, handoverId: string): Promise<HandoverInHand | null> {
  const handover = await findHandover(db, handoverId);
  if (!handover) return null;
  const entries = (await entriesAfter(db, handoverId, 0)).map(({ entry }) => entry);
  const folded = fold(entries);
  const { left, total } = progress(handover.list, folded);
  const people = [...new Set(entries.toReversed().map(({ by }) => by.person))].slice(0, mostNamed);
  const names = await namesOf(db, people);
  const { reasons } = gate(handover.list, folded, await gateContext(db, handover));
  return {
    left,
    total,
    people: people.flatMap((person) => names[person] ?? []),
    // what is not looked at yet stands beside it as a number
    against:
      handover.list.kind === "check-in"
        ? reasons
            .filter(({ blocks, code }) => blocks && code !== "lines-left")
            .map((reason) => reasonWords(englishTranslator(), handover.list, reason))
        : [],
  };
}
