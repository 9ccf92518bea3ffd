import "server-only";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { checkEntry, isForManager } from "@/core/handover/check-entry";
import { Entry, entryHash } from "@/core/handover/entry";
import type { HandoverList } from "@/core/handover/list";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import { appendEntries } from "../db/entries";
import { inBaseTransaction } from "../db/pool";
import { managersAmong } from "../db/staff";
import { handoverById } from "../record/list-cache";
import { recordDefects } from "../upkeep/record-defects";
import { takeItems, type ItemKind, type Outcome } from "./inbox";

/** What a device may record: on which handover, and for whom alone. */
export interface EntryRight {
  baseId: string;
  handoverId: string;
  /** the one person a device of the skipper's side records for; null for a device of the base, which is handed to the skipper and back and so records for both */
  onlyFor: string | null;
}

/** Takes entries from a device. What says that a prep is done turns what was found into work. */
export async function takeEntries(right: EntryRight, entries: readonly unknown[]): Promise<ItemAnswer[]> {
  const { baseId, handoverId } = right;
  const { list } = await handoverById(baseId, handoverId);
  return takeItems(await entryKind(right, list, entries), entries);
}

async function entryKind(
  { baseId, handoverId, onlyFor }: EntryRight,
  list: HandoverList,
  entries: readonly unknown[],
): Promise<ItemKind<Entry>> {
  const managers = await managersOf(baseId, list, entries);
  return {
    schema: Entry,
    hashOf: entryHash,
    check: (entry) => {
      if (onlyFor !== null && (entry.by.side !== "skipper" || entry.by.person !== onlyFor))
        return new AppError("skipper-side-only");
      return entryProblem(list, entry, managers);
    },
    keep: async (items) => {
      const answers = await appendEntries(
        baseId,
        handoverId,
        items.map(({ id, item, hash }) => ({ id, subject: item.subject, aspect: item.aspect, content: item, hash })),
        now(),
      );
      if (items.some(({ item }) => item.aspect === "prep-done"))
        await inBaseTransaction(baseId, (db) => recordDefects(db, handoverId));
      return answers.map(outcomeOf);
    },
  };
}

function entryProblem(list: HandoverList, entry: Entry, managers: ReadonlySet<string>): AppError | null {
  const problem = checkEntry(list, entry, (schema, value) => mismatch(schema, value)?.message ?? null);
  if (problem) {
    const { code, ...params } = problem;
    return new AppError(code, params);
  }
  if (!isForManager(list, entry) || (entry.by.side === "base" && managers.has(entry.by.person))) return null;
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
    default:
      return new AppError("unknown-basis");
  }
}
