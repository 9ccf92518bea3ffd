import { connect } from "node:net";
import type { ChildProcess } from "node:child_process";
import type { Database } from "../database";
import { endApp, serve, untilReady } from "../serve";
import { noteRunning } from "./note";

const everyMs = 2000;
const shortestWaitMs = 1000;
const longestWaitMs = 30_000;

/** Looks after the database: where it does not answer any more it is started again. */
export function keepDatabase(database: Database): { stop: () => void } {
  if (!database.restart) return { stop: () => undefined };
  const { ownerUrl, restart } = database;
  const look = async () => {
    if (await answers(Number(new URL(ownerUrl).port))) return;
    console.error("The database has ended; it is started again.");
    try {
      restart();
    } catch (error) {
      console.error(`It does not start: ${(error as Error).message} It is tried again.`);
    }
  };
  let timer: ReturnType<typeof setTimeout>;
  const again = () => (timer = setTimeout(() => void look().finally(again), everyMs));
  again();
  return { stop: () => clearTimeout(timer) };
}

function answers(port: number): Promise<boolean> {
  return new Promise((done) => {
    const socket = connect(port, "127.0.0.1");
    const end = (isThere: boolean) => {
      socket.destroy();
      done(isThere);
    };
    socket.once("connect", () => end(true));
    socket.once("error", () => end(false));
    socket.setTimeout(1000, () => end(false));
  });
}

/**
 * Keeps the app running: where its process ends by itself another one follows, at once where it had been answering and
 * later each time where it had not.
 */
export function keepApp(
  port: number,
  env: Record<string, string | undefined>,
): { ready: Promise<void>; stop: () => Promise<void> } {
  let stopping = false;
  let wasUp = false;
  let waitMs = shortestWaitMs;
  const begin = (): { child: ChildProcess; ready: Promise<void> } => {
    const child = serve(port, { ...env, BRINECOVE_PARENT: String(process.pid) }, true);
    noteRunning({ pid: process.pid, app: child.pid ?? null });
    let isUp = false;
    child.once("close", () => {
      // one that ends before it was ever there is no accident: its last words say why
      if (stopping || !wasUp) return;
      waitMs = isUp ? shortestWaitMs : Math.min(waitMs * 2, longestWaitMs);
      console.error(`The app has ended by itself; it is started again in ${Math.round(waitMs / 1000)} s.`);
      setTimeout(() => {
        if (stopping) return;
        running = begin();
        running.ready.catch(() => undefined);
      }, waitMs);
    });
    const ready = untilReady(port, child).then(() => void (isUp = wasUp = true));
    return { child, ready };
  };
  let running = begin();
  return {
    ready: running.ready,
    stop: async () => {
      stopping = true;
      await endApp(running.child);
    },
  };
}
