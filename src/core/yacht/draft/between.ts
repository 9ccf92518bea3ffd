import { same } from "../changes";
import type { YachtFile } from "../schema";

/** A change without the ids that it gets when it is kept. */
export interface PlainEdit {
  path: string;
  from: unknown;
  to: unknown;
}

type Loose = Record<string, unknown>;

/**
 * The edits that lead from one document to another: a part that came or went is one, in a part that stayed each field is
 * one, lists as a whole. Laid over the first in this order they give the second.
 */
export function editsBetween(before: YachtFile, after: YachtFile): PlainEdit[] {
  const edits: PlainEdit[] = [];
  const put = (path: string, from: unknown, to: unknown) => {
    if (!same(from, to)) edits.push({ path, from: from ?? null, to: to ?? null });
  };
  for (const collection of new Set([...Object.keys(before), ...Object.keys(after)])) {
    const was = (before as unknown as Loose)[collection];
    const is = (after as unknown as Loose)[collection];
    // the form's own number is no part of what people edit
    if (typeof was !== "object" || typeof is !== "object") continue;
    if (collection === "particulars") fields(`/${collection}`, was as Loose, is as Loose, put);
    else parts(`/${collection}`, (was ?? {}) as Loose, (is ?? {}) as Loose, put);
  }
  return edits;
}

function parts(path: string, was: Loose, is: Loose, put: (path: string, from: unknown, to: unknown) => void): void {
  for (const key of new Set([...Object.keys(was), ...Object.keys(is)])) {
    const [old, now] = [was[key], is[key]];
    if (isPart(old) && isPart(now)) fields(`${path}/${key}`, old, now, put);
    else put(`${path}/${key}`, old, now);
  }
}

function fields(path: string, was: Loose, is: Loose, put: (path: string, from: unknown, to: unknown) => void): void {
  for (const field of new Set([...Object.keys(was), ...Object.keys(is)]))
    put(`${path}/${field}`, was[field], is[field]);
}

const isPart = (value: unknown): value is Loose => typeof value === "object" && value !== null && !Array.isArray(value);
