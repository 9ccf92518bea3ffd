import { readFileSync } from "node:fs";
import { join } from "node:path";
import { findStay } from "../../server/db/charters";
import { entriesAfter } from "../../server/db/entries";
import { everyBase } from "../../server/db/night";
import { inBaseTransaction, pool } from "../../server/db/pool";
import type { Prepared } from "../prepare";
import { forgetRunning, readRunning } from "../running/note";
import { keepApp, keepDatabase } from "../running/watch";
import { pause } from "./pause";
import { Sender, type Promised, type Seat } from "./sender";
import { Tapper } from "./tapper";

const reference = "BR-1058";

/** What came of it. */
export interface Played {
  killed: { app: number; database: number; browser: number };
  /** entries that a device was told are kept, or that stood in its own store */
  promised: number;
  lost: number;
  /** entries that are there twice, and gaps in their numbers */
  doubled: number;
  refused: number;
  /** whether the handover opens again, and is the same one */
  opens: boolean;
  slowestMs: number;
}

type Victim = keyof Played["killed"];

/**
 * Kills app, database and a tablet's browser at random while the tablet and a second device record one check-in, lets
 * them come back by themselves, and counts what was promised and is not there, and what is there twice.
 */
export async function playKills(origin: string, { database }: Prepared, kills: number): Promise<Played> {
  const watched = keepDatabase(database);
  const app = keepApp(Number(new URL(origin).port), {});
  // the app's clock stands where the demo's day is; the tablet's goes with it
  const tapper = new Tapper(origin, Date.parse(process.env.BRINECOVE_NOW ?? new Date().toISOString()) - Date.now());
  try {
    await app.ready;
    const stay = await inFirstBase((db) => findStay(db, { reference }));
    const open = await opener(origin, stay?.stayId ?? "");
    const seat = await open();
    const sender = new Sender(origin, seat);
    await tapper.open(reference, "senna");
    sender.start();
    tapper.start();
    const victims: Record<Victim, () => Promise<void> | void> = {
      app: () => end(readRunning()?.app ?? null),
      database: () => end(databasePid(database.script.BRINECOVE_PG_DIR ?? "")),
      browser: () => tapper.kill(seat.handover),
    };
    const killed = { app: 0, database: 0, browser: 0 };
    let slowestMs = 0;
    for (let done = 0; done < kills; done++) {
      await pause(300 + Math.random() * 1700);
      // each in turn, so that a short play meets all three; when is chance
      const victim = (Object.keys(victims) as Victim[])[done % 3] as Victim;
      const from = performance.now();
      await victims[victim]();
      killed[victim] += 1;
      await pause(100);
      while (!(await isUp(origin))) await pause(100);
      slowestMs = Math.max(slowestMs, performance.now() - from);
    }
    await sender.stop();
    await tapper.stop();
    return { killed, slowestMs, ...(await counted([sender, tapper], seat, open)) };
  } finally {
    tapper.away();
    watched.stop();
    await app.stop();
    forgetRunning();
    await pool().end();
  }
}

async function counted(devices: readonly Promised[], { handover }: Seat, open: () => Promise<Seat>) {
  // connections of before the last kill are gone
  await pause(500);
  const read = () => inFirstBase((db) => entriesAfter(db, handover, 0));
  const rows = await read().catch(read);
  const there = new Set(rows.map(({ entry }) => entry.id));
  const promised = new Set(devices.flatMap(({ kept }) => [...kept]));
  const again = await open().catch(() => null);
  return {
    promised: promised.size,
    lost: [...promised].filter((id) => !there.has(id)).length,
    doubled: rows.length - there.size + rows.filter(({ number }, at) => number !== at + 1).length,
    refused: devices.reduce((sum, { refused }) => sum + refused, 0),
    opens: again?.handover === handover,
  };
}

async function inFirstBase<T>(work: Parameters<typeof inBaseTransaction<T>>[1]): Promise<T> {
  const [base] = await everyBase();
  return inBaseTransaction(base?.id ?? "", work);
}

/** Opens the check-in as a briefer, again and again. */
async function opener(origin: string, stayId: string): Promise<() => Promise<Seat>> {
  const headers = { "content-type": "application/json", origin };
  const signIn = await fetch(`${origin}/api/sign-in`, {
    method: "POST",
    headers,
    body: JSON.stringify({ email: "maro@brinecove.example", password: "sallow-tide-7" }),
  });
  const cookie = signIn.headers
    .getSetCookie()
    .map((each) => each.split(";")[0])
    .join("; ");
  return async () => {
    const answer = await fetch(`${origin}/api/handovers`, {
      method: "POST",
      headers: { ...headers, cookie },
      body: JSON.stringify({ stayId, kind: "check-in" }),
    });
    const { handover, grant, bundle } = (await answer.json()) as Omit<Seat, "person"> & {
      bundle: { me: { person: string } };
    };
    return { handover, grant, person: bundle.me.person };
  };
}

function end(pid: number | null): void {
  if (pid) process.kill(pid, "SIGKILL");
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
