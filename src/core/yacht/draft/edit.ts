import { Type, type Static } from "@sinclair/typebox";
import { Uuid } from "../../basics/ids";
import { same } from "../changes";
import { pointerPattern, valueAt, withValue } from "./pointer";

/** One change of a draft: what stood at a place when it was made, and what stands there from then on. Null is nothing. */
export const DraftEdit = Type.Object(
  {
    /** UUID v7, made where it was typed */
    id: Uuid,
    path: Type.String({ pattern: pointerPattern, maxLength: 400 }),
    from: Type.Unknown(),
    to: Type.Unknown(),
    /** the edit that this one takes back */
    undoes: Type.Union([Uuid, Type.Null()]),
    /** the note or the proposal it was taken over from */
    source: Type.Union([Uuid, Type.Null()]),
  },
  { additionalProperties: false },
);
export type DraftEdit = Static<typeof DraftEdit>;

/** Somebody else has changed what an edit was made on. */
export class EditConflict extends Error {
  override readonly name = "EditConflict";
  constructor(
    readonly path: string,
    /** what stands there now */
    readonly now: unknown,
  ) {
    super(`${path} was changed meanwhile`);
  }
}

/**
 * A document with an edit laid over it.
 *
 * @throws EditConflict when something else stands there than the edit was made on; RangeError where there is no such place
 */
export function applyEdit(document: unknown, edit: Pick<DraftEdit, "path" | "from" | "to">): unknown {
  const now = valueAt(document, edit.path);
  if (!same(now, edit.from)) throw new EditConflict(edit.path, now);
  return withValue(document, edit.path, edit.to);
}

/** A draft as it stands: what it was begun from, with its edits in order. */
export function draftDocument(base: unknown, edits: readonly DraftEdit[]): unknown {
  return edits.reduce<unknown>((document, edit) => applyEdit(document, edit), base);
}

/** Lays edits over another base: those that still fit are kept in order, the others are named with what stands there now. */
export function carryEdits(
  base: unknown,
  edits: readonly DraftEdit[],
): { document: unknown; kept: DraftEdit[]; conflicts: { edit: DraftEdit; now: unknown }[] } {
  let document = base;
  const kept: DraftEdit[] = [];
  const conflicts: { edit: DraftEdit; now: unknown }[] = [];
  for (const edit of edits) {
    const now = valueAt(document, edit.path);
    // the new base has it already
    if (same(now, edit.to)) continue;
    try {
      document = applyEdit(document, edit);
      kept.push(edit);
    } catch {
      conflicts.push({ edit, now });
    }
  }
  return { document, kept, conflicts };
}
