import { mismatch } from "../../formats/validate";
import { countLine, entryOf, id, listOf } from "../../testing/records";
import { checkEntry } from "./check-entry";
import type { Entry } from "./entry";

const list = listOf([countLine("fender")]);
const check = (change: Partial<Entry>) =>
  checkEntry(
    list,
    entryOf(1, "line:count:fender", "count", { count: 1 }, change),
    (schema, value) => mismatch(schema, value)?.message ?? null,
  );

describe("whether an entry belongs to a list", () => {
  it("takes a count, a remark, a photo, a mark and a found thing", () => {
    expect(check({})).toBeNull();
    expect(check({ aspect: "remark:skipper", value: { words: "new" } })).toBeNull();
    expect(
      check({ aspect: `photo:${"a".repeat(64)}`, value: { attached: true, takenAt: null, from: "camera" } }),
    ).toBeNull();
    expect(
      check({ subject: `found:${id(4)}`, aspect: "found", value: { place: "locker", words: "a bag", count: 1 } }),
    ).toBeNull();
  });

  it.each([
    [{ handover: id(5) }, "other-handover"],
    [{ subject: "line:count:gold-bar" }, "no-such-line"],
    [{ aspect: "look", value: { state: "sound" } }, "aspect-does-not-fit"],
    [{ aspect: "constructor", value: {} }, "aspect-does-not-fit"],
    [{ subject: "handover", aspect: "constructor", value: {} }, "aspect-does-not-fit"],
    [{ value: { count: -1 } }, "bad-value"],
    [{ value: { count: 10_000 } }, "bad-value"],
    [{ value: { count: 1.5 } }, "bad-value"],
    [{ value: { count: 1, who: "me" } }, "bad-value"],
    [
      { subject: `found:${id(4)}`, aspect: "found", value: { place: "attic", words: "a bag", count: 1 } },
      "no-such-place",
    ],
    [{ subject: `found:${id(4)}`, aspect: "found", value: { place: "locker", words: "   ", count: 1 } }, "bad-value"],
  ] as [Partial<Entry>, string][])("refuses %o as %s", (change, code) => expect(check(change)).toMatchObject({ code }));
});
