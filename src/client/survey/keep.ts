import type { ReadyPhoto } from "../store/ready-photo";
import type { NewNote } from "../store/note-store";

/** Keeps a note on this phone with its photos. */
export type Keep = (note: NewNote, photos: readonly ReadyPhoto[]) => Promise<void>;

/** A note that says nothing yet. */
export const nothing = { name: "", thing: null, count: null, where: "", how: "" } as const;
