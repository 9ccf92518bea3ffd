import { postNotes } from "@/api/yachts";
import { call } from "../api/call";
import { sendItems, type KeptItem } from "../outbox/items";
import { Outbox } from "../outbox/outbox";
import { sendPhotos, type OutPhoto } from "../outbox/photos";
import Dexie, { type EntityTable } from "dexie";
import { v7 as uuid } from "uuid";
import type { YachtNote } from "@/core/yacht/note/note";
import type { SurveyBundle } from "@/api/schemas/draft";
import type { ReadyPhoto } from "./ready-photo";
import { withFileOfToday } from "./file-of-today";

interface KeptNote extends KeptItem {
  yacht: string;
  note: YachtNote;
  /** the handover it was made at, whose device may send it; null for somebody signed in */
  handover: string | null;
  /** whose it is, so that nobody else's sign-in sends it as theirs; null in a boat book */
  person: string | null;
}
interface NotePhoto extends OutPhoto {
  handover: string | null;
}
interface KeptSurvey {
  yacht: string;
  bundle: SurveyBundle;
}

type NoteDatabase = Dexie & {
  notes: EntityTable<KeptNote, "id">;
  photos: EntityTable<NotePhoto, "hash">;
  surveys: EntityTable<KeptSurvey, "yacht">;
};

/** Where a note is made that a handover's device sends. */
export interface MadeAt {
  handover: string;
  grant: string;
  /** photos of the handover, by hash */
  photos: readonly string[];
}

/** A note without what the store adds by itself. */
export type NewNote = Omit<YachtNote, "v" | "id" | "at" | "yacht" | "photos">;

/**
 * Notes about yachts' files on this device, with their photos, until they are at the base. A note is kept before anything
 * else happens to it: a phone that loses power sends it when it is on again.
 */
export class NoteStore {
  private readonly listeners = new Set<() => void>();
  private sending: Promise<void> = Promise.resolve();
  private version = 0;
  private person: string | null = null;

  private constructor(private readonly db: NoteDatabase) {
    addEventListener("online", () => this.send());
  }

  private static opened: NoteStore | null = null;

  /** The one store of this page. */
  static open(): NoteStore {
    if (!NoteStore.opened) {
      const db = new Dexie("brinecove-notes") as NoteDatabase;
      db.version(1).stores({ notes: "id, yacht, state", photos: "hash, state", surveys: "yacht" });
      NoteStore.opened = new NoteStore(db);
    }
    return NoteStore.opened;
  }

  /** Says who works here: notes are theirs from now on, and only theirs are sent. */
  actAs(person: string): void {
    this.person = person;
  }

  /** How many notes of other people wait here: they go when those people are signed in. */
  async waitingOfOthers(): Promise<number> {
    return (await this.db.notes.where("state").equals("waiting").toArray()).filter(
      ({ person }) => person !== null && person !== this.person,
    ).length;
  }

  /** Keeps what a phone takes along. */
  async keepSurvey(bundle: SurveyBundle): Promise<void> {
    await this.db.surveys.put({ yacht: bundle.yacht, bundle });
  }

  /** What this phone took along of a yacht, or null. */
  async survey(yacht: string): Promise<SurveyBundle | null> {
    const kept = await this.db.surveys.get(yacht);
    return kept ? withFileOfToday(kept.bundle) : null;
  }

  /**
   * Keeps a note with its photos and sends it when there is signal.
   *
   * @param at the handover it was made at, with the right of its device, and photos that are sent with the handover
   */
  async add(yacht: string, note: NewNote, photos: readonly ReadyPhoto[], at: MadeAt | null = null): Promise<void> {
    const id = uuid();
    const handover = at?.handover ?? null;
    const whole: YachtNote = {
      v: 1,
      id,
      yacht,
      ...note,
      photos: [...photos.map(({ hash }) => hash), ...(at?.photos ?? [])].slice(0, 6),
      at: new Date().toISOString(),
    };
    await this.db.transaction("rw", this.db.notes, this.db.photos, async () => {
      for (const { hash, bytes } of photos) await this.db.photos.put({ hash, bytes, handover, state: "waiting" });
      await this.db.notes.put({
        id,
        yacht,
        note: whole,
        handover,
        person: handover === null ? this.person : null,
        state: "waiting",
        message: null,
      });
    });
    this.changed();
    this.send(at);
  }

  /** Every note of a yacht made on this device. */
  async notesOf(yacht: string): Promise<KeptNote[]> {
    return this.db.notes.where("yacht").equals(yacht).toArray();
  }

  /** How many notes and photos wait for the base. */
  async waiting(): Promise<number> {
    return (
      (await this.db.notes.where("state").equals("waiting").count()) +
      (await this.db.photos.where("state").equals("waiting").count())
    );
  }

  /**
   * Takes off this device what the base has: notes, photos, and the files that were taken along. What has not reached it
   * is sent first and stays where that fails.
   *
   * @returns the yachts of which something stays
   */
  async leave(): Promise<string[]> {
    this.send();
    await this.sending;
    const left = new Set((await this.db.notes.where("state").equals("waiting").toArray()).map(({ yacht }) => yacht));
    const names = await Promise.all(
      [...left].map(async (yacht) => (await this.survey(yacht))?.file.particulars.name ?? yacht),
    );
    await this.db.notes.where("state").notEqual("waiting").delete();
    await this.db.photos.where("state").notEqual("waiting").delete();
    await this.db.surveys
      .where("yacht")
      .noneOf([...left])
      .delete();
    return names;
  }

  /** Whether a note made at a handover waits: only that handover's device may send it. */
  async waitsAt(handover: string): Promise<boolean> {
    return (await this.db.notes.where("state").equals("waiting").toArray()).some((each) => each.handover === handover);
  }

  /** Sends what waits, one round after the other; without signal it stays. */
  send(at: Pick<MadeAt, "handover" | "grant"> | null = null): void {
    this.sending = this.sending.then(() => this.round(at)).catch(() => undefined);
  }

  private async round(at: Pick<MadeAt, "handover" | "grant"> | null): Promise<void> {
    const right = at === null ? {} : { grant: at.grant };
    const isOurs = ({ handover }: { handover: string | null }) => handover === (at?.handover ?? null);
    const lanes = [
      () =>
        sendPhotos({
          table: this.db.photos,
          isOurs,
          right: ({ handover }) => ({ ...right, ...(handover === null ? {} : { handover }) }),
        }),
      ...(await this.yachtsWaiting(isOurs)).map((yacht) => () => this.sendNotesOf(yacht, isOurs, at)),
    ];
    await new Outbox(lanes, () => this.changed()).flush();
  }

  private async waitingNotes(isOurs: (note: KeptNote) => boolean): Promise<KeptNote[]> {
    const waiting = await this.db.notes.where("state").equals("waiting").sortBy("id");
    return waiting.filter((note) => isOurs(note) && (note.person === null || note.person === this.person));
  }

  private async yachtsWaiting(isOurs: (note: KeptNote) => boolean): Promise<string[]> {
    return [...new Set((await this.waitingNotes(isOurs)).map(({ yacht }) => yacht))];
  }

  private sendNotesOf(
    yacht: string,
    isOurs: (note: KeptNote) => boolean,
    at: Pick<MadeAt, "handover" | "grant"> | null,
  ): Promise<void> {
    return sendItems<KeptNote>({
      waiting: async () => (await this.waitingNotes(isOurs)).filter((note) => note.yacht === yacht).slice(0, 100),
      post: (rows) =>
        call(postNotes, {
          params: { slug: yacht },
          query: { handover: at?.handover },
          body: { notes: rows.map(({ note }) => note) },
          ...(at === null ? {} : { grant: at.grant }),
        }),
      keep: async (answered) => {
        for (const { id, ...now } of answered) await this.db.notes.update(id, now);
      },
    });
  }

  onChange = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  /** Counts up with every change. */
  getVersion = (): number => this.version;

  private changed(): void {
    this.version += 1;
    this.listeners.forEach((listener) => listener());
  }
}
