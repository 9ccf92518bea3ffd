import "server-only";
import { randomUUID } from "node:crypto";
import pg from "pg";
import { log } from "../log";
import { appDatabaseUrl, pool } from "../db/pool";

const channel = "brinecove_poke";
/** pokes of one moment go in one notification: a notification in every transaction would make them all wait for each other */
const gatherMs = 15;
const againAfterMs = 1000;
/** a payload has 8,000 bytes at most; an id with its comma takes 37 */
const mostIds = 200;

interface Listener {
  poked: (handoverIds: string[]) => void;
  missed: () => void;
}

interface State {
  /** which process this is: its own notifications come back to it too */
  process: string;
  waiting: Set<string>;
  isSending: boolean;
  isListening: boolean;
  client: pg.Client | null;
}
const shared = globalThis as { brinecoveOthers?: State };
const state = (): State =>
  (shared.brinecoveOthers ??= {
    process: randomUUID(),
    waiting: new Set(),
    isSending: false,
    isListening: false,
    client: null,
  });

/** Tells other processes on this database, after what was committed; a failure is no fault of what was done. */
export function announce(handoverIds: readonly string[]): void {
  const { waiting } = state();
  for (const id of handoverIds) waiting.add(id);
  if (state().isSending) return;
  state().isSending = true;
  setTimeout(() => void send(), gatherMs).unref();
}

async function send(): Promise<void> {
  const { waiting, process } = state();
  const ids = [...waiting].slice(0, mostIds);
  for (const id of ids) waiting.delete(id);
  state().isSending = false;
  if (waiting.size > 0) announce([]);
  await pool()
    .query("select pg_notify($1, $2)", [channel, `${process} ${ids.join(",")}`])
    .catch((error: Error) => log.warn({ error: error.message }, "poke not sent"));
}

/** Listens, on a connection of its own, to what other processes tell; asked for again it has no effect. */
export function hearOthers(listener: Listener): void {
  if (state().isListening) return;
  state().isListening = true;
  void listen(listener);
}

/** Ends listening: the database is about to go. */
export async function stopHearing(): Promise<void> {
  const { client } = state();
  Object.assign(state(), { isListening: false, client: null });
  client?.removeAllListeners();
  await client?.end().catch(() => undefined);
}

async function listen(listener: Listener): Promise<void> {
  if (!state().isListening) return;
  const client = new pg.Client({ connectionString: appDatabaseUrl() });
  const again = () => {
    client.removeAllListeners();
    // an error after the end has nobody to tell
    client.on("error", () => undefined);
    void client.end().catch(() => undefined);
    setTimeout(() => void listen(listener), againAfterMs).unref();
  };
  state().client = client;
  client.on("error", again);
  client.on("notification", ({ payload = "" }) => {
    const [from, ids = ""] = payload.split(" ");
    if (from !== state().process) listener.poked(ids.split(","));
  });
  try {
    await client.connect();
    await client.query(`listen ${channel}`);
    listener.missed();
  } catch {
    again();
  }
}
