import { v7 as uuid } from "uuid";
import type { Entry } from "../../core/handover/entry";
import { pause } from "./pause";

/** What a device was promised: which entries are kept, and how many were refused. */
export interface Promised {
  readonly kept: ReadonlySet<string>;
  readonly refused: number;
}

/** Where and as whom a device records. */
export interface Seat {
  handover: string;
  grant: string;
  person: string;
}

/** A device without a screen that records without pause and sends each batch until it is answered. */
export class Sender implements Promised {
  readonly kept = new Set<string>();
  refused = 0;
  private readonly device = uuid();
  private last: string[] = [];
  private going = true;
  private done: Promise<void> | undefined;

  constructor(
    private readonly origin: string,
    private readonly seat: Seat,
  ) {}

  start(): void {
    this.done = this.record();
  }

  async stop(): Promise<void> {
    this.going = false;
    await this.done;
  }

  private async record(): Promise<void> {
    while (this.going) {
      const entries = Array.from({ length: 1 + Math.floor(Math.random() * 5) }, () => this.remark());
      while (!(await this.send(entries))) await pause(200);
      await pause(200);
    }
  }

  /** A remark that follows its own last one, so that the device never disagrees with itself. */
  private remark(): Entry {
    const id = uuid();
    const basis = this.last;
    this.last = [id];
    return {
      v: 1,
      id,
      handover: this.seat.handover,
      subject: "line:count:bucket",
      aspect: "remark:base",
      value: { words: `seen ${Date.now()}` },
      basis,
      by: { side: "base", person: this.seat.person },
      device: this.device,
      at: new Date(process.env.BRINECOVE_NOW ?? Date.now()).toISOString(),
      offsetMs: 0,
    };
  }

  private async send(entries: readonly Entry[]): Promise<boolean> {
    try {
      const answer = await fetch(`${this.origin}/api/handovers/${this.seat.handover}/entries`, {
        method: "POST",
        headers: {
          "content-type": "application/json",
          origin: this.origin,
          authorization: `Bearer ${this.seat.grant}`,
        },
        body: JSON.stringify({ entries }),
        signal: AbortSignal.timeout(10_000),
      });
      if (!answer.ok) return false;
      const { answers } = (await answer.json()) as { answers: { id: string; status: string }[] };
      for (const { id, status } of answers)
        if (status === "kept" || status === "same") this.kept.add(id);
        else this.refused += 1;
      return true;
    } catch {
      return false;
    }
  }
}
