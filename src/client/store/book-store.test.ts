import { freshDevice, until } from "@/testing/browser-bits";
import { bookOf } from "@/testing/book";
import { id } from "@/testing/records";
import { BookStore } from "./book-store";

/** the base at the other end: what it got, and whether it can be reached */
let got: { id: string }[] = [];
let yachts: string[] = [];
let isThere = true;
let refuse: string[] = [];
globalThis.fetch = (async (path: string, init: RequestInit = {}) => {
  if (!isThere) throw new TypeError("Failed to fetch");
  if (path.startsWith("/api/photos/")) return new Response(new Blob(["picture"], { type: "image/jpeg" }));
  const { answers, yacht } = JSON.parse(String(init.body)) as {
    answers: { id: string; value: string }[];
    yacht: string;
  };
  yachts.push(yacht);
  got.push(...answers);
  return Response.json({
    answers: answers.map((answer) => ({
      id: answer.id,
      status: refuse.includes(answer.value)
        ? "refused"
        : got.filter((each) => each.id === answer.id).length > 1
          ? "same"
          : "kept",
      code: null,
      message: null,
    })),
  });
}) as typeof fetch;

beforeEach(() => {
  freshDevice();
  [got, yachts, isThere, refuse] = [[], [], true, []];
});
const understood = (store: BookStore, topic: string) => store.say({ about: "topic", topic, value: "understood" });

describe("the boat book on a device", () => {
  it("opens as it was kept, with when the base was last heard of", async () => {
    expect(await BookStore.kept()).toBeNull();
    expect((await BookStore.keep(bookOf())).keptAt).toBeNull();
    const again = await BookStore.kept();
    expect([again?.book, typeof again?.keptAt]).toEqual([bookOf(), "string"]);
  });

  it("sends what is said at once, with the revision it was said of", async () => {
    const store = await BookStore.keep(bookOf());
    await understood(store, "sails");
    await until(() => store.save().waiting === 0);
    expect(got).toEqual([expect.objectContaining({ about: "topic", topic: "sails", revision: 3, v: 1 })]);
    expect(store.said()).toHaveLength(1);
  });

  it("keeps it without signal, over a reload, and sends it once when there is one", async () => {
    const store = await BookStore.keep(bookOf());
    isThere = false;
    await understood(store, "sails");
    await understood(store, "keel");
    await until(() => store.save().waiting === 2);
    const again = await BookStore.kept();
    expect(again?.said()).toHaveLength(2);
    isThere = true;
    await again?.send();
    expect([got.length, again?.save().waiting]).toEqual([2, 0]);
    // the page that was open all the while sends the same ids: no effect at the base
    await store.send();
    expect(new Set(got.map((each) => each.id)).size).toBe(2);
  });

  it("takes a refused answer off, and what another device said in", async () => {
    refuse = ["ask"];
    const theirs = {
      v: 1 as const,
      id: id(9),
      revision: 3,
      at: "2027-06-10T09:00:00Z",
      about: "topic" as const,
      topic: "keel",
      value: "understood" as const,
    };
    const store = await BookStore.keep(bookOf({ study: [theirs] }));
    await store.say({ about: "topic", topic: "sails", value: "ask" });
    await until(() => store.save().waiting === 0);
    expect(store.said()).toEqual([theirs]);
  });

  it("of a charter that goes on with another yacht sends what waits of the first one all the same, and then lets it go", async () => {
    const first = await BookStore.keep(bookOf({ reference: "BR-7" }));
    isThere = false;
    await understood(first, "sails");
    await until(() => first.save().waiting === 1);
    // the base says that she is back: the book turns to the second yacht, still without much signal
    const second = await BookStore.keep(
      bookOf({ reference: "BR-7~2", yacht: { ...bookOf().yacht, slug: "quillback" } }),
    );
    expect(second.said()).toHaveLength(0);
    expect(await second.erase()).toBe(false);
    isThere = true;
    await BookStore.sendLeftBehind();
    expect(got).toEqual([expect.objectContaining({ topic: "sails" })]);
    expect(yachts).toEqual(["little-auk"]);
    await understood(second, "keel");
    await until(() => second.save().waiting === 0);
    expect(yachts).toEqual(["little-auk", "quillback"]);
    expect(await second.erase()).toBe(true);
  });

  it("of another charter is none of this one's business", async () => {
    const first = await BookStore.keep(bookOf({ reference: "BR-7" }));
    isThere = false;
    await understood(first, "sails");
    await until(() => first.save().waiting === 1);
    await BookStore.keep(bookOf({ reference: "BR-8" }));
    isThere = true;
    await BookStore.sendLeftBehind();
    expect(got).toEqual([]);
  });

  it("is not erased while something is unsent, and leaves nothing behind when it is", async () => {
    const store = await BookStore.keep(bookOf());
    isThere = false;
    await understood(store, "sails");
    expect(await store.erase()).toBe(false);
    isThere = true;
    expect(await store.erase()).toBe(true);
    expect(await BookStore.kept()).toBeNull();
  });

  it("says how much is kept only when everything is: photos too", async () => {
    const noted = {
      place: "Mast",
      name: "Mainsail",
      verdict: "watch" as const,
      words: "torn",
      photos: ["a".repeat(64)],
    };
    const store = await BookStore.keep(
      bookOf({
        handovers: [
          {
            id: id(3),
            kind: "check-in",
            sealedAt: "2027-06-12T15:00:00.000Z",
            seal: "b".repeat(64),
            noted: [noted],
            lines: 9,
          },
        ],
      }),
    );
    isThere = false;
    expect(await store.keepEverything()).toBeNull();
    isThere = true;
    const bytes = await store.keepEverything();
    expect(bytes).toBe(new Blob([JSON.stringify(store.book)]).size + "picture".length);
    isThere = false;
    expect((await store.photo("a".repeat(64)))?.size).toBe("picture".length);
  });
});
