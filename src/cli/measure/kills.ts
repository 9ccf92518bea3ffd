import { readFileSync } from "node:fs";
import { join } from "node:path";
import { v7 as uuid } from "uuid";
import type { Entry } from "../../core/handover/entry";
import { findStay } from "../../server/db/charters";
import { entriesAfter } from "../../server/db/entries";
import { everyBase } from "../../server/db/night";
import { inBaseTransaction, pool } from "../../server/db/pool";
import { keepApp, keepDatabase } from "../running/watch";
import { forgetRunning, readRunning } from "../running/note";
import type { Prepared } from "../prepare";

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** A device that records without pause and sends each batch until it is answered. */
class Device {
  readonly answered = new Set<string>();
  refused = 0;
  private going = true;
  private done: Promise<void> | undefined;

  constructor(
    private readonly origin: string,
    private readonly handover: string,
    private readonly grant: string,
    private readonly person: string,
  ) {}

  start(): void {
    this.done = this.record();
  }

  async stop(): Promise<void> {
    this.going = false;
    await this.done;
  }

  private async record(): Promise<void> {
    const device = uuid();
    while (this.going) {
      const entries = Array.from({ length: 1 + Math.floor(Math.random() * 5) }, (): Entry => ({
        v: 1,
        id: uuid(),
        handover: this.handover,
        subject: "line:count:bucket",
        aspect: "remark:base",
        value: { words: `seen ${Date.now()}` },
        basis: [],
        by: { side: "base", person: this.person },
        device,
        at: new Date(process.env.BRINECOVE_NOW ?? Date.now()).toISOString(),
        offsetMs: 0,
      }));
      while (!(await this.send(entries))) await pause(200);
    }
  }

  private async send(entries: readonly Entry[]): Promise<boolean> {
    try {
      const answer = await fetch(`${this.origin}/api/handovers/${this.handover}/entries`, {
        method: "POST",
        headers: {
          "content-type": "application/json",
          origin: this.origin,
          authorization: `Bearer ${this.grant}`,
        },
        body: JSON.stringify({ entries }),
        signal: AbortSignal.timeout(10_000),
      });
      if (!answer.ok) return false;
      const { answers } = (await answer.json()) as { answers: { id: string; status: string }[] };
      for (const { id, status } of answers)
        if (status === "kept" || status === "same") this.answered.add(id);
        else this.refused += 1;
      return true;
    } catch {
      return false;
    }
  }
}

/**
 * Kills app and database at random while two devices record, lets them come back by themselves, and counts what was
 * answered and is not there, what is there twice, and whether the handover can still be read and opened.
 */
export async function killFigures(
  say: (what: string, figure: string) => void,
  origin: string,
  { database }: Prepared,
  kills: number,
): Promise<void> {
  const port = Number(new URL(origin).port);
  const watched = keepDatabase(database);
  const app = keepApp(port, {});
  await app.ready;
  const [base] = await everyBase();
  const inBase = <T>(work: Parameters<typeof inBaseTransaction<T>>[1]) => inBaseTransaction(base?.id ?? "", work);
  const stay = await inBase((db) => findStay(db, { reference: "BR-1058" }));
  const headers = { cookie: await signedIn(origin), "content-type": "application/json", origin };
  const open = async () => {
    const answer = await fetch(`${origin}/api/handovers`, {
      method: "POST",
      headers,
      body: JSON.stringify({ stayId: stay?.stayId, kind: "check-in" }),
    });
    return (await answer.json()) as { handover: string; grant: string; bundle: { me: { person: string } } };
  };
  const opened = [await open(), await open()];
  const devices = opened.map(({ handover, grant, bundle }) => new Device(origin, handover, grant, bundle.me.person));
  devices.forEach((device) => device.start());
  let slowestMs = 0;
  for (let done = 0; done < kills; done++) {
    await pause(300 + Math.random() * 1700);
    const victim = Math.random() < 0.5 ? readRunning()?.app : databasePid(database.script.BRINECOVE_PG_DIR ?? "");
    if (!victim) continue;
    const killed = performance.now();
    process.kill(victim, "SIGKILL");
    await pause(100);
    while (!(await isUp(origin))) await pause(100);
    slowestMs = Math.max(slowestMs, performance.now() - killed);
  }
  for (const device of devices) await device.stop();
  // connections of before the last kill are gone
  await pause(500);
  const handover = opened[0]?.handover ?? "";
  const rows = await inBase((db) => entriesAfter(db, handover, 0)).catch(() =>
    inBase((db) => entriesAfter(db, handover, 0)),
  );
  const kept = new Set(rows.map(({ entry }) => entry.id));
  const answered = devices.flatMap((device) => [...device.answered]);
  const again = await open();
  say("kills of app and database, two devices recording", String(kills));
  say("entries answered", String(answered.length));
  say("of them lost", String(answered.filter((id) => !kept.has(id)).length));
  say(
    "doubled, or a gap in their numbers",
    String(rows.length - kept.size + rows.filter(({ number }, at) => number !== at + 1).length),
  );
  say("refused", String(devices.reduce((sum, { refused }) => sum + refused, 0)));
  say("the handover opens again", again.handover === handover ? "yes" : "no");
  say("longest until it answered again", `${(slowestMs / 1000).toFixed(1)} s`);
  watched.stop();
  await app.stop();
  forgetRunning();
  await pool().end();
}

async function signedIn(origin: string): Promise<string> {
  const answer = await fetch(`${origin}/api/sign-in`, {
    method: "POST",
    headers: { "content-type": "application/json", origin },
    body: JSON.stringify({ email: "maro@brinecove.example", password: "sallow-tide-7" }),
  });
  return answer.headers
    .getSetCookie()
    .map((each) => each.split(";")[0])
    .join("; ");
}

function databasePid(dir: string): number | null {
  try {
    return Number(readFileSync(join(dir, "data", "postmaster.pid"), "utf8").split("\n")[0]) || null;
  } catch {
    return null;
  }
}

const isUp = (origin: string): Promise<boolean> =>
  fetch(`${origin}/api/health`, { signal: AbortSignal.timeout(2000) }).then(
    ({ ok }) => ok,
    () => false,
  );
