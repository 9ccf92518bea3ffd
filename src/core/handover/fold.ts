import { canonicalJson } from "../basics/digest";
import type { Entry } from "./entry";

/** What is known about one aspect of one subject. */
export interface Cell {
  subject: string;
  aspect: string;
  /** entries that nothing replaces, by id; more than one with different values is a fork */
  heads: Entry[];
  fork: boolean;
  /** the value that stands; undefined while a fork is open */
  value: unknown;
}

/** A folded handover: its cells by `subject aspect`. */
export type Folded = ReadonlyMap<string, Cell>;

/** The key of a cell in a folded handover. */
export const cellKey = (subject: string, aspect: string) => `${subject} ${aspect}`;

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
  const heads = [...byId.values()].filter((entry) => !replaced.has(entry.id)).sort((a, b) => (a.id < b.id ? -1 : 1));
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
