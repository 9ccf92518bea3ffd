import { canonicalJson } from "../basics/digest";
import type { AspectValue } from "./aspects";
import type { Entry } from "./entry";

/** What is known about one aspect of one subject. */
export interface Cell<Aspect extends string = string> {
  subject: string;
  aspect: Aspect;
  /** entries that nothing replaces, by id; more than one with different values is a fork */
  heads: Entry[];
  fork: boolean;
  /** the value that stands; undefined while a fork is open */
  value: AspectValue<Aspect> | undefined;
}

/** A folded handover: its cells by `subject aspect`. */
export type Folded = ReadonlyMap<string, Cell>;

/** The key of a cell in a folded handover. */
export const cellKey = (subject: string, aspect: string) => `${subject} ${aspect}`;

/** What stands on one aspect of one subject. An entry's value was checked against its aspect's schema when it came in, which is what the cast says. */
export const cellOf = <Aspect extends string>(
  folded: Folded,
  subject: string,
  aspect: Aspect,
): Cell<Aspect> | undefined => folded.get(cellKey(subject, aspect)) as Cell<Aspect> | undefined;

/** The value of one of the entries of a cell. */
export const valueIn = <Aspect extends string>(_cell: Cell<Aspect>, entry: Entry): AspectValue<Aspect> | undefined =>
  entry.value as AspectValue<Aspect> | undefined;

/** Whether a cell is of an aspect. */
export const isOf = <Aspect extends string>(cell: Cell, aspect: Aspect): cell is Cell<Aspect> => cell.aspect === aspect;

/** Whether a cell is of a family of aspects, such as `photo:…`. */
export const isOfFamily = <Family extends string>(cell: Cell, family: Family): cell is Cell<`${Family}:${string}`> =>
  cell.aspect.startsWith(`${family}:`);

/**
 * Folds the entries of one cell. Only `basis` orders them, never a clock: what some entry replaces is gone,
 * the rest are heads; equal heads count as one, different ones are a fork until a person settles it.
 */
export function foldCell(entries: Iterable<Entry>): Cell | null {
  const byId = new Map<string, Entry>();
  for (const entry of entries) byId.set(entry.id, entry);
  const first = byId.values().next().value;
  if (!first) return null;
  const replaced = new Set<string>();
  for (const entry of byId.values()) for (const id of entry.basis) replaced.add(id);
  const free = [...byId.values()].filter((entry) => !replaced.has(entry.id));
  // entries that replace each other in a circle hide nothing: a person sees them all, and settles it
  const heads = (free.length > 0 ? free : [...byId.values()]).sort((a, b) => (a.id < b.id ? -1 : 1));
  const fork = heads.length > 1 && new Set(heads.map((entry) => canonicalJson(entry.value ?? null))).size > 1;
  return { subject: first.subject, aspect: first.aspect, heads, fork, value: fork ? undefined : heads[0]?.value };
}

/**
 * Folds the entries of a handover into what stands. The result is the same for any order, split or repetition
 * of the entries.
 */
export function fold(entries: Iterable<Entry>): Folded {
  const groups = new Map<string, Entry[]>();
  for (const entry of entries) {
    const key = cellKey(entry.subject, entry.aspect);
    const group = groups.get(key);
    if (group) group.push(entry);
    else groups.set(key, [entry]);
  }
  const cells = new Map<string, Cell>();
  for (const key of [...groups.keys()].sort()) {
    const cell = foldCell(groups.get(key) ?? []);
    if (cell) cells.set(key, cell);
  }
  return cells;
}

/** Every open fork of a folded handover. */
export function forks(folded: Folded): Cell[] {
  // who counts where is settled by counting: two that took one place are no disagreement on the yacht
  return [...folded.values()].filter((cell) => cell.fork && !cell.aspect.startsWith("took:"));
}

/** The cells of a folded handover by their subject. */
export function bySubject(folded: Folded): ReadonlyMap<string, Cell[]> {
  const subjects = new Map<string, Cell[]>();
  for (const cell of folded.values()) {
    const cells = subjects.get(cell.subject);
    if (cells) cells.push(cell);
    else subjects.set(cell.subject, [cell]);
  }
  return subjects;
}
