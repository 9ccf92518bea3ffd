import type { DraftEdit } from "./edit";

/** An edit with who made it. */
export interface MadeEdit extends DraftEdit {
  by: string;
}

/** What one person can take back, and what that person can put forward again; null where there is nothing. */
export interface Undoable {
  undo: MadeEdit | null;
  redo: MadeEdit | null;
}

/**
 * The last edit of a person that stands, and the last one that the person took back with nothing typed since. One takes
 * back one's own edits alone.
 */
export function undoable(edits: readonly MadeEdit[], person: string): Undoable {
  const done: MadeEdit[] = [];
  const undone: MadeEdit[] = [];
  for (const edit of edits) {
    if (edit.by !== person) continue;
    if (edit.undoes === null) {
      done.push(edit);
      undone.length = 0;
    } else if (done.at(-1)?.id === edit.undoes) {
      done.pop();
      undone.push(edit);
    } else if (undone.at(-1)?.id === edit.undoes) {
      undone.pop();
      done.push(edit);
    }
  }
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}

/** The edit that takes another back: it fits as long as nobody has changed the same place since. */
export function takingBack(edit: DraftEdit, id: string): DraftEdit {
  return { id, path: edit.path, from: edit.to, to: edit.from, undoes: edit.id, source: null };
}
