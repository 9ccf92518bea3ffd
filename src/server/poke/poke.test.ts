import { randomUUID } from "node:crypto";
import pg from "pg";
import { demoBase } from "@/testing/demo-base";
import { onPoke, poke } from "./poke";
import { pokeStream } from "./stream";

const base = demoBase("poke");
/** another process of the app on the same database, as far as the database can tell */
let other: pg.Client;
const heardThere: string[] = [];

beforeAll(async () => {
  other = new pg.Client({ connectionString: process.env.BRINECOVE_APP_DATABASE_URL });
  // the database is taken away before this connection is
  other.on("error", () => undefined);
  await other.connect();
  other.on("notification", ({ payload = "" }) => heardThere.push(payload.split(" ")[1] ?? ""));
  await other.query("listen brinecove_poke");
});
afterAll(() => other.end().catch(() => undefined));

const until = async (isSo: () => boolean): Promise<void> => {
  const end = Date.now() + 5000;
  while (!isSo() && Date.now() < end) await new Promise((done) => setTimeout(done, 10));
  expect(isSo()).toBe(true);
};
const tell = (id: string) => other.query("select pg_notify('brinecove_poke', $1)", [`${randomUUID()} ${id}`]);

/** A listener on a handover, and how often it was called; the call that says that listening has begun is waited for. */
async function listening(handover: string): Promise<{ calls: () => number; stop: () => void }> {
  let calls = 0;
  const stop = onPoke(handover, () => (calls += 1));
  const begun = Date.now();
  // whoever begins to listen hears once that something may have been missed; later ones are heard at once
  while (calls === 0 && Date.now() - begun < 1000) await new Promise((done) => setTimeout(done, 10));
  const before = calls;
  return { calls: () => calls - before, stop };
}

it("tells devices at this process at once, and the other process within a moment, each once", async () => {
  const [handover, elsewhere] = [randomUUID(), randomUUID()];
  const here = await listening(handover);
  const strangers = await listening(elsewhere);
  poke([handover]);
  expect(here.calls()).toBe(1);
  await until(() => heardThere.includes(handover));
  // its own notification comes back to it, and is none to a device
  await new Promise((done) => setTimeout(done, 100));
  expect([here.calls(), strangers.calls()]).toEqual([1, 0]);
  here.stop();
  strangers.stop();
});

it("hears what another process did, until it stops listening", async () => {
  const handover = randomUUID();
  const here = await listening(handover);
  await tell(handover);
  await until(() => here.calls() === 1);
  here.stop();
  await tell(handover);
  await new Promise((done) => setTimeout(done, 100));
  expect(here.calls()).toBe(1);
});

it("sends the pokes of one moment together", async () => {
  const ids = Array.from({ length: 30 }, () => randomUUID());
  for (const id of ids) poke([id]);
  await until(() => heardThere.some((payload) => payload.split(",").length === 30));
});

it("tells every device to look when its connection was away, and hears again", async () => {
  const handover = randomUUID();
  const here = await listening(handover);
  await base.asOwner(
    "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and query like 'listen %' and pid <> $1",
    [(await other.query<{ pid: number }>("select pg_backend_pid() as pid")).rows[0]?.pid],
  );
  await until(() => here.calls() === 1);
  await tell(handover);
  await until(() => here.calls() === 2);
  here.stop();
});

it("holds six streams of a device, and ends the oldest where it opens another", async () => {
  const leave = new AbortController();
  const streams = Array.from({ length: 8 }, () =>
    pokeStream(randomUUID(), "one device", leave.signal).body!.getReader(),
  );
  const others = pokeStream(randomUUID(), "another device", leave.signal).body!.getReader();
  const isOver = async (reader: ReadableStreamDefaultReader) => {
    await reader.read();
    return Promise.race([
      reader.read().then(({ done }) => done),
      new Promise<boolean>((later) => setTimeout(() => later(false), 50)),
    ]);
  };
  expect(await Promise.all([...streams, others].map(isOver))).toEqual([true, true, ...Array(7).fill(false)]);
  leave.abort();
});
