import "server-only";
import { AppError } from "@/api/app-error";
import type { StayView } from "@/api/schemas/desk";
import type { ItemAnswer } from "@/api/schemas/book";
import { digestOf } from "@/core/basics/digest";
import { stayInHand } from "@/core/charters/in-hand";
import { LogEntry } from "@/core/underway/log/entry";
import { now } from "../clock";
import { addLogEntry, boatLogOf, logEntryHash } from "../db/boat-log";
import { staysOfCharter } from "../db/charters";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { oneByOne, takeItems } from "./inbox";

/** How many entries a stay's log takes: a season's worth. */
const mostEntries = 3000;

const isHandedOver = ({ handovers }: StayView) =>
  handovers.some(({ kind, sealedAt }) => kind === "check-in" && sealedAt !== null);

/**
 * Takes entries of the log of a charter's boat under way, once her check-in is signed. Of a charter that went on with
 * another yacht each goes to the yacht it names.
 */
export async function takeLogEntries(
  db: Queryable,
  charterId: string,
  entries: readonly unknown[],
): Promise<ItemAnswer[]> {
  await takeTurns(db, `boat log ${charterId}`);
  const stays = await staysOfCharter(db, charterId);
  const usual = stayInHand(stays);
  if (!usual) throw new AppError("no-such-charter");
  const stayOf = ({ yacht }: LogEntry) => stays.find(({ yachtSlug }) => yachtSlug === yacht) ?? usual;
  return takeItems<LogEntry>(
    {
      schema: LogEntry,
      hashOf: digestOf,
      check: ({ yacht }) => {
        const stay = stays.find(({ yachtSlug }) => yachtSlug === yacht);
        if (!stay) return new AppError("not-this-yacht");
        return isHandedOver(stay) ? null : new AppError("no-check-in");
      },
      keep: oneByOne<LogEntry>(
        (id) => logEntryHash(db, id),
        ({ item, hash }) => addLogEntry(db, stayOf(item).stayId, item, hash, now()),
        async () => mostEntries - (await boatLogOf(db, usual.stayId)).length,
      ),
    },
    entries,
  );
}
