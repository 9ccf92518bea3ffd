import { freshDevice, until } from "@/testing/browser-bits";
import { countLine, entryOf, handoverId, id, listOf } from "@/testing/records";
import { bundleOf } from "@/testing/bundle";
import type { Permit } from "@/core/handover/permit";
import { entryHash } from "@/core/handover/entry";
import { directory, handoverDatabase, keepHandover } from "./database";
import { HandoverStore } from "./handover-store";

const list = listOf([countLine("fender", { expected: 6 }), countLine("oar", { place: "saloon" })]);
const bundle = bundleOf(list);
const open = async () => {
  const store = await HandoverStore.open(handoverId);
  if (!store) throw new Error("this device knows nothing of the handover");
  opened.push(store);
  return store;
};
const opened: HandoverStore[] = [];
afterEach(async () => {
  for (const store of opened.splice(0)) {
    await until(() => store.save().unwritten === 0);
    store.db.close();
  }
});
const fender = list.lines.find((line) => line.id === "count:fender")!;

beforeEach(async () => {
  freshDevice();
  await keepHandover(handoverId, "a-grant", bundle);
});

describe("a handover on the device", () => {
  it("is unknown until it was opened with the base", async () => {
    expect(await HandoverStore.open(id(1))).toBeNull();
    expect((await directory().handovers.toArray()).map((each) => each.yacht)).toEqual(["Test Tern"]);
  });

  it("keeps what was recorded when the page is gone at once", async () => {
    const store = await open();
    store.recordLine(fender, { count: 5 });
    expect(store.save().unwritten).toBe(1);
    await until(() => store.save().unwritten === 0);
    const again = await open();
    expect(again.cell("line:count:fender", "count")?.value).toEqual({ count: 5 });
    expect(again.save()).toMatchObject({ waiting: 1, refused: 0, fault: null });
  });

  it("never overwrites: a change is a new entry that names the one it replaces", async () => {
    const store = await open();
    store.recordLine(fender, { count: 5 });
    store.recordLine(fender, { count: 6 });
    const [first, second] = store.allEntries();
    expect([first?.basis, second?.basis]).toEqual([[], [first?.id]]);
    expect(store.cell("line:count:fender", "count")?.value).toEqual({ count: 6 });
    expect(first?.by).toEqual({ side: "base", person: id(905) });
  });

  it("settles a disagreement of any number of entries: one entry names twenty at most", async () => {
    const store = await open();
    const others = Array.from({ length: 45 }, (_, at) =>
      entryOf(at + 1, "line:count:fender", "count", { count: at }, { basis: [] }),
    );
    await store.receive(others.map((entry, at) => ({ number: at + 1, entry })));
    expect(store.cell("line:count:fender", "count")?.heads).toHaveLength(45);
    store.recordLine(fender, { count: 6 });
    expect(store.cell("line:count:fender", "count")).toMatchObject({ fork: false, value: { count: 6 } });
    expect(store.allEntries().every(({ basis }) => basis.length <= 20)).toBe(true);
  });

  it("writes the skipper's words as the skipper's", async () => {
    const store = await open();
    store.record("line:count:fender", "remark:skipper", { words: "five when we came" }, "skipper");
    expect(store.allEntries()[0]?.by).toEqual({ side: "skipper", person: id(903) });
  });

  it("sums what is left, once for each change", async () => {
    const store = await open();
    expect(store.sums().progress).toMatchObject({ left: 2 });
    const before = store.sums();
    expect(store.sums()).toBe(before);
    store.recordLine(fender, { count: 6 });
    await until(() => store.sums() !== before);
    expect(store.sums().progress.left).toBe(1);
  });

  it("tells only those who look at the line that changed", async () => {
    const store = await open();
    const heard: string[] = [];
    store.onSubject("line:count:fender", () => heard.push("fender"));
    store.onSubject("line:count:oar", () => heard.push("oar"));
    store.recordLine(fender, { count: 6 });
    expect(heard).toEqual(["fender"]);
  });

  it("opens again beside what is there: entries and a seal to send stay", async () => {
    const store = await open();
    store.recordLine(fender, { count: 5 });
    await store.sealHere({ seal: "x" });
    await until(() => store.save().unwritten === 0);
    await keepHandover(handoverId, "a-new-grant", bundle);
    const again = await open();
    expect([again.grant, again.sealToSend, again.allEntries().length, again.isSealed]).toEqual([
      "a-new-grant",
      { seal: "x" },
      1,
      true,
    ]);
  });
});

describe("what the base says", () => {
  const theirs = (number: number, count: number, basis: string[] = []) => ({
    number,
    entry: entryOf(number, "line:count:fender", "count", { count }, { basis }),
  });

  it("comes in once, and is found again after a reload with how far it came", async () => {
    const store = await open();
    await store.receive([theirs(1, 4), theirs(2, 5, [id(1)])]);
    await store.receive([theirs(2, 5, [id(1)])]);
    const again = await open();
    expect([again.lastNumber, again.allEntries().length, again.save().waiting]).toEqual([2, 2, 0]);
    expect(again.cell("line:count:fender", "count")?.value).toEqual({ count: 5 });
  });

  it("knows who made an entry by the time it tells of it", async () => {
    const store = await open();
    const tam = id(906);
    const told: string[] = [];
    store.onSubject("line:count:fender", () => told.push(store.nameOf(tam)));
    await store.receive(
      [
        {
          number: 1,
          entry: entryOf(1, "line:count:fender", "count", { count: 4 }, { by: { side: "skipper", person: tam } }),
        },
      ],
      { [tam]: "Tam" },
    );
    expect(told[0]).toBe("Tam");
    expect((await open()).nameOf(tam)).toBe("Tam");
  });

  it("makes a fork where another tablet counted otherwise, and one tap settles it over both", async () => {
    const store = await open();
    store.recordLine(fender, { count: 6 });
    await store.receive([theirs(1, 5)]);
    expect(store.cell("line:count:fender", "count")?.fork).toBe(true);
    store.recordLine(fender, { count: 5 });
    const cell = store.cell("line:count:fender", "count");
    expect([cell?.fork, cell?.value]).toEqual([false, { count: 5 }]);
    expect(store.allEntries().at(-1)?.basis).toHaveLength(2);
  });

  it("takes a refused entry off the line, keeps it, and says why", async () => {
    const store = await open();
    const entry = store.record("line:count:fender", "count", { count: 5 });
    await until(() => store.save().unwritten === 0);
    await store.answered([
      { id: entry, state: "refused", message: "another entry has this id" },
      { id: id(77), state: "there", message: null },
    ]);
    expect(store.cell("line:count:fender", "count")).toBeUndefined();
    expect(store.refusedEntries()).toEqual([expect.objectContaining({ message: "another entry has this id" })]);
    expect((await open()).save()).toMatchObject({ waiting: 0, refused: 1 });
    expect(store.entryHashes()).toEqual([]);
  });

  it("is remembered: when it was heard, the deposit, the seal, and never a seal taken back", async () => {
    const store = await open();
    const seal = { seal: "a".repeat(64), sealedAt: "2027-06-12T11:00:00.000Z" };
    await store.heard("2027-06-12T11:01:00.000Z", {
      seal,
      context: { deposit: { met: false }, safetyWork: [], forecast: null },
    });
    await store.heard("2027-06-12T11:02:00.000Z", {
      seal: null,
      context: { deposit: { met: false }, safetyWork: [], forecast: null },
    });
    const again = await open();
    expect([again.lastHeardAt, again.isSealed, again.bundle.context.deposit.met]).toEqual([
      "2027-06-12T11:02:00.000Z",
      true,
      false,
    ]);
  });
});

describe("a manager who signs in on somebody else's device", () => {
  it("acts there for as long as the permit is good, however often the device hears of the base meanwhile", async () => {
    const store = await open();
    const permit = (person: string, roles: string[], from: string, until: string): Permit => ({
      v: 1,
      handover: handoverId,
      grant: id(7),
      person,
      name: "Senna Ruhl",
      roles,
      from,
      until,
      signature: "x",
    });
    // by the base's clock, from which this device's is far off
    const soon = (minutes: number) => new Date(Date.parse(bundle.serverTime) + minutes * 60_000).toISOString();
    expect(store.managerHere()).toBeNull();
    await store.keepPermit(permit(id(906), ["manager"], soon(-1), soon(14)));
    for (let pull = 0; pull < 20; pull++)
      await store.keepPermit(permit(id(905), ["briefer"], soon(pull / 60), soon(720)));
    expect(store.managerHere()).toBe(id(906));
    expect(store.nameOf(id(906))).toBe("Senna Ruhl");
    store.record("handover", "let-go:fog", { why: "it lifts" }, "base", store.managerHere());
    const [entry] = store.allEntries();
    expect(entry?.by).toEqual({ side: "base", person: id(906) });
    expect(store.permitsFor([entry!]).map(({ person }) => person)).toContain(id(906));
    await store.keepPermit(permit(id(906), ["manager"], soon(-20), soon(-5)));
    const again = store.permitsFor([entry!]).filter(({ person }) => person === id(906));
    expect(again).toHaveLength(2);
  });
});

describe("a photo", () => {
  it("is kept by its bytes before it is named on the line", async () => {
    const store = await open();
    const photo = {
      hash: "b".repeat(64),
      bytes: new Blob(["x"], { type: "image/jpeg" }),
      takenAt: null,
      from: "camera" as const,
    };
    await store.attachPhoto("line:count:fender", photo);
    await store.attachPhoto("line:count:oar", photo);
    await until(() => store.save().unwritten === 0);
    expect(await store.db.photos.count()).toBe(1);
    expect(store.save().waiting).toBe(3);
    expect(store.cell("line:count:oar", `photo:${photo.hash}`)?.value).toMatchObject({ attached: true });
  });
});

describe("a full disk", () => {
  it("is said, and the write is tried again until it works", async () => {
    const store = await open();
    let full = true;
    const put = store.db.entries.put.bind(store.db.entries);
    jest
      .spyOn(store.db.entries, "put")
      .mockImplementation(((each: never) =>
        full ? Promise.reject(Object.assign(new Error(), { name: "QuotaExceededError" })) : put(each)) as never);
    store.recordLine(fender, { count: 5 });
    await until(() => store.save().fault === "QuotaExceededError");
    expect(store.save().unwritten).toBe(1);
    full = false;
    await new Promise((done) => setTimeout(done, 3200));
    expect(store.save()).toMatchObject({ unwritten: 0, fault: null, waiting: 1 });
  });
});

it("names its entries as a seal does", async () => {
  const store = await open();
  store.recordLine(fender, { count: 5 });
  const [entry] = store.allEntries();
  expect(store.entryHashes()).toEqual([{ id: entry?.id, hash: entry && entryHash(entry) }]);
  expect(handoverDatabase("another").name).toBe("another");
});
