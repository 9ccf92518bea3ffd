import "server-only";
import { AppError } from "@/api/app-error";
import type { DeviceGrant } from "@/api/callers";
import { may } from "@/api/permissions";
import type { ItemAnswer } from "@/api/schemas/book";
import { isByOneOf, isOfItsSide, type Author } from "@/core/handover/authorship";
import { checkEntry, isForManager } from "@/core/handover/check-entry";
import { Entry, entryHash } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import type { Permit } from "@/core/handover/permit";
import { mismatch } from "@/formats/validate";
import { permitOf, soundPermits } from "../auth/permit";
import { now } from "../clock";
import { skippersSide } from "../db/charters";
import { appendEntries } from "../db/entries";
import { askFollowUp } from "../db/follow-ups";
import { inBaseTransaction } from "../db/pool";
import { managersAmong } from "../db/staff";
import { handoverById } from "../record/list-cache";
import { followUp } from "../follow-up/follow-up";
import { examineAgain } from "../sealing/seal";
import { takeItems, type ItemKind, type Outcome } from "./inbox";

/** What a device may record on, and for whom: what its grant says. */
export type EntryRight = Pick<DeviceGrant, "id" | "baseId" | "handoverId" | "personId" | "side">;

/** How many entries a handover takes; a manifest names 20,000. What guests send leaves the base room to finish and sign. */
const mostEntries = { skipper: 8000, base: 19_000 };

/**
 * Takes entries from a device. Who made one is told by the device's grant, or proved by a permit; what says that a prep
 * is done turns what was found into work.
 *
 * @param permits what the device holds of the base's word on who records there
 */
export async function takeEntries(
  right: EntryRight,
  entries: readonly unknown[],
  permits: readonly Permit[] = [],
): Promise<ItemAnswer[]> {
  const { baseId, handoverId } = right;
  const { list, stayId } = await handoverById(baseId, handoverId);
  const kind = await entryKind(right, { list, stayId }, entries, await soundPermits(right, permits));
  return takeItems(kind, entries);
}

async function entryKind(
  right: EntryRight,
  { list, stayId }: { list: HandoverList; stayId: string },
  entries: readonly unknown[],
  permits: readonly Permit[],
): Promise<ItemKind<Entry>> {
  const { baseId, handoverId } = right;
  const authors = await authorsOf(right, stayId, entries);
  const managers = await managersOf(baseId, list, entries);
  return {
    schema: Entry,
    hashOf: entryHash,
    check: (entry) => {
      const permit = permitOf(permits, entry);
      if (!isByOneOf(entry, authors) && !(permit && entry.by.side === "base"))
        return new AppError(right.side === "skipper" ? "skipper-side-only" : "not-by-you");
      return entryProblem(
        list,
        entry,
        managers.has(entry.by.person) || (permit !== undefined && may(permit, "override")),
      );
    },
    keep: async (items) => {
      const { answers, awaited } = await appendEntries(
        baseId,
        handoverId,
        items.map(({ id, item, hash }) => ({
          id,
          subject: item.subject,
          aspect: item.aspect,
          content: item,
          hash,
          most: mostEntries[right.side],
        })),
        now(),
      );
      if (awaited) await inBaseTransaction(baseId, (db) => examineAgain(db, handoverId));
      if (items.some(({ item }) => isPrepDone(item)))
        await inBaseTransaction(baseId, (db) => askFollowUp(db, handoverId, "defects", now()));
      if (awaited || items.some(({ item }) => isPrepDone(item))) await followUp(baseId, handoverId);
      return answers.map(outcomeOf);
    },
  };
}

const isPrepDone = (entry: Pick<Entry, "aspect">) => entry.aspect === "prep-done";

/** For whom a device records: its own person, and a device of the base also for the skipper's side, to whom it is handed. */
async function authorsOf(
  { baseId, side, personId }: EntryRight,
  stayId: string,
  entries: readonly unknown[],
): Promise<Author[]> {
  const own = { side, person: personId };
  const isForOthers = entries.some((each) => (each as Partial<Entry> | null)?.by?.side === "skipper");
  if (side === "skipper" || !isForOthers) return [own];
  const people = await inBaseTransaction(baseId, (db) => skippersSide(db, stayId));
  return [own, ...people.map((person) => ({ side: "skipper" as const, person }))];
}

function entryProblem(list: HandoverList, entry: Entry, isManager: boolean): AppError | null {
  const problem = checkEntry(list, entry, (schema, value) => mismatch(schema, value)?.message ?? null);
  if (problem) {
    const { code, ...params } = problem;
    return new AppError(code, params);
  }
  // of records of before this is not asked: they are read as they were signed
  if (!isOfItsSide(list.kind, entry)) return new AppError("not-your-side");
  if (!isForManager(list, entry) || (entry.by.side === "base" && isManager)) return null;
  return new AppError(entry.aspect === "shown" ? "safety-not-skipped" : "manager-only");
}

/** Who of those that record what a manager alone may record is one: looked up once for the batch, and only where it matters. */
async function managersOf(
  baseId: string,
  list: HandoverList,
  entries: readonly unknown[],
): Promise<ReadonlySet<string>> {
  const people = entries.flatMap((each) =>
    mismatch(Entry, each) === null && isForManager(list, each as Entry) ? [(each as Entry).by.person] : [],
  );
  return people.length === 0 ? new Set() : inBaseTransaction(baseId, (db) => managersAmong(db, people));
}

function outcomeOf(answer: string): Outcome {
  switch (answer) {
    case "kept":
    case "same":
    case "late":
      return answer;
    case "other-content":
      return new AppError("other-content");
    case "too-many":
      return new AppError("too-many-kept");
    default:
      return new AppError("unknown-basis");
  }
}
