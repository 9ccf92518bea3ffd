import type { YachtFile } from "./schema";

/** One change between two revisions of a yacht file: what, from, to. Null stands for "was not there" and "is gone". */
export interface FileChange {
  /** JSON pointer of what changed */
  path: string;
  /** the part it belongs to, by its own name: "Fuel cut-off", or the collection's where there is none */
  part: string;
  /** which field of the part, or null when the whole part came or went */
  field: string | null;
  from: unknown;
  to: unknown;
}

type Loose = Record<string, unknown>;
const isObject = (value: unknown): value is Loose =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * What is different between two revisions, part by part. A part that came or went is one change; in a part that stayed
 * each field is one. In a list of parts (steps, marks) each entry that changed is told by its number; other lists
 * (outlines) change as a whole.
 */
export function fileChanges(before: YachtFile, after: YachtFile): FileChange[] {
  const changes: FileChange[] = [];
  for (const collection of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const [old, now] = [(before as unknown as Loose)[collection], (after as unknown as Loose)[collection]];
    if (!isObject(old) || !isObject(now)) continue;
    if (collection === "particulars") {
      changes.push(...fieldChanges(`/${collection}`, collection, old, now));
      continue;
    }
    for (const key of new Set([...Object.keys(old), ...Object.keys(now)])) {
      const [was, is] = [old[key], now[key]];
      const path = `/${collection}/${key}`;
      const part = nameOf(is) ?? nameOf(was) ?? key;
      if (!isObject(was) || !isObject(is)) changes.push({ path, part, field: null, from: was ?? null, to: is ?? null });
      else changes.push(...fieldChanges(path, part, was, is));
    }
  }
  return changes;
}

function nameOf(part: unknown): string | null {
  if (!isObject(part)) return null;
  const words = part.name ?? part.title ?? part.words;
  return isObject(words) && typeof words.en === "string" ? words.en : null;
}

function fieldChanges(path: string, part: string, was: Loose, is: Loose): FileChange[] {
  return [...new Set([...Object.keys(was), ...Object.keys(is)])]
    .filter((field) => !same(was[field], is[field]))
    .flatMap((field): FileChange[] => {
      const [from, to] = [was[field], is[field]];
      const whole = { path: `${path}/${field}`, part, field, from: from ?? null, to: to ?? null };
      return isParts(from) && isParts(to) ? listChanges(whole, from, to) : [whole];
    });
}

const isParts = (value: unknown): value is Loose[] => Array.isArray(value) && value.length > 0 && value.every(isObject);

function listChanges(whole: FileChange, from: Loose[], to: Loose[]): FileChange[] {
  const entry = (i: number) => ({ path: `${whole.path}/${i}`, field: `${whole.field ?? ""}.${i + 1}` });
  if (from.length === to.length) {
    return from.flatMap((was, i) =>
      fieldChanges(entry(i).path, whole.part, was, to[i] ?? {}).map((change) => ({
        ...change,
        field: `${entry(i).field}.${change.field ?? ""}`,
      })),
    );
  }
  const missingIn = (list: Loose[]) => (part: Loose) => !list.some((other) => same(part, other));
  const gone = from.flatMap((part, i) =>
    missingIn(to)(part) ? [{ ...whole, ...entry(i), path: `${entry(i).path}/gone`, from: part, to: null }] : [],
  );
  const came = to.flatMap((part, i) =>
    missingIn(from)(part) ? [{ ...whole, ...entry(i), from: null, to: part }] : [],
  );
  return gone.length + came.length > 0 ? [...gone, ...came] : [whole];
}

/** Whether two JSON values are the same; the order of an object's keys plays no part. */
export function same(a: unknown, b: unknown): boolean {
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((item, i) => same(item, b[i]));
  if (isObject(a) && isObject(b)) {
    const keys = Object.keys(a);
    return keys.length === Object.keys(b).length && keys.every((key) => Object.hasOwn(b, key) && same(a[key], b[key]));
  }
  return a === b;
}
