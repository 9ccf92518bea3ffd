import "server-only";
import { fold } from "@/core/handover/fold";
import { foundThings, photosOf } from "@/core/handover/state";
import type { FoundState } from "@/core/upkeep/found";
import type { FoundItem } from "@/api/schemas/desk";
import { now } from "../clock";
import { addFoundReturn, handoversWithFoundThings } from "../db/found-things";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { AppError } from "@/api/app-error";

/** Things found aboard that were left by some crew and have not gone back, or been given away. Those found at check-out are that crew's; earlier ones are not known. */
export async function foundNotReturned(db: Queryable): Promise<FoundItem[]> {
  const rows = await handoversWithFoundThings(db);
  return rows.flatMap(({ entries, said, handover, kind, ...row }) => {
    const folded = fold(entries);
    return foundThings(folded).flatMap(({ id, found }): FoundItem[] => {
      const last = said.filter((each) => each.found === id).at(-1);
      if (last && last.state !== "kept") return [];
      return [
        {
          ...row,
          handover,
          found: id,
          words: found.words,
          count: found.count,
          photos: photosOf(folded, `found:${id}`),
          isTheirs: kind === "check-out",
          kept: last ? { words: last.words, at: last.at } : null,
        },
      ];
    });
  });
}

/**
 * Notes what became of a found thing: kept at the base, gone back, given away.
 *
 * @throws AppError for a thing that is not among those that have not gone back
 */
export async function noteFound(
  db: Queryable,
  handover: string,
  found: string,
  state: FoundState,
  words: string,
  personId: string,
): Promise<void> {
  await takeTurns(db, `found ${found}`);
  if (!(await foundNotReturned(db)).some((each) => each.handover === handover && each.found === found))
    throw new AppError("not-here");
  await addFoundReturn(db, handover, found, state, words, personId, now());
}
