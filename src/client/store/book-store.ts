import { postBoatLog, postBookAddenda, postStudy } from "@/api/book";
import { readPhoto } from "@/api/photos";
import { filePhotos } from "@/core/yacht/file-photos";
import { call, callForBytes } from "../api/call";
import { sendItems, type KeptItem } from "../outbox/items";
import { Outbox } from "../outbox/outbox";
import { sendPhotos, type OutPhoto } from "../outbox/photos";
import { forgetAsked } from "./asked-before";
import { forgetCrew } from "./crew-kept";
import { forgetLeft, isSameCharter, leaveBehind, leftBehind } from "./left-behind";
import { forgetTyped } from "./planner-typed";
import { forgetMuster } from "./muster-changes";
import Dexie, { type EntityTable } from "dexie";
import { v7 as uuid } from "uuid";
import type { StudyAnswer } from "@/core/briefing/study/answer";
import type { BoatBook } from "@/api/schemas/book";
import type { Said } from "@/core/briefing/study/said";
import { isForBase, type LogEntry } from "@/core/underway/log/entry";
import type { Addendum } from "@/core/handover/addenda/addendum";
import type { IncidentKind } from "@/core/incidents/incident";
import { withFileOfToday } from "./file-of-today";

/** An answer of the study, with how far it has come. */
export interface KeptAnswer extends KeptItem {
  answer: StudyAnswer;
}

/** Something added to the signed check-in, with how far it has come. */
export interface KeptAddendum extends KeptItem {
  addendum: Addendum;
}

/** An entry of the log under way; the crew's own stays on this device until somebody tells it. */
export interface KeptLog extends KeptItem {
  entry: LogEntry;
  isOwn: boolean;
}

/** An entry without what the store knows by itself. */
export type SaidUnderWay = LogEntry extends infer Entry
  ? Entry extends LogEntry
    ? Omit<Entry, "v" | "id" | "yacht" | "at">
    : never
  : never;

interface KeptBook {
  key: "book";
  book: BoatBook;
  keptAt: string;
}

/** A photo of a record, small, under the hash of the whole one. */
interface KeptSmallPhoto {
  hash: string;
  bytes: Blob;
}

/** What a skipper adds, without what the store knows by itself. */
export type AddedBySkipper =
  | { kind: "left-berth"; leftAt: string }
  | { kind: "late-finding"; line: string | null; words: string; photos: string[] }
  | { kind: "incident"; what: IncidentKind; happenedOn: string; words: string; photos: string[] }
  | { kind: "acknowledgement"; to: string; words: string };

type BookDatabase = Dexie & {
  book: EntityTable<KeptBook, "key">;
  answers: EntityTable<KeptAnswer, "id">;
  photos: EntityTable<KeptSmallPhoto, "hash">;
  addenda: EntityTable<KeptAddendum, "id">;
  taken: EntityTable<OutPhoto, "hash">;
  log: EntityTable<KeptLog, "id">;
};

/** Which charter's book this device holds. */
const nameKey = "brinecove-book";

/** How safe the study is: how much waits for the base, and a fault of the device's store. */
export interface StudySave {
  waiting: number;
  fault: string | null;
}

/** The boat book on this device: the book itself, so that it opens without signal, and the study's answers with their outbox. */
export class BookStore {
  private readonly answers = new Map<string, KeptAnswer>();
  private readonly added = new Map<string, KeptAddendum>();
  private readonly told = new Map<string, KeptLog>();
  private toldList: KeptLog[] = [];
  private photosWaiting = 0;
  private readonly listeners = new Set<() => void>();
  private saved: StudySave = { waiting: 0, fault: null };
  private list: StudyAnswer[] = [];
  private readonly outbox: Outbox;

  private constructor(
    private readonly db: BookDatabase,
    readonly book: BoatBook,
    /** when the base was last heard of, if this is what was kept */
    readonly keptAt: string | null,
    /** by how many minutes this device's clock goes before the base's; not known of what was kept */
    readonly clockAheadMin: number | null = null,
  ) {
    this.outbox = new Outbox(
      [() => this.sendLog(), () => this.sendAnswers(), () => this.sendAddenda(), () => this.sendTaken()],
      () => this.countPhotos(),
    );
  }

  private static database(reference: string): BookDatabase {
    const db = new Dexie(`brinecove-book-${reference}`) as BookDatabase;
    db.version(1).stores({ book: "key", answers: "id, state", photos: "hash" });
    db.version(2).stores({ addenda: "id, state", taken: "hash, state" });
    db.version(3).stores({ log: "id, state" });
    return db;
  }

  /** Keeps a book that came from the base, and opens it with what this device has still to send. */
  static async keep(book: BoatBook): Promise<BookStore> {
    const before = localStorage.getItem(nameKey);
    if (before !== null && before !== book.reference && isSameCharter(before, book.reference)) leaveBehind(before);
    void BookStore.sendLeftBehind();
    const db = BookStore.database(book.reference);
    localStorage.setItem(nameKey, book.reference);
    await db.book.put({ key: "book", book, keptAt: new Date().toISOString() });
    return BookStore.opened(new BookStore(db, book, null, clockAheadMin(book, Date.now())));
  }

  /** Sends what waits in books of the charter's yachts before this one; a book that has nothing left is taken off. */
  static sendLeftBehind(): Promise<void> {
    BookStore.sendingLeft ??= BookStore.sendLeft()
      // it stays on the list, and goes the next time
      .catch(() => undefined)
      .finally(() => (BookStore.sendingLeft = null));
    return BookStore.sendingLeft;
  }
  private static sendingLeft: Promise<void> | null = null;

  private static async sendLeft(): Promise<void> {
    for (const reference of leftBehind()) {
      const db = BookStore.database(reference);
      const kept = await db.book.get("book");
      const store = kept && (await BookStore.opened(new BookStore(db, kept.book, kept.keptAt)));
      await store?.send();
      if (store && store.save().waiting > 0) continue;
      await db.delete();
      forgetLeft(reference);
    }
  }

  /** The book that this device holds, or null. */
  static async kept(): Promise<BookStore | null> {
    const reference = localStorage.getItem(nameKey);
    if (!reference) return null;
    void BookStore.sendLeftBehind();
    const db = BookStore.database(reference);
    const kept = await db.book.get("book");
    if (!kept) return null;
    const book = { ...kept.book, yacht: withFileOfToday(kept.book.yacht) };
    return BookStore.opened(new BookStore(db, book, kept.keptAt));
  }

  private static async opened(store: BookStore): Promise<BookStore> {
    for (const answer of store.book.study)
      store.answers.set(answer.id, { id: answer.id, answer, state: "there", message: null });
    for (const kept of await store.db.answers.toArray())
      if (store.answers.get(kept.id)?.state !== "there") store.answers.set(kept.id, kept);
    for (const { addendum } of store.book.afterwards?.addenda ?? [])
      store.added.set(addendum.id, { id: addendum.id, addendum, state: "there", message: null });
    for (const kept of await store.db.addenda.toArray())
      if (store.added.get(kept.id)?.state !== "there") store.added.set(kept.id, kept);
    for (const entry of store.book.log ?? [])
      store.told.set(entry.id, { id: entry.id, entry, state: "there", message: null, isOwn: false });
    for (const kept of await store.db.log.toArray())
      if (store.told.get(kept.id)?.state !== "there") store.told.set(kept.id, kept);
    await store.countPhotos();
    void store.send();
    return store;
  }

  /** A photo as this device keeps it; fetched and kept when it is not here yet, null without signal. */
  async photo(hash: string): Promise<Blob | null> {
    const kept = await this.db.photos.get(hash);
    if (kept) return kept.bytes;
    const taken = await this.db.taken.get(hash);
    if (taken) return taken.bytes;
    const bytes = await callForBytes(readPhoto, { params: { hash }, query: { small: "yes" } }).catch(() => null);
    if (!bytes) return null;
    await this.db.photos.put({ hash, bytes });
    return bytes;
  }

  /**
   * Fetches what is not here yet. Returns the bytes that are kept of this yacht, or null when something is missing.
   *
   * @param onPhoto called with each photo that is here: how many of how many
   */
  async keepEverything(onPhoto: (done: number, of: number) => void = () => undefined): Promise<number | null> {
    let sum = new Blob([JSON.stringify(this.book)]).size;
    const photos = new Set([
      ...this.book.handovers.flatMap(({ noted }) => noted.flatMap((each) => each.photos)),
      ...filePhotos(this.book.yacht.file),
    ]);
    for (const [at, hash] of [...photos].entries()) {
      const bytes = await this.photo(hash);
      if (!bytes) return null;
      sum += bytes.size;
      onPhoto(at + 1, photos.size);
    }
    return sum;
  }

  /** Takes the book off this device. What has not reached the base is sent first; where that fails nothing is erased. */
  async erase(): Promise<boolean> {
    await this.send();
    await BookStore.sendLeftBehind();
    if (this.saved.waiting > 0 || leftBehind().length > 0) return false;
    await this.db.delete();
    forgetAsked(this.book.yacht.slug);
    forgetMuster(this.book.stay.id);
    forgetCrew(this.book.stay.id);
    forgetTyped(this.book.stay.id);
    localStorage.removeItem(nameKey);
    return true;
  }

  /** What was said in the study, from every device. */
  said(): StudyAnswer[] {
    return this.list;
  }

  save(): StudySave {
    return this.saved;
  }

  onChange(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Keeps one thing said, here first and then at the base. */
  async say(said: Said): Promise<void> {
    const answer = {
      v: 1,
      id: uuid(),
      revision: this.book.yacht.revision,
      at: new Date().toISOString(),
      ...said,
    } as StudyAnswer;
    const kept: KeptAnswer = { id: answer.id, answer, state: "waiting", message: null };
    this.answers.set(answer.id, kept);
    this.changed();
    try {
      await this.db.answers.put(kept);
      this.saved = { ...this.saved, fault: null };
    } catch (error) {
      this.saved = { ...this.saved, fault: (error as Error).name };
    }
    this.changed();
    void this.send();
  }

  /** The log under way, from the base and from here, oldest first. */
  log(): readonly KeptLog[] {
    return this.toldList;
  }

  /**
   * Writes an entry into the log, here first; what is for the base goes to it, all else stays the crew's own.
   *
   * @returns the id of the entry
   */
  async write(said: SaidUnderWay): Promise<string> {
    const entry = {
      v: 1,
      id: uuid(),
      yacht: this.book.yacht.slug,
      at: new Date().toISOString(),
      ...said,
    } as LogEntry;
    const isOwn = !isForBase(entry);
    await this.keepLog({ id: entry.id, entry, state: isOwn ? "there" : "waiting", message: null, isOwn });
    return entry.id;
  }

  /** Tells the base an entry that was the crew's own. */
  async share(id: string): Promise<void> {
    const kept = this.told.get(id);
    if (kept?.isOwn) await this.keepLog({ ...kept, isOwn: false, state: "waiting" });
  }

  private async keepLog(kept: KeptLog): Promise<void> {
    this.told.set(kept.id, kept);
    try {
      await this.db.log.put(kept);
      this.saved = { ...this.saved, fault: null };
    } catch (error) {
      this.saved = { ...this.saved, fault: (error as Error).name };
    }
    this.changed();
    void this.send();
  }

  /** What was added to the signed check-in and is not in the book yet, oldest first. */
  waitingAddenda(): KeptAddendum[] {
    const known = new Set((this.book.afterwards?.addenda ?? []).map(({ addendum }) => addendum.id));
    return [...this.added.values()].filter((each) => !known.has(each.id)).sort((a, b) => (a.id < b.id ? -1 : 1));
  }

  /** Everything added so far, from the base and from here. */
  addenda(): Addendum[] {
    return [...this.added.values()].filter((each) => each.state !== "refused").map((each) => each.addendum);
  }

  /** Adds something to the signed check-in, here first and then at the base; photos go after it. */
  async add(said: AddedBySkipper, photos: readonly { hash: string; bytes: Blob }[] = []): Promise<void> {
    const { afterwards, skipperId } = this.book;
    if (!afterwards) return;
    const addendum = {
      v: 1,
      id: uuid(),
      handover: afterwards.handover,
      at: new Date().toISOString(),
      by: { side: "skipper", person: skipperId },
      ...said,
    } as Addendum;
    const kept: KeptAddendum = { id: addendum.id, addendum, state: "waiting", message: null };
    try {
      for (const { hash, bytes } of photos) await this.db.taken.put({ hash, bytes, state: "waiting" });
      await this.db.addenda.put(kept);
      this.saved = { ...this.saved, fault: null };
    } catch (error) {
      this.saved = { ...this.saved, fault: (error as Error).name };
    }
    this.added.set(kept.id, kept);
    this.photosWaiting += photos.length;
    this.changed();
    void this.send();
  }

  /** Sends what waits; without signal it stays, and goes with the next answer or when the network comes back. */
  send(): Promise<void> {
    return this.outbox.flush();
  }

  private sendLog(): Promise<void> {
    return sendItems<KeptLog>({
      waiting: async () => waitingOf(this.told, 50),
      post: (rows) => call(postBoatLog, { body: { entries: rows.map(({ entry }) => entry) } }),
      keep: async (answered) => {
        for (const now of answered) await this.db.log.put(settled(this.told, now));
        this.changed();
      },
    });
  }

  private sendAnswers(): Promise<void> {
    return sendItems<KeptAnswer>({
      waiting: async () => waitingOf(this.answers, 100),
      post: (rows) =>
        call(postStudy, { body: { answers: rows.map(({ answer }) => answer), yacht: this.book.yacht.slug } }),
      keep: async (answered) => {
        for (const now of answered) await this.db.answers.put(settled(this.answers, now));
        this.changed();
      },
    });
  }

  private sendAddenda(): Promise<void> {
    return sendItems<KeptAddendum>({
      waiting: async () => waitingOf(this.added, 50),
      post: (rows) => call(postBookAddenda, { body: { addenda: rows.map(({ addendum }) => addendum) } }),
      keep: async (answered) => {
        for (const now of answered) await this.db.addenda.put(settled(this.added, now));
        this.changed();
      },
    });
  }

  /** Photos go after what names them. */
  private sendTaken(): Promise<void> {
    return sendPhotos({ table: this.db.taken, right: () => ({ handover: this.book.afterwards?.handover }) });
  }

  private async countPhotos(): Promise<void> {
    this.photosWaiting = await this.db.taken.where("state").equals("waiting").count();
    this.changed();
  }

  private changed(): void {
    const kept = [...this.answers.values()];
    this.list = kept.filter((each) => each.state !== "refused").map((each) => each.answer);
    this.toldList = [...this.told.values()].sort((a, b) => Date.parse(a.entry.at) - Date.parse(b.entry.at));
    this.saved = {
      ...this.saved,
      waiting:
        [...kept, ...this.added.values(), ...this.told.values()].filter((each) => each.state === "waiting").length +
        this.photosWaiting,
    };
    for (const listener of this.listeners) listener();
  }
}

/** By how many minutes a clock goes before the base's, as the base's book tells the time; null where it does not. */
const clockAheadMin = ({ outlook }: BoatBook, nowMs: number): number | null =>
  outlook ? Math.round((nowMs - Date.parse(outlook.at)) / 60_000) : null;

/** What waits of some items, oldest first: their ids grow with time. */
const waitingOf = <Row extends KeptItem>(rows: ReadonlyMap<string, Row>, most: number): Row[] =>
  [...rows.values()]
    .filter(({ state }) => state === "waiting")
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .slice(0, most);

/** Notes how far an item has come; gives it back as it is to be kept. */
function settled<Row extends KeptItem>(rows: Map<string, Row>, now: KeptItem): Row {
  const row = { ...(rows.get(now.id) as Row), ...now };
  rows.set(now.id, row);
  return row;
}
