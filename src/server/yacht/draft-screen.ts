import "server-only";
import { undoable } from "@/core/yacht/draft/undo";
import type { DraftScreen } from "@/formats/draft";
import type { Queryable } from "../db/pool";
import { draftView, reviewDraft } from "./draft";
import { movedThings, openNotes } from "./notes";

/** The draft of a yacht as its editor shows it, with what others have changed and what is proposed. */
export async function draftScreen(db: Queryable, slug: string, personId: string): Promise<DraftScreen> {
  const view = await draftView(db, slug);
  const { yacht, draft, document, edits } = view;
  const { undo, redo } = undoable(edits, personId);
  return {
    yacht: { slug, name: document.particulars.name, revision: yacht.revision },
    onRevision: draft?.onRevision ?? yacht.revision,
    document,
    number: edits.length,
    lately: edits.slice(-12).reverse().map(({ path, byName, at, by }) => ({ path, by: byName, at, isMine: by === personId })),
    undo,
    redo,
    ...reviewDraft(view),
    notes: await openNotes(db, slug),
    moved: await movedThings(db, view),
  };
}
