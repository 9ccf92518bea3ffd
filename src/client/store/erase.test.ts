import { freshDevice, until } from "@/testing/browser-bits";
import { countLine, handoverId, id, listOf } from "@/testing/records";
import { demoYacht } from "@/testing/demo-yacht";
import type { HandoverBundle } from "@/api/schemas/handover";
import { directory, keepHandover } from "./database";
import { eraseOf, eraseOld, eraseOne, holdOpen } from "./erase";
import { NoteStore } from "./note-store";
import { HandoverStore } from "./handover-store";

const list = listOf([countLine("fender")]);
const bundleOf = (person: string): HandoverBundle => ({
  list,
  file: demoYacht("pale-heron"),
  base: { name: "Brinecove", timeZone: "Atlantic/Azores", phone: "0", currency: "EUR" },
  charter: {
    reference: "BR-1",
    skipper: { id: id(903), name: "Isa Calder" },
    charterer: { id: id(903), name: "Isa Calder" },
  },
  context: { deposit: { met: true }, safetyWork: [], forecast: null },
  me: { person, name: "Maro Tessen", side: "base", isManager: false },
  before: {},
  changes: [],
  seal: null,
  serverTime: "2027-06-12T10:12:00.000Z",
});
const maro = id(905);
const known = async () => {
  const devices = directory();
  const all = (await devices.handovers.toArray()).map((each) => each.handover);
  devices.close();
  return all;
};

beforeEach(async () => {
  freshDevice();
  await keepHandover(handoverId, "a-grant", bundleOf(maro));
});

it("takes what is the person's own, and leaves what is another's", async () => {
  expect(await eraseOf(id(906))).toEqual({ erased: 0, stays: [] });
  expect(await eraseOf(maro)).toEqual({ erased: 1, stays: [] });
  expect(await known()).toEqual([]);
  expect(await HandoverStore.open(handoverId)).toBeNull();
});

it("leaves what has not reached the base, and says whose it is", async () => {
  const store = (await HandoverStore.open(handoverId))!;
  const entry = store.record("line:count:fender", "count", { count: 5 });
  await until(() => store.save().unwritten === 0);
  store.db.close();
  for (const take of [
    () => eraseOf(maro),
    () => eraseOne(handoverId),
    () => eraseOld(Date.parse("2030-01-01T00:00:00Z")),
  ])
    expect(await take()).toEqual({ erased: 0, stays: ["Test Tern"] });
  const again = (await HandoverStore.open(handoverId))!;
  expect(again.allEntries().map((each) => each.id)).toEqual([entry]);
  await again.answered([{ id: entry, state: "there", message: null }]);
  again.db.close();
  expect(await eraseOf(maro)).toEqual({ erased: 1, stays: [] });
});

it("leaves a handover of which a note about the file still waits: nothing else may send that", async () => {
  const about = {
    kind: "not-here",
    about: { collection: "fittings", key: "gas-tap" },
    place: null,
    name: "",
    thing: null,
    count: null,
    where: "",
    how: "",
  } as const;
  globalThis.fetch = (() => Promise.reject(new TypeError("Failed to fetch"))) as typeof fetch;
  await NoteStore.open().add("test-tern", about, [], { handover: handoverId, grant: "a-grant", photos: [] });
  expect(await eraseOf(maro)).toEqual({ erased: 0, stays: ["Test Tern"] });
  globalThis.fetch = ((_path: string, init: RequestInit) =>
    Promise.resolve(
      Response.json({
        answers: (JSON.parse(String(init.body)) as { notes: { id: string }[] }).notes.map(({ id: note }) => ({
          id: note,
          status: "kept",
          code: null,
          message: null,
        })),
      }),
    )) as typeof fetch;
  NoteStore.open().send({ handover: handoverId, grant: "a-grant" });
  await until(async () => !(await NoteStore.open().waitsAt(handoverId)));
  expect((await eraseOf(maro)).erased).toBe(1);
});

it("leaves a seal that is still to be sent", async () => {
  const store = (await HandoverStore.open(handoverId))!;
  await store.sealHere({ seal: "x" });
  store.db.close();
  expect((await eraseOf(maro)).stays).toEqual(["Test Tern"]);
});

it("takes a handover away a week after its stay has ended, not before", async () => {
  // the stay ends 19 June, 09:00
  expect((await eraseOld(Date.parse("2027-06-26T08:59:00Z"))).erased).toBe(0);
  expect((await eraseOld(Date.parse("2027-06-26T09:01:00Z"))).erased).toBe(1);
});

it("leaves what is open in another window", async () => {
  const held = new Set<string>();
  Object.assign(globalThis, {
    navigator: {
      locks: {
        request: (
          name: string,
          options: { mode?: string; ifAvailable?: boolean },
          work: (lock: unknown) => unknown,
        ) => {
          if (options.mode === "shared") return void held.add(name);
          return Promise.resolve(work(held.has(name) ? null : {}));
        },
      },
    },
  });
  const devices = directory();
  const [first] = await devices.handovers.toArray();
  devices.close();
  holdOpen(first!.database);
  expect(await eraseOf(maro)).toEqual({ erased: 0, stays: ["Test Tern"] });
  held.clear();
  expect((await eraseOf(maro)).erased).toBe(1);
});
