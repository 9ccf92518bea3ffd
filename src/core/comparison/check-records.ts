import { InputError } from "../basics/calculation";
import { checkEntry, type EntryError, type ValueCheck } from "../handover/check-entry";
import type { ComparedRecord } from "./record";

/**
 * Refuses two records from outside that cannot have been kept by Brinecove: what is wrong in them would make a loss
 * vanish from the differences. Records out of the database were checked entry by entry when they came in.
 *
 * @throws InputError with the place in the input
 */
export function checkRecords(before: ComparedRecord, after: ComparedRecord, check: ValueCheck): void {
  for (const [where, record] of [
    ["/before", before],
    ["/after", after],
  ] as const) {
    checkLines(where, record);
    checkEntries(where, record, check);
  }
  if (before.list.kind === "check-out" && after.list.kind === "check-in")
    throw new InputError(
      "/before/list/kind",
      "the check-out is given before its check-in; give them the other way round",
    );
}

function checkLines(where: string, { list }: ComparedRecord): void {
  const lines = new Set<string>();
  list.lines.forEach(({ id }, index) => {
    if (lines.has(id)) throw new InputError(`${where}/list/lines/${index}/id`, `the line "${id}" stands twice`);
    lines.add(id);
  });
}

function checkEntries(where: string, { list, entries }: ComparedRecord, check: ValueCheck): void {
  const seen = new Set<string>();
  entries.forEach((entry, index) => {
    const at = `${where}/entries/${index}`;
    if (seen.has(entry.id)) throw new InputError(`${at}/id`, `the entry "${entry.id}" stands twice`);
    seen.add(entry.id);
    const problem = checkEntry(list, entry, check);
    if (problem) throw new InputError(`${at}/${partOf[problem.code]}`, saidOf(problem));
  });
}

/** The part of an entry that each problem is about. */
const partOf: Readonly<Record<EntryError["code"], string>> = {
  "other-handover": "handover",
  "impossible-time": "at",
  "no-such-line": "subject",
  "no-such-place": "value",
  "no-such-stop": "subject",
  "safety-not-skipped": "value",
  "never-let-go": "value",
  "manager-only": "value",
  "not-together": "value",
  "aspect-does-not-fit": "aspect",
  "bad-value": "value",
};

function saidOf(problem: EntryError): string {
  switch (problem.code) {
    case "other-handover":
      return "this entry is of another handover than the list";
    case "impossible-time":
      return `there is no such time as ${problem.time}`;
    case "no-such-line":
      return `the list has no line "${problem.line}"`;
    case "no-such-place":
      return `the list has no place "${problem.place}"`;
    case "no-such-stop":
      return `the briefing has no stop "${problem.stop}"`;
    case "safety-not-skipped":
      return `the safety stop "${problem.stop}" can be left out by a manager alone`;
    case "never-let-go":
      return "nobody may let her go in spite of this";
    case "manager-only":
      return "a manager alone records this";
    case "not-together":
      return "this is counted by itself, not together with its neighbours";
    case "aspect-does-not-fit":
      return `"${problem.aspect}" cannot be recorded of this`;
    case "bad-value":
      return `the value does not fit: ${problem.detail.replace(/\.$/, "")}`;
  }
}
