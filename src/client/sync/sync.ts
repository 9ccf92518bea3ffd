import { createParser } from "eventsource-parser";
import { AppError } from "@/api/app-error";
import { listenToHandover, postEntries, pullEntries, sealHandover } from "@/api/handovers";
import type { Entry } from "@/core/handover/entry";
import type { SealRequest } from "@/api/schemas/handover";
import { call, callForStream } from "../api/call";
import { sendItems } from "../outbox/items";
import { sendPhotos } from "../outbox/photos";
import { eraseOne } from "../store/erase";
import type { HandoverStore } from "../store/handover-store";

const batchSize = 200;
const slowestMs = 30_000;
/** entries recorded in quick succession go together */
const gatherMs = 250;

/**
 * Carries a handover's entries to the base and back: waiting entries in order, each exactly once in effect; then
 * photos; then a seal made here. A poke from the base (server-sent events) or the return of the network starts it
 * again; after a failure it waits longer each time.
 */
export class Sync {
  private running: Promise<void> | null = null;
  private again = false;
  private wantsPull = true;
  private waitMs = 1000;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly stopping = new AbortController();
  private readonly params: { id: string };

  /** settles when the first exchange with the base has gone through, or failed */
  readonly first: Promise<void>;
  private firstDone: () => void = () => undefined;

  constructor(private readonly store: HandoverStore) {
    this.params = { id: store.bundle.list.handover };
    this.first = new Promise((done) => (this.firstDone = done));
  }

  start(): () => void {
    let gathering: ReturnType<typeof setTimeout> | undefined;
    const off = this.store.onRecorded(() => {
      clearTimeout(gathering);
      gathering = setTimeout(() => this.kick(), gatherMs);
    });
    const online = () => {
      this.pullSoon();
      this.pushNotes();
    };
    addEventListener("online", online);
    this.kick();
    this.pushNotes();
    void this.listen();
    return () => {
      off();
      removeEventListener("online", online);
      clearTimeout(this.timer);
      this.stopping.abort();
    };
  }

  /** Sends what was said of the yacht's file here; it is no part of the handover and never holds it up. */
  private pushNotes(): void {
    void import("../store/note-store")
      .then(({ NoteStore }) =>
        NoteStore.open().send({ handover: this.store.bundle.list.handover, grant: this.store.grant }),
      )
      .catch(() => undefined);
  }

  /** Asks for what is new at the base. */
  private pullSoon(): void {
    this.wantsPull = true;
    this.kick();
  }

  /** Sends now, and pulls when something is new; asked for while it runs, it runs once more. */
  kick(): void {
    if (this.stopping.signal.aborted) return;
    if (this.running) {
      this.again = true;
      return;
    }
    clearTimeout(this.timer);
    this.running = this.round()
      .then(() => {
        this.waitMs = 1000;
        this.store.setSave({ online: true });
      })
      .catch((error: unknown) => {
        this.store.setSave({ online: false });
        if (error instanceof AppError && error.status === 401) return this.withdrawn();
        this.timer = setTimeout(() => this.kick(), this.waitMs);
        this.waitMs = Math.min(this.waitMs * 2, slowestMs);
      })
      .finally(() => {
        this.running = null;
        this.firstDone();
        if (this.again) {
          this.again = false;
          this.kick();
        }
      });
  }

  /** The right to record here was withdrawn: it asks no more, and what is private goes off this device unless it holds what was never sent. */
  private withdrawn(): void {
    this.stopping.abort();
    this.store.setSave({ revoked: true });
    if (this.store.save().unwritten + this.store.save().waiting === 0)
      void eraseOne(this.store.bundle.list.handover).catch(() => undefined);
  }

  private async round(): Promise<void> {
    await this.push();
    if (this.wantsPull) {
      this.wantsPull = false;
      await this.pull().catch((error: unknown) => {
        this.wantsPull = true;
        throw error;
      });
    }
    await this.pushPhotos();
    await this.pushSeal();
  }

  private push(): Promise<void> {
    const { store, params } = this;
    const bodyOf = (entries: Entry[]) => {
      const permits = store.permitsFor(entries);
      return permits.length > 0 ? { entries, permits } : { entries };
    };
    return sendItems({
      waiting: () => store.db.entries.where("state").equals("waiting").limit(batchSize).sortBy("id"),
      post: (rows) => call(postEntries, { params, grant: store.grant, body: bodyOf(rows.map(({ entry }) => entry)) }),
      keep: (answered) => store.answered(answered),
    });
  }

  private async pull(): Promise<void> {
    for (let more = true; more;) {
      const page = await call(pullEntries, {
        params: this.params,
        query: { after: this.store.lastNumber },
        grant: this.store.grant,
      });
      await this.store.receive(page.entries, page.people);
      const { entries: _taken, people: _named, more: isMore, serverTime, ...heard } = page;
      await this.store.heard(serverTime, heard);
      more = isMore;
    }
  }

  private pushPhotos(): Promise<void> {
    const { store, params } = this;
    return sendPhotos({
      table: store.db.photos,
      right: () => ({ handover: params.id, grant: store.grant }),
      onAnswered: () => store.countWaiting(),
    });
  }

  private async pushSeal(): Promise<void> {
    const request = this.store.sealToSend;
    if (!request) return;
    const outcome = await call(sealHandover, {
      params: this.params,
      grant: this.store.grant,
      body: request as SealRequest,
    });
    const sealedAt = (request as { sealedAt: string }).sealedAt;
    const { bundle } = this.store;
    const { seal, standing, problems } = outcome;
    const received = (bundle.received ?? []).filter((each) => each.seal !== seal);
    await this.store.update({
      sealToSend: null,
      bundle: standing
        ? { ...bundle, seal: { seal, sealedAt } }
        : { ...bundle, received: [...received, { seal, sealedAt, problems }] },
    });
    // what stands instead is heard from the base
    if (!standing) this.pullSoon();
  }

  /** Listens for pokes; the connection is made again when it breaks. */
  private async listen(): Promise<void> {
    while (!this.stopping.signal.aborted) {
      try {
        const { params, store, stopping } = this;
        const answer = await callForStream(listenToHandover, { params, grant: store.grant, signal: stopping.signal });
        const parser = createParser({ onEvent: ({ event }) => event === "new" && this.pullSoon() });
        const reader = answer.ok ? answer.body?.pipeThrough(new TextDecoderStream()).getReader() : undefined;
        for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) parser.feed(part.value);
      } catch {
        // no signal: the outbox keeps what it has, and asks again below
      }
      if (this.stopping.signal.aborted) return;
      await new Promise((done) => setTimeout(done, 5000));
      // pokes may have been missed while there was no connection
      this.pullSoon();
    }
  }
}
