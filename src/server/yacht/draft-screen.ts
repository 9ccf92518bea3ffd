import "server-only";
import { undoable } from "@/core/yacht/draft/undo";
import { dayIn } from "@/core/basics/instant";
import { absentParts } from "@/core/yacht/note/absent";
import type { DraftScreen, FileName } from "@/formats/draft";
import { now } from "../clock";
import { currentBase } from "../db/base";
import type { Queryable } from "../db/pool";
import { sistersOf } from "../db/yacht-classes";
import { classFileOf, draftView, isStale, reviewDraft } from "./draft";
import { answeredNotes, movedThings, openNotes } from "./notes";

/** The draft of a file as its editor shows it: with what others have changed; of a yacht what is proposed, of a class its yachts. */
export async function draftScreen(db: Queryable, name: FileName, personId: string): Promise<DraftScreen> {
  const view = await draftView(db, name);
  const { edited, draft, document, edits } = view;
  const { of, slug } = name;
  const { undo, redo } = undoable(edits, personId);
  return {
    file: {
      of,
      slug,
      name: of === "yachts" ? document.particulars.name : document.particulars.class,
      revision: edited.revision,
    },
    onRevision: draft?.onRevision ?? edited.revision,
    today: dayIn(now(), (await currentBase(db)).timeZone),
    isStale: await isStale(db, view),
    document,
    number: edits.length,
    lately: edits
      .slice(-12)
      .reverse()
      .map(({ path, byName, at, by }) => ({ path, by: byName, at, isMine: by === personId })),
    undo,
    redo,
    ...reviewDraft(view),
    notes: of === "yachts" ? await openNotes(db, slug) : [],
    answered: of === "yachts" ? await answeredNotes(db, slug) : [],
    moved: of === "yachts" ? await movedThings(db, view) : [],
    absent: absentParts(document, await classFileOf(db, view)),
    sisters:
      of === "classes"
        ? (await sistersOf(db, slug)).map(({ slug: sister, name: called, patch }) => ({
            slug: sister,
            name: called,
            patch,
          }))
        : [],
  };
}
