import { check as checkEntryAnswers } from "@/formats/generated/entry-answers";
import { check as checkFeedPage } from "@/formats/generated/feed-page";
import { check as checkSealAnswer } from "@/formats/generated/seal-answer";
import { anything, ApiFault, ask } from "../api";
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
  private readonly path: string;

  /** settles when the first exchange with the base has gone through, or failed */
  readonly first: Promise<void>;
  private firstDone: () => void = () => undefined;

  constructor(private readonly store: HandoverStore) {
    this.path = `/api/handovers/${store.bundle.list.handover}`;
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
        if (error instanceof ApiFault && error.status === 401) return this.withdrawn();
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

  private async push(): Promise<void> {
    for (;;) {
      const waiting = (await this.store.db.entries.where("state").equals("waiting").limit(batchSize).sortBy("id")).map(
        (each) => each.entry,
      );
      if (waiting.length === 0) return;
      const { answers } = await ask(`${this.path}/entries`, checkEntryAnswers, {
        method: "POST",
        grant: this.store.grant,
        body: { entries: waiting },
      });
      await this.store.answered(
        answers.map((answer) => ({
          id: answer.id,
          message: answer.message,
          state: answer.status === "refused" ? "refused" : answer.status === "late" ? "late" : "there",
        })),
      );
    }
  }

  private async pull(): Promise<void> {
    for (let more = true; more;) {
      const page = await ask(`${this.path}/entries?after=${this.store.lastNumber}`, checkFeedPage, {
        grant: this.store.grant,
      });
      await this.store.receive(page.entries, page.people);
      await this.store.heard(page.serverTime, { seal: page.seal, context: page.context });
      more = page.more;
    }
  }

  private async pushPhotos(): Promise<void> {
    for (const photo of await this.store.db.photos.where("state").equals("waiting").toArray()) {
      try {
        await ask(`/api/photos/${photo.hash}?handover=${this.store.bundle.list.handover}`, anything, {
          method: "PUT",
          grant: this.store.grant,
          bytes: photo.bytes,
        });
        await this.store.db.photos.update(photo.hash, { state: "there" });
      } catch (error) {
        if (!(error instanceof ApiFault) || error.status >= 500 || error.status === 401) throw error;
        await this.store.db.photos.update(photo.hash, { state: "refused", message: error.message });
      }
      await this.store.countWaiting();
    }
  }

  private async pushSeal(): Promise<void> {
    const request = this.store.sealToSend;
    if (!request) return;
    const outcome = await ask(`${this.path}/seal`, checkSealAnswer, {
      method: "POST",
      grant: this.store.grant,
      body: request,
    });
    const sealedAt = (request as { sealedAt: string }).sealedAt;
    await this.store.update({
      sealToSend: null,
      sealBeside: !outcome.standing,
      bundle: { ...this.store.bundle, seal: { seal: outcome.seal, sealedAt } },
    });
  }

  /** Listens for pokes; the connection is made again when it breaks. */
  private async listen(): Promise<void> {
    while (!this.stopping.signal.aborted) {
      try {
        const answer = await fetch(`${this.path}/events`, {
          headers: { authorization: `Bearer ${this.store.grant}` },
          signal: this.stopping.signal,
        });
        const reader = answer.ok ? answer.body?.pipeThrough(new TextDecoderStream()).getReader() : undefined;
        for (let part = await reader?.read(); part && !part.done; part = await reader?.read())
          if (part.value.includes("event: new")) this.pullSoon();
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
