import { randomUUID } from "node:crypto";
import type { Entry } from "@/core/handover/entry";
import { demoBase } from "@/testing/demo-base";
import { entriesAfter } from "../db/entries";
import { entriesFrom } from "../handover/feed";
import { postEntries } from "@/testing/post-entries";

const base = demoBase("entries");
let handover: string;
let maro: string;

beforeAll(async () => {
  handover = await base.handoverOf("BR-1059", "check-in");
  maro = await base.person("Maro Tessen");
});

const entry = (change: Partial<Entry> = {}): Entry => ({
  v: 1,
  id: randomUUID(),
  handover,
  subject: "line:count:shore-adapter",
  aspect: "count",
  value: { count: 1 },
  basis: [],
  by: { side: "base", person: maro },
  device: randomUUID(),
  at: "2027-06-12T10:15:00.000Z",
  offsetMs: 0,
  ...change,
});
const post = (...entries: Entry[]) => postEntries(base.baseId, handover, entries);
const kept = () => base.inBase((db) => entriesAfter(db, handover, 0));

describe("a device on the skipper's side", () => {
  it("records for its own person alone, and what it may not blocks nothing else", async () => {
    const skipper = await base.person("Wenna Coldrake");
    const own = entry({
      subject: "line:count:shore-adapter",
      aspect: "remark:skipper",
      value: { words: "green one" },
      by: { side: "skipper", person: skipper },
    });
    const answers = await postEntries(
      base.baseId,
      handover,
      [
        entry(),
        own,
        entry({ aspect: "remark:skipper", value: { words: "for another" }, by: { side: "skipper", person: maro } }),
      ],
      skipper,
    );
    expect(answers.map((each) => [each.status, each.code])).toEqual([
      ["refused", "skipper-side-only"],
      ["kept", null],
      ["refused", "skipper-side-only"],
    ]);
    expect(
      (await kept()).filter(({ entry: each }) => each.subject === own.subject).map(({ entry: each }) => each.id),
    ).toEqual([own.id]);
  });
});

describe("posting entries", () => {
  it.each<[string, Partial<Entry>, string, RegExp]>([
    [
      "a line that is not on the list",
      { subject: "line:count:moon" },
      "no-such-line",
      /no line “count:moon”.*found thing/,
    ],
    ["an aspect that does not belong", { aspect: "reading" }, "aspect-does-not-fit", /cannot be recorded here/],
    ["a negative count", { value: { count: -1 } }, "bad-value", /\/count must be 0 or more \(it is -1\)/],
    ["half a thing", { value: { count: 1.5 } }, "bad-value", /\/count must be a whole number/],
    ["an absurd count", { value: { count: 10_000 } }, "bad-value", /must be 9999 or less/],
    [
      "a test that fails without a word",
      { subject: "line:test:engine-start-stop", aspect: "result", value: { result: "fails", remark: " " } },
      "bad-value",
      /remark/,
    ],
    [
      "a test put off for a month",
      {
        subject: "line:test:engine-start-stop",
        aspect: "result",
        value: { result: "not-tried", reason: "wind", withinHours: 720 },
      },
      "bad-value",
      /withinHours/,
    ],
    [
      "volts beyond the meter",
      { subject: "line:reading:battery-service", aspect: "reading", value: { volts: 900, restHours: 5 } },
      "bad-value",
      /volts must be 60 or less/,
    ],
    [
      "a look in a word of one's own",
      { subject: "line:look:canvas", aspect: "look", value: { state: "ok" } },
      "bad-value",
      /state/,
    ],
    [
      "a mark at a place she has not",
      {
        subject: `mark:${randomUUID()}`,
        aspect: "mark",
        value: { place: "crow-nest", surface: "deck", kind: "chip", sizeMm: 20, aM: 1, bM: 1, words: "" },
      },
      "no-such-place",
      /no place “crow-nest”/,
    ],
    ["another handover's entry", { handover: randomUUID() }, "other-handover", /another handover/],
  ])("refuses %s, says why, and keeps nothing of it", async (_what, change, code, words) => {
    const before = (await kept()).length;
    const [answer] = await post(entry(change));
    expect(answer).toMatchObject({ status: "refused", code });
    expect(answer?.message).toMatch(words);
    expect((await kept()).length).toBe(before);
  });

  it("answers each of a batch by itself, in order", async () => {
    const [good, other] = [entry(), entry({ subject: "line:count:mooring-line", value: { count: 4 } })];
    const answers = await post(good, entry({ subject: "line:count:moon" }), other, good);
    expect(answers.map((answer) => answer.status)).toEqual(["kept", "refused", "kept", "same"]);
    const numbers = (await kept()).map((row) => row.number);
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
  });

  it("refuses an id that is there with other content, and one that changes what never came", async () => {
    const first = entry({ subject: "line:count:bucket" });
    await post(first);
    const [changed, orphan] = await post(
      { ...first, value: { count: 7 } },
      entry({ subject: "line:count:bucket", basis: [randomUUID()] }),
    );
    expect(changed).toMatchObject({ status: "refused", code: "other-content" });
    expect(orphan).toMatchObject({
      status: "refused",
      code: "unknown-basis",
      message: expect.stringContaining("Send that one first"),
    });
  });

  it("takes a change together with what it changes, in one batch", async () => {
    const first = entry({ subject: "line:count:winch-handle" });
    expect(
      (await post(first, entry({ subject: "line:count:winch-handle", value: { count: 2 }, basis: [first.id] }))).map(
        (answer) => answer.status,
      ),
    ).toEqual(["kept", "kept"]);
  });

  it("pokes the other devices of that handover only", async () => {
    const poked: string[] = [];
    const session = {
      kind: "device",
      id: maro,
      baseId: base.baseId,
      handoverId: handover,
      personId: maro,
      side: "base",
    } as const;
    const from = (...entries: unknown[]) =>
      entriesFrom({ params: { id: handover }, body: { entries }, session, poke: (id) => poked.push(id) });
    const made = entry({ subject: "line:count:boat-hook" });
    await from(made);
    expect(poked).toEqual([handover]);
    // what was sent before, or is refused, is news to nobody
    await from(made);
    await from({ ...made, id: "1" });
    expect(poked).toEqual([handover]);
  });

  it("keeps what comes after the seal beside the record, once", async () => {
    const sealed = await base.handoverOf("BR-1052", "check-in");
    const late = entry({ handover: sealed, subject: "line:count:bucket" });
    const twice = [await postEntries(base.baseId, sealed, [late]), await postEntries(base.baseId, sealed, [late])];
    expect(twice.map(([answer]) => answer?.status)).toEqual(["late", "same"]);
    expect(
      await base.asOwner("select kind, content -> 'value' as value from addendum where handover_id = $1", [sealed]),
    ).toEqual([{ kind: "late-entry", value: { count: 1 } }]);
  });

  it("gives pages of the feed from any number on", async () => {
    const all = await kept();
    const page = await base.inBase((db) => entriesAfter(db, handover, 5, 3));
    expect(page.map((row) => row.number)).toEqual([6, 7, 8]);
    expect(await base.inBase((db) => entriesAfter(db, handover, all.length))).toEqual([]);
  });
});
