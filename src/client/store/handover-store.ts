import { v7 as uuid } from "uuid";
import { canonicalJson } from "@/core/basics/digest";
import type { AspectValue } from "@/core/handover/aspects";
import { isForManager } from "@/core/handover/check-entry";
import { entryHash, mostReplaced, type Entry } from "@/core/handover/entry";
import { may } from "@/api/permissions";
import type { PartySide } from "@/core/basics/ids";
import { cellKey, cellOf, foldCell, type Cell, type Folded } from "@/core/handover/fold";
import { gate, type Gate } from "@/core/handover/gate";
import type { Permit } from "@/core/handover/permit";
import { kindOf, lineSubject, type Line, type LineValue } from "@/core/handover/lines";
import { progress, type Progress } from "@/core/handover/progress";
import type { HandoverBundle, Heard, SealRequest } from "@/api/schemas/handover";
import { afterPaint } from "./after-paint";
import {
  deviceId,
  directory,
  handoverDatabase,
  type HandoverDatabase,
  type KeptEntry,
  type KeptExchange,
  type KeptHandover,
} from "./database";
import { withFileOfToday } from "./file-of-today";

/** How safe what was recorded is: everything written here, and how much of it still waits for the base. */
export interface SaveState {
  /** entries and photos not yet written to this device's store */
  unwritten: number;
  waiting: number;
  refused: number;
  /** a fault of the device's store: full, or not allowed */
  fault: string | null;
  online: boolean;
  /** the base has withdrawn this device's right to record here */
  revoked: boolean;
}

type Listener = () => void;

const permitsKept = 12;

/** A bundle that an earlier version of the app kept lacks what came later: only the base's people recorded then, and the gate knew the deposit alone. */
function upToDate(bundle: HandoverBundle): HandoverBundle {
  const { me, context, deposit } = bundle as HandoverBundle & {
    me: { side?: PartySide };
    context?: HandoverBundle["context"];
    deposit?: { met: boolean };
  };
  return {
    ...bundle,
    me: { ...me, side: me.side ?? "base" },
    context: context ?? { deposit: { met: deposit?.met ?? false }, safetyWork: [], forecast: null },
  };
}

/**
 * One handover on this device: what it is made of, its entries, and what stands. Everything shown is read from memory;
 * every change is an entry, written to the device's store at once and sent from there.
 */
export class HandoverStore {
  private readonly entries = new Map<string, KeptEntry>();
  private readonly byCell = new Map<string, Entry[]>();
  private readonly cells = new Map<string, Cell>();
  private readonly entryCounts = new Map<string, number>();
  private readonly subjectListeners = new Map<string, Set<Listener>>();
  private readonly listeners = new Set<Listener>();
  private readonly recordedListeners = new Set<Listener>();
  private summary: { progress: Progress; gate: Gate; version: number } | null = null;
  private version = 0;
  private sumsAreOld = false;
  private telling = false;
  private saveState: SaveState = { unwritten: 0, waiting: 0, refused: 0, fault: null, online: true, revoked: false };
  private paper: string | null = null;
  readonly device = deviceId();

  private constructor(
    readonly db: HandoverDatabase,
    private kept: KeptHandover,
    private exchange: KeptExchange,
  ) {}

  /** Opens what this device holds of a handover, or null when it holds nothing. */
  static async open(handover: string): Promise<HandoverStore | null> {
    const devices = directory();
    const known = await devices.handovers.get(handover);
    devices.close();
    if (!known) return null;
    const db = handoverDatabase(known.database);
    const kept = await db.handover.get("handover");
    const exchange = await db.exchange.get("exchange");
    if (!kept || !exchange) return null;
    const store = new HandoverStore(db, { ...kept, bundle: withFileOfToday(upToDate(kept.bundle)) }, exchange);
    for (const each of await db.entries.toArray()) store.place(each);
    await store.countWaiting();
    return store;
  }

  get bundle() {
    return this.kept.bundle;
  }
  get grant() {
    return this.kept.grant;
  }
  get lastNumber() {
    return this.exchange.lastNumber;
  }
  get lastHeardAt() {
    return this.exchange.lastHeardAt;
  }
  get sealToSend() {
    return this.kept.sealToSend;
  }
  /** Signed records that the base has and that do not stand; a person there settles what becomes of them. */
  get received() {
    return this.bundle.received ?? [];
  }
  /** The record that was signed on this device is kept beside another one, which stands. */
  get sealBeside() {
    return this.bundle.seal !== null && this.received.some(({ seal }) => seal === this.kept.ownSeal);
  }
  /** The record that was signed on this device is to be signed again, as somebody at the base has settled. */
  get isSentBack() {
    return !this.isSealed && (this.bundle.sentBack ?? []).some((seal) => seal === this.kept.ownSeal);
  }
  get isSealed() {
    return this.bundle.seal !== null || this.kept.sealToSend !== null || this.received.length > 0;
  }

  /** Permits to send along with entries that rest on one. */
  permitsFor(entries: readonly Entry[]): Permit[] {
    const { list, me } = this.bundle;
    const isNeeded = entries.some(
      (entry) => isForManager(list, entry) || (entry.by.side === "base" && entry.by.person !== me.person),
    );
    return isNeeded ? (this.exchange.permits ?? []) : [];
  }

  /** The manager who may act on this device now: whose device it is, or who has signed in on it lately; null for nobody. */
  managerHere(): string | null {
    const { me } = this.bundle;
    if (me.isManager) return me.person;
    const nowAtBase = Date.now() - (this.exchange.offsetMs ?? 0);
    const good = (this.exchange.permits ?? []).find(
      ({ person, roles, until }) => person !== me.person && may({ roles }, "override") && Date.parse(until) > nowAtBase,
    );
    return good?.person ?? null;
  }

  /** Keeps the base's word on who records here; the newest few, as what was recorded under an earlier one may still wait. */
  async keepPermit(permit: Permit): Promise<void> {
    const kept = this.exchange.permits ?? [];
    // one's own comes anew with every exchange and must not push out who has signed in beside
    const own = kept.filter(({ person, from }) => person === permit.person && from !== permit.from).slice(0, 1);
    const others = [...own, ...kept.filter(({ person }) => person !== permit.person)];
    const people = { ...this.exchange.people, [permit.person]: permit.name };
    this.exchange = { ...this.exchange, people, permits: [permit, ...others].slice(0, permitsKept) };
    await this.db.exchange.put(this.exchange);
    this.tellEveryone();
  }

  /** Somebody's name, as far as the base has told it. */
  nameOf(person: string): string {
    const { me, charter } = this.bundle;
    if (person === me.person) return me.name;
    return this.exchange.people?.[person] ?? (person === charter.skipper.id ? charter.skipper.name : "");
  }

  /** When the paper was written that is being typed in; null while nothing is typed from paper. */
  get paperAt(): string | null {
    return this.paper;
  }

  /** From now on what is recorded here comes from paper written at an instant; null ends that. */
  typeFromPaper(writtenAt: string | null): void {
    this.paper = writtenAt;
    this.sumsAreOld = true;
    this.tellEveryone();
  }

  /** How much of this handover lies on the device, photos left out, in bytes. */
  keptBytes(): number {
    return (
      JSON.stringify(this.bundle).length +
      [...this.entries.values()].reduce((sum, kept) => sum + JSON.stringify(kept).length, 0)
    );
  }

  /** The folded handover. */
  folded(): Folded {
    return this.cells;
  }

  cell<Aspect extends string>(subject: string, aspect: Aspect): Cell<Aspect> | undefined {
    return cellOf(this.cells, subject, aspect);
  }

  /** How many entries there are on a subject; changes whenever one comes in. */
  entriesOn(subject: string): number {
    return this.entryCounts.get(subject) ?? 0;
  }

  allEntries(): Entry[] {
    return [...this.entries.values()].filter((each) => each.state !== "refused").map((each) => each.entry);
  }

  refusedEntries(): KeptEntry[] {
    return [...this.entries.values()].filter((each) => each.state === "refused");
  }

  save(): SaveState {
    return this.saveState;
  }

  /** Progress and gate, computed again only when something changed. */
  sums(): { progress: Progress; gate: Gate } {
    if (this.summary?.version !== this.version) {
      const { list, context } = this.bundle;
      this.summary = {
        progress: progress(list, this.cells),
        gate: gate(list, this.cells, context),
        version: this.version,
      };
    }
    return this.summary;
  }

  /**
   * Records one fact. It replaces what stands now on that aspect, forks included. Returns the entry's id.
   *
   * @param manager who does what a manager alone may do, by `managerHere`
   */
  record<Aspect extends string>(
    subject: string,
    aspect: Aspect,
    value: AspectValue<Aspect>,
    side: PartySide = this.bundle.me.side,
    manager: string | null = null,
  ): string {
    const { me, charter } = this.bundle;
    const person = manager ?? (side === me.side ? me.person : charter.skipper.id);
    const said = { subject, aspect, value, by: { side, person } };
    let basis = (this.cell(subject, aspect)?.heads ?? []).map((head) => head.id);
    while (basis.length > mostReplaced)
      basis = [this.add({ ...said, basis: basis.slice(0, mostReplaced) }), ...basis.slice(mostReplaced)];
    return this.add({ ...said, basis });
  }

  private add(said: Pick<Entry, "subject" | "aspect" | "value" | "by" | "basis">): string {
    const entry: Entry = {
      v: 1,
      id: uuid(),
      handover: this.bundle.list.handover,
      ...said,
      device: this.device,
      at: new Date().toISOString(),
      offsetMs: this.exchange.offsetMs === null ? null : Math.round(this.exchange.offsetMs),
      ...(this.paper === null ? {} : { paperAt: this.paper }),
    };
    const kept: KeptEntry = { id: entry.id, entry, state: "waiting", message: null };
    this.place(kept);
    this.setSave({ unwritten: this.saveState.unwritten + 1 });
    this.changed(said.subject);
    // the screen paints first; the write follows at once
    afterPaint(
      () =>
        void this.write(() => this.db.entries.put(kept).then(() => undefined)).then(() =>
          this.recordedListeners.forEach((listener) => listener()),
        ),
    );
    return entry.id;
  }

  /** Records the main fact of a line: its count, result, reading, look or state. */
  recordLine<L extends Line>(line: L, value: LineValue<L>, side: PartySide = this.bundle.me.side): void {
    this.record<string>(lineSubject(line.id), kindOf(line).aspect, value, side);
  }

  /** Attaches a photo to a subject; its bytes are kept first. */
  async attachPhoto(
    subject: string,
    photo: { hash: string; bytes: Blob; takenAt: string | null; from: "camera" | "file" },
  ): Promise<void> {
    this.setSave({ unwritten: this.saveState.unwritten + 1 });
    await this.write(async () => {
      const known = await this.db.photos.get(photo.hash);
      if (!known) await this.db.photos.put({ hash: photo.hash, bytes: photo.bytes, state: "waiting", message: null });
    });
    this.record(subject, `photo:${photo.hash}`, { attached: true, takenAt: photo.takenAt, from: photo.from });
  }

  /** Runs a write to the device's store and keeps count; a failure is said, and tried again until it works. */
  private async write(work: () => Promise<void>): Promise<void> {
    for (;;) {
      try {
        await work();
        break;
      } catch (error) {
        this.setSave({ fault: (error as Error).name });
        await new Promise((done) => setTimeout(done, 3000));
      }
    }
    // what is called written is counted too: nothing of it touches the store afterwards
    await this.countWaiting();
    this.setSave({ unwritten: this.saveState.unwritten - 1, fault: null });
  }

  /** Takes entries that came from the base; who made them is known before they show. */
  async receive(rows: readonly { number: number; entry: Entry }[], people = this.exchange.people): Promise<void> {
    const fresh = rows
      .filter(({ entry }) => !this.entries.has(entry.id) || this.entries.get(entry.id)?.state === "waiting")
      .map(({ entry }): KeptEntry => ({ id: entry.id, entry, state: "there", message: null }));
    const lastNumber = rows.reduce((most, { number }) => Math.max(most, number), this.exchange.lastNumber);
    const exchange = { ...this.exchange, lastNumber, ...(people ? { people } : {}) };
    await this.db.transaction("rw", this.db.entries, this.db.exchange, async () => {
      await this.db.entries.bulkPut(fresh);
      await this.db.exchange.put(exchange);
    });
    this.exchange = exchange;
    const subjects = new Set<string>();
    for (const each of fresh) {
      this.place(each);
      subjects.add(each.entry.subject);
    }
    if (subjects.size > 0) this.changed(...subjects);
    await this.countWaiting();
  }

  /** Notes what the base answered about entries. */
  async answered(answers: readonly { id: string; state: KeptEntry["state"]; message: string | null }[]): Promise<void> {
    const subjects = new Set<string>();
    for (const { id, state, message } of answers) {
      const kept = this.entries.get(id);
      if (!kept) continue;
      kept.state = state;
      kept.message = message;
      if (state === "refused") {
        this.drop(kept.entry);
        subjects.add(kept.entry.subject);
      }
    }
    await this.db.entries.bulkPut(answers.flatMap(({ id }) => this.entries.get(id) ?? []));
    if (subjects.size > 0) this.changed(...subjects);
    await this.countWaiting();
  }

  /** Keeps parts of the handover's own row: the bundle's seal and deposit, a seal to send. */
  async update(change: Partial<Pick<KeptHandover, "sealToSend" | "ownSeal" | "bundle">>): Promise<void> {
    this.kept = { ...this.kept, ...change };
    await this.db.handover.put(this.kept);
    this.changed();
  }

  /** Notes when the base was last heard of, and what it says of the seal and of what the gate looks at. */
  async heard(serverTime: string, { permit, ...heard }: Heard): Promise<void> {
    this.exchange = { ...this.exchange, lastHeardAt: serverTime, offsetMs: Date.now() - Date.parse(serverTime) };
    if (permit) await this.keepPermit(permit);
    else await this.db.exchange.put(this.exchange);
    const { bundle } = this.kept;
    const { seal, received, sentBack, context } = bundle;
    // what was signed is taken back by a person's word alone, never by an answer that knows nothing of it
    const isTakenBack = seal !== null && (heard.sentBack ?? []).includes(seal.seal);
    const now = { ...heard, seal: heard.seal ?? (isTakenBack ? null : seal) };
    if (canonicalJson(now) !== canonicalJson({ seal, received, sentBack, context }))
      await this.update({ bundle: { ...bundle, ...now } });
  }

  /** Keeps a seal made on this device; it is sent after everything it names. */
  async sealHere(request: unknown): Promise<void> {
    await this.update({ sealToSend: request, ownSeal: (request as SealRequest).seal });
    this.recordedListeners.forEach((listener) => listener());
  }

  setSave(change: Partial<SaveState>): void {
    const next = { ...this.saveState, ...change };
    if ((Object.keys(next) as (keyof SaveState)[]).every((key) => next[key] === this.saveState[key])) return;
    this.saveState = next;
    this.tellEveryone();
  }

  async countWaiting(): Promise<void> {
    let waiting = 0;
    for (const each of this.entries.values()) if (each.state === "waiting") waiting += 1;
    waiting += await this.db.photos.where("state").equals("waiting").count();
    const refused = this.refusedEntries().length + (await this.db.photos.where("state").equals("refused").count());
    this.setSave({ waiting, refused });
  }

  /** Hashes of the entries, as a seal names them. */
  entryHashes(): { id: string; hash: string }[] {
    return this.allEntries().map((entry) => ({ id: entry.id, hash: entryHash(entry) }));
  }

  onSubject(subject: string, listener: Listener): () => void {
    const set = this.subjectListeners.get(subject) ?? new Set();
    this.subjectListeners.set(subject, set.add(listener));
    return () => set.delete(listener);
  }
  onChange(listener: Listener): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }
  /** Called when something recorded here has been written and can be sent. */
  onRecorded(listener: Listener): () => void {
    this.recordedListeners.add(listener);
    return () => this.recordedListeners.delete(listener);
  }
  /** Grows with every change of what is recorded. */
  versionNow(): number {
    return this.version;
  }

  private place(kept: KeptEntry): void {
    this.entries.set(kept.id, kept);
    if (kept.state === "refused") return;
    const { subject } = kept.entry;
    this.entryCounts.set(subject, (this.entryCounts.get(subject) ?? 0) + 1);
    const key = cellKey(subject, kept.entry.aspect);
    const group = (this.byCell.get(key) ?? []).filter((entry) => entry.id !== kept.id);
    this.byCell.set(key, [...group, kept.entry]);
    this.refold(key);
  }

  private drop(entry: Entry): void {
    const key = cellKey(entry.subject, entry.aspect);
    this.byCell.set(
      key,
      (this.byCell.get(key) ?? []).filter((each) => each.id !== entry.id),
    );
    this.refold(key);
  }

  private refold(key: string): void {
    const cell = foldCell(this.byCell.get(key) ?? []);
    if (cell) this.cells.set(key, cell);
    else this.cells.delete(key);
  }

  /** The line itself is drawn again at once; what sums over everything follows right after the paint. */
  private changed(...subjects: string[]): void {
    for (const subject of subjects) this.subjectListeners.get(subject)?.forEach((listener) => listener());
    this.sumsAreOld = true;
    this.tellEveryone();
  }

  private tellEveryone(): void {
    if (this.telling) return;
    this.telling = true;
    afterPaint(() => {
      this.telling = false;
      if (this.sumsAreOld) this.version += 1;
      this.sumsAreOld = false;
      this.listeners.forEach((listener) => listener());
    });
  }
}
