import "server-only";
import { checkEntry, isForManager } from "@/core/handover/check-entry";
import { entryHash, type Entry } from "@/core/handover/entry";
import { mismatch } from "@/formats/validate";
import { now } from "../clock";
import { pool, withBase } from "../db/pool";
import { managersAmong } from "../db/staff";
import { recordDefects } from "../upkeep/record-defects";
import { feed } from "./feed";
import { handoverById } from "./list-cache";

/** What became of one entry of a batch. */
export interface EntryAnswer {
  id: string;
  /** `kept` and `same` are done; `late` is kept beside the sealed record; the others were refused and changed nothing */
  status: "kept" | "same" | "late" | "refused";
  code: string | null;
  message: string | null;
}

const refused = (id: string, code: string, message: string): EntryAnswer => ({ id, status: "refused", code, message });

/**
 * Takes a batch of entries from a device and answers each on its own: a refused one blocks no other, and one that was
 * sent before has no effect again.
 *
 * @param onlyFor the one person a device of the skipper's side records for; null for a device of the base, which is handed
 *   to the skipper and back and so records for both
 */
export async function postEntries(
  baseId: string,
  handoverId: string,
  entries: readonly Entry[],
  onlyFor: string | null = null,
): Promise<EntryAnswer[]> {
  const { list } = await handoverById(baseId, handoverId);
  const answers: EntryAnswer[] = [];
  const notByManager = await withoutManager(
    baseId,
    entries.filter((entry) => isForManager(list, entry)),
  );
  const items: { index: number; id: string; subject: string; aspect: string; content: Entry; hash: string }[] = [];
  entries.forEach((entry, index) => {
    const problem =
      checkEntry(list, entry, (schema, value) => mismatch(schema, value)?.message ?? null) ??
      (notByManager.has(entry.id)
        ? ({ code: entry.aspect === "shown" ? "safety-not-skipped" : "manager-only", stop: entry.subject } as const)
        : null);
    if (onlyFor !== null && (entry.by.side !== "skipper" || entry.by.person !== onlyFor))
      answers[index] = refused(
        entry.id,
        "not-yours",
        "This device records on the skipper's side alone. What is the base's is recorded on a device of the base.",
      );
    else if (problem) answers[index] = refused(entry.id, problem.code, problemWords(problem));
    else
      items.push({
        index,
        id: entry.id,
        subject: entry.subject,
        aspect: entry.aspect,
        content: entry,
        hash: entryHash(entry),
      });
  });
  if (items.length > 0) {
    const { rows } = await pool().query<{ answers: string[] }>("select append_entries($1, $2, $3, $4) as answers", [
      baseId,
      handoverId,
      JSON.stringify(items.map(({ index: _index, ...item }) => item)),
      now(),
    ]);
    items.forEach((item, i) => (answers[item.index] = worded(item.id, rows[0]?.answers[i] ?? "")));
    if (items.some(({ aspect }) => aspect === "prep-done"))
      await withBase(baseId, (db) => recordDefects(db, handoverId));
    feed().emit(handoverId);
  }
  return answers;
}

/** Of entries that a manager alone may record, those that no manager made: who is one is looked up. */
async function withoutManager(baseId: string, skips: readonly Entry[]): Promise<Set<string>> {
  if (skips.length === 0) return new Set();
  const managers = await withBase(baseId, (db) =>
    managersAmong(
      db,
      skips.map((entry) => entry.by.person),
    ),
  );
  return new Set(
    skips.filter((entry) => entry.by.side !== "base" || !managers.has(entry.by.person)).map((entry) => entry.id),
  );
}

function problemWords(problem: NonNullable<ReturnType<typeof checkEntry>>): string {
  switch (problem.code) {
    case "other-handover":
      return "This entry belongs to another handover. Open that one and send it from there.";
    case "no-such-line":
      return `There is no line "${problem.line}" on this list. Record it as a found thing instead.`;
    case "no-such-place":
      return `There is no place "${problem.place}" on this yacht.`;
    case "no-such-stop":
      return `There is no stop "${problem.stop}" in this briefing.`;
    case "safety-not-skipped":
      return "This is a safety topic. A manager alone leaves it out, with a reason.";
    case "never-let-go":
      return "Nobody lets her go with this. It is mended, or she stays.";
    case "not-together":
      return "This is counted by itself: what is safety, dear or one for each aboard is never confirmed with others.";
    case "manager-only":
      return "The base manager alone lets her go, with a written reason.";
    case "aspect-does-not-fit":
      return `"${problem.aspect}" cannot be recorded here.`;
    case "bad-value":
      return `This value cannot be: ${problem.detail}`;
  }
}

function worded(id: string, answer: string): EntryAnswer {
  switch (answer) {
    case "kept":
    case "same":
      return { id, status: answer, code: null, message: null };
    case "late":
      return {
        id,
        status: "late",
        code: "after-seal",
        message: "The record was signed before this came in. It is kept beside it, marked late.",
      };
    case "other-content":
      return refused(
        id,
        "other-content",
        "Another entry has this id already, with other content. Nothing was changed.",
      );
    default:
      return refused(id, "unknown-basis", "This changes an entry that the base has not received. Send that one first.");
  }
}
