"use client";
import { photosOf } from "@/core/handover/state";
import { partOfLine } from "@/core/yacht/note/note";
import { NoteForm } from "../notes/NoteForm";
import type { NewNote } from "../store/note-store";
import { useHandover } from "../store/handover-context";

/** Says that the yacht's file is wrong at this line, with the photos that were taken here. */
export function NoteOnLine({ subject, name, slug }: { subject: string; name: string; slug: string }) {
  const store = useHandover();
  const about = partOfLine(subject.slice("line:".length));
  const tell = async (note: NewNote) => {
    // what sends notes is not needed for a check-in: it comes when somebody has one
    const { NoteStore } = await import("../store/note-store");
    await NoteStore.open().add(slug, note, [], {
      handover: store.bundle.list.handover,
      grant: store.grant,
      photos: photosOf(store.folded(), subject),
    });
  };
  return about && <NoteForm about={about} name={name} onTell={tell} />;
}
