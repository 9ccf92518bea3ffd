import { randomUUID } from "node:crypto";
import { freshDevice, until } from "@/testing/browser-bits";
import { demoBase } from "@/testing/demo-base";
import { sealRequest } from "@/testing/signing";
import { GET as pull, POST as push } from "@/app/api/handovers/[id]/entries/route";
import { PUT as putPhoto } from "@/app/api/photos/[hash]/route";
import { POST as seal } from "@/app/api/handovers/[id]/seal/route";
import { makeGrant } from "@/server/auth/grant";
import { entriesAfter } from "@/server/db/entries";
import { handoverBundle } from "@/server/handover/bundle";
import { postEntries } from "@/testing/post-entries";
import { samplePhoto } from "@/stand-ins/camera-roll";
import { HandoverStore } from "../store/handover-store";
import { keepHandover } from "../store/database";
import { Sync } from "./sync";

jest.mock("next/headers", () => jest.requireActual("@/testing/cookie-jar"));

const base = demoBase("sync");
const origin = "http://127.0.0.1:4310";
/** the network between device and base: the app's own routes, unless there is no signal */
let network: "there" | "away" = "there";
const asked: string[] = [];
/** what happens to an answer on its way back */
let onAnswer: (path: string) => void = () => undefined;

globalThis.fetch = (async (path: string, init: RequestInit = {}) => {
  if (network === "away") throw new TypeError("Failed to fetch");
  const request = new Request(origin + path, {
    ...init,
    headers: { ...(init.headers as Record<string, string>), host: "127.0.0.1:4310", origin },
  });
  const [, , , id = "", part = ""] = new URL(request.url).pathname.split("/");
  if (part === "events")
    return new Promise((_, cut) => init.signal?.addEventListener("abort", () => cut(new Error("cut"))));
  asked.push(`${request.method} ${part || "photo"}`);
  const route = path.startsWith("/api/photos/")
    ? putPhoto
    : part === "seal"
      ? seal
      : request.method === "POST"
        ? push
        : pull;
  const answer = await route(request, {
    params: Promise.resolve(path.startsWith("/api/photos/") ? { hash: id } : { id }),
  } as never);
  onAnswer(part);
  return answer;
}) as typeof fetch;

let handover: string;
let maro: string;
const stops: (() => Promise<void>)[] = [];

/** A tablet that opens the handover. */
const tablet = async () => {
  freshDevice();
  const grant = await base.inBase((db) => makeGrant(db, handover, maro));
  await keepHandover(handover, grant.token, await base.inBase((db) => handoverBundle(db, handover, grant)));
  const store = (await HandoverStore.open(handover)) as HandoverStore;
  const sync = new Sync(store);
  const stop = sync.start();
  stops.push(async () => {
    stop();
    // a round that is under way ends first
    await new Promise((done) => setTimeout(done, 400));
    store.db.close();
  });
  await sync.first;
  return { store, sync };
};
const atBase = async () => (await base.inBase((db) => entriesAfter(db, handover, 0))).map((row) => row.entry);

beforeAll(async () => {
  handover = await base.handoverOf("BR-1059", "check-in");
  maro = await base.person("Maro Tessen");
});
beforeEach(() => {
  network = "there";
  asked.length = 0;
  onAnswer = () => undefined;
});
afterEach(async () => {
  for (const stop of stops.splice(0)) await stop();
});

describe("between a device and the base", () => {
  it("brings everything that is at the base", async () => {
    const { store } = await tablet();
    expect(store.allEntries().length).toBe((await atBase()).length);
    expect(store.save()).toMatchObject({ online: true, waiting: 0 });
  });

  it("brings more than one page, to the last", async () => {
    const device = randomUUID();
    const photo = (i: number) => ({
      v: 1 as const,
      id: randomUUID(),
      handover,
      subject: "line:count:fender-large",
      aspect: `photo:${i.toString(16).padStart(64, "0")}`,
      value: { attached: false, takenAt: null, from: "file" },
      basis: [],
      by: { side: "base" as const, person: maro },
      device,
      at: "2027-06-12T10:15:00.000Z",
      offsetMs: 0,
    });
    for (let batch = 0; batch < 3; batch++)
      await postEntries(
        base.baseId,
        handover,
        Array.from({ length: 400 }, (_, i) => photo(batch * 400 + i)),
      );
    const { store } = await tablet();
    const there = await atBase();
    expect(there.length).toBeGreaterThan(1200);
    expect(store.allEntries().length).toBe(there.length);
  });

  it("sends what was recorded, without being asked", async () => {
    const { store } = await tablet();
    const id = store.record("line:count:shore-adapter", "count", { count: 1 });
    await until(() => store.save().unwritten === 0 && store.save().waiting === 0);
    expect((await atBase()).find((entry) => entry.id === id)?.value).toEqual({ count: 1 });
  });

  it("keeps all of it without signal, and sends it in order when there is one again", async () => {
    const { store, sync } = await tablet();
    network = "away";
    const ids = [3, 4, 5].map((count) => store.record("line:count:mooring-line", "count", { count }));
    await until(() => store.save().unwritten === 0 && !store.save().online);
    expect(store.save().waiting).toBe(3);
    network = "there";
    sync.kick();
    await until(() => store.save().waiting === 0 && store.save().online);
    expect((await atBase()).map((entry) => entry.id).filter((id) => ids.includes(id))).toEqual(ids);
  });

  it("has no effect twice when the answer was lost on its way", async () => {
    const { store, sync } = await tablet();
    onAnswer = (part) => {
      if (part === "entries") throw new TypeError("connection lost");
    };
    const id = store.record("line:count:bucket", "count", { count: 1 });
    await until(() => store.save().unwritten === 0 && !store.save().online);
    expect(store.save().waiting).toBe(1);
    onAnswer = () => undefined;
    sync.kick();
    await until(() => store.save().waiting === 0);
    expect((await atBase()).filter((entry) => entry.id === id)).toHaveLength(1);
  });

  it("says what the base refused and goes on with the rest", async () => {
    const { store } = await tablet();
    const wrong = store.record("line:count:boat-hook", "count", { count: -1 });
    const right = store.record("line:count:boat-hook", "remark:base", { words: "bent" });
    await until(() => store.save().unwritten === 0 && store.save().waiting === 0);
    expect(store.refusedEntries().map((each) => [each.id, each.message])).toEqual([
      [wrong, expect.stringContaining("/count must be 0 or more")],
    ]);
    expect((await atBase()).some((entry) => entry.id === right)).toBe(true);
  });

  it("stops asking when the device may no longer record, and keeps what it holds", async () => {
    const { store } = await tablet();
    await base.asOwner("update device_grant set revoked_at = now()");
    await new Promise((done) => setTimeout(done, 2100));
    asked.length = 0;
    store.record("line:count:boat-hook", "remark:skipper", { words: "bent" }, "skipper");
    await until(() => store.save().unwritten === 0 && !store.save().online);
    expect(store.save().waiting).toBe(1);
    await new Promise((done) => setTimeout(done, 1500));
    expect(asked).toEqual(["POST entries"]);
    expect(store.save().revoked).toBe(true);
    expect(await HandoverStore.open(handover)).not.toBeNull();
  });

  it("takes a withdrawn handover off the device when everything of it is at the base", async () => {
    let backOnline: () => void = () => undefined;
    const listen = globalThis.addEventListener;
    Object.assign(globalThis, { addEventListener: (_name: string, heard: () => void) => void (backOnline = heard) });
    const { store } = await tablet();
    Object.assign(globalThis, { addEventListener: listen });
    await base.asOwner("update device_grant set revoked_at = now()");
    await new Promise((done) => setTimeout(done, 2100));
    backOnline();
    await until(() => store.save().revoked);
    await until(async () => (await HandoverStore.open(handover)) === null);
  });
});

describe("photos and the seal", () => {
  it("go after the entries that name them", async () => {
    const { store } = await tablet();
    const { bytes, hash } = await samplePhoto("chip", 3);
    await store.attachPhoto("line:count:boat-hook", {
      hash,
      bytes: new Blob([new Uint8Array(bytes)], { type: "image/jpeg" }),
      takenAt: null,
      from: "camera",
    });
    await until(() => store.save().unwritten === 0 && store.save().waiting === 0);
    expect(asked.filter((each) => each !== "GET entries")).toEqual(["POST entries", "PUT photo"]);
    expect(await base.asOwner("select media_type from photo where hash = $1", [hash])).toEqual([
      { media_type: "image/jpeg" },
    ]);
  });

  it("that is no photo is refused by name and does not hold up the seal", async () => {
    const { store } = await tablet();
    await store
      .attachPhoto("line:count:oar", {
        hash: "c".repeat(64),
        bytes: new Blob(["words"], { type: "image/jpeg" }),
        takenAt: null,
        from: "file",
      })
      .catch(() => undefined);
    await until(() => store.save().unwritten === 0 && store.save().waiting === 0);
    expect(store.save().refused).toBeGreaterThan(0);
    const signers = {
      base: { person: maro, name: "Maro Tessen" },
      skipper: { person: await base.person("Wenna Coldrake"), name: "Wenna Coldrake" },
    };
    await store.sealHere(sealRequest(store.bundle.list, store.allEntries(), signers));
    expect(store.isSealed).toBe(true);
    await until(() => store.sealToSend === null);
    expect(await base.asOwner("select number from seal where handover_id = $1", [handover])).toEqual([{ number: 1 }]);
    expect(store.bundle.seal?.sealedAt).toBe("2027-06-12T10:20:00.000Z");
  });
});
