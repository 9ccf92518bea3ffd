import { countLine, entryOf, id, listOf } from "../../testing/records";
import { mismatch } from "../../formats/validate";
import { compare } from "../comparison/compare";
import { checkEntry, type ValueCheck } from "./check-entry";
import { fold } from "./fold";
import type { MarkLine, ViewLine } from "./lines";
import { isFromGallery, isOlderPhoto } from "./photo-age";
import { progress } from "./progress";
import { foundIn, statusOf } from "./state";
import { takenAspect, takenPlaces } from "./taken";
import { mayBeCountedTogether, togetherAmong } from "./together";

const view: ViewLine = {
  id: "view:stern",
  kind: "view",
  place: "locker",
  name: { en: "stern" },
  system: "hull-and-deck",
  safety: false,
  surface: "stern",
  photos: [],
};
const small: MarkLine = {
  id: `mark:${id(7)}`,
  kind: "mark",
  place: "locker",
  name: { en: "scratch" },
  system: "hull-and-deck",
  safety: false,
  view: "view:stern",
  group: "hull",
  mark: { place: "locker", surface: "stern", kind: "scratch", sizeMm: 40, aM: 1, bM: 1, words: "" },
  photos: [],
  since: null,
};
const large: MarkLine = { ...small, id: `mark:${id(8)}`, view: undefined, mark: { ...small.mark, sizeMm: 200 } };
const list = listOf([view, small, large]);
const seen = entryOf(1, "line:view:stern", "view", { nothingNew: true, photo: null });
const check: ValueCheck = (schema, value) => mismatch(schema, value)?.message ?? null;

describe("a side looked at as a whole", () => {
  it("settles its small marks with one word, and leaves a large one open", () => {
    expect(progress(list, fold([])).left).toBe(3);
    const folded = fold([seen]);
    expect(list.lines.map((line) => statusOf(folded, line).step)).toEqual(["done", "done", "open"]);
    expect(statusOf(folded, small)).toMatchObject({ verdict: "fine", cell: { value: { state: "still-so" } } });
  });

  it("lets one small mark look worse, whatever was said of the side", () => {
    const folded = fold([seen, entryOf(2, `line:mark:${id(7)}`, "mark-state", { state: "worse" })]);
    expect(statusOf(folded, small)).toMatchObject({ verdict: "watch", cell: { value: { state: "worse" } } });
  });

  it("finds no difference between two records that saw nothing new", () => {
    const record = { list, entries: [seen, entryOf(2, `line:mark:${id(8)}`, "mark-state", { state: "still-so" })] };
    expect(compare(record, record)).toEqual([]);
  });
});

describe("a photo's age", () => {
  const photo = "e".repeat(64);
  const taken = (takenAt: string | null, from: "camera" | "file" = "file") =>
    fold([entryOf(1, "line:count:fender", `photo:${photo}`, { attached: true, takenAt, from })]);
  const opened = listOf([countLine("fender")], { openedAt: "2027-06-12T14:00:00.000Z" });
  it("is told by its time of capture against when the list was opened; what carries no time is not accused", () => {
    const older = (takenAt: string | null) => isOlderPhoto(opened, taken(takenAt), "line:count:fender", photo);
    expect([older("2027-06-12T13:59:59.000Z"), older("2027-06-12T14:00:00.000Z"), older(null)]).toEqual([
      true,
      false,
      false,
    ]);
    expect([
      isFromGallery(taken(null), "line:count:fender", photo),
      isFromGallery(taken(null, "camera"), "line:count:fender", photo),
    ]).toEqual([true, false]);
  });
});

describe("counted together", () => {
  const checkIn = listOf([]);
  const fork = countLine("fork", { group: "below", replacementMinor: 300 });
  it("is only what is small, cheap and no matter of safety", () => {
    expect(
      [
        fork,
        countLine("pan", { group: "below", replacementMinor: 2501 }),
        countLine("flare", { group: "below", replacementMinor: 300, safety: true }),
        countLine("vest", { group: "below", replacementMinor: 300, perPerson: true }),
        countLine("line", { group: "deck", replacementMinor: 300 }),
      ].map((line) => mayBeCountedTogether(line, checkIn)),
    ).toEqual([true, false, false, false, false]);
  });

  it("is not worth it for two things", () => {
    const three = ["fork", "knife", "spoon"].map((key) => ({ ...fork, id: `count:${key}` }));
    expect(togetherAmong(three, checkIn)).toHaveLength(3);
    expect(togetherAmong(three.slice(1), checkIn)).toEqual([]);
  });

  it("is more at check-out: everything that nothing was said of, never safety, nor what is looked at first", () => {
    const out = listOf([], { kind: "check-out", first: [{ line: "count:pan", why: "reported" }] });
    const lines = [
      fork,
      countLine("pan", { group: "below" }),
      countLine("line", { replacementMinor: 90000 }),
      countLine("flare", { safety: true }),
      countLine("vest", { perPerson: true }),
    ];
    expect(lines.map((line) => mayBeCountedTogether(line, out))).toEqual([true, false, true, false, false]);
  });

  it("is refused for anything else, whatever a device sends", () => {
    const on = listOf([fork, countLine("raft", { safety: true })]);
    const together = (line: string) =>
      checkEntry(on, entryOf(1, `line:count:${line}`, "count", { count: 2, together: true }), check);
    expect([together("fork"), together("raft")]).toEqual([null, { code: "not-together" }]);
  });
});

describe("found elsewhere, and who counts where", () => {
  const on = listOf([countLine("fender")]);
  const moved = (place: string | null) => entryOf(1, "line:count:fender", "found-in", { place });
  it("belongs there for this charter, and can be put back", () => {
    expect(foundIn(fold([moved("saloon")]), on.lines[0]!)).toBe("saloon");
    expect(foundIn(fold([moved("saloon"), { ...moved(null), id: id(2), basis: [id(1)] }]), on.lines[0]!)).toBeNull();
    expect([
      checkEntry(on, moved("saloon"), check),
      checkEntry(on, moved(null), check),
      checkEntry(on, moved("attic"), check),
    ]).toEqual([null, null, { code: "no-such-place", place: "attic" }]);
  });

  it("shows who took a place, and that it was given back; two that took one are no disagreement on the yacht", () => {
    const took = (number: number, person: number, taken: boolean, basis: string[] = []) =>
      entryOf(
        number,
        "handover",
        takenAspect("saloon"),
        { taken },
        { by: { side: "skipper", person: id(person) }, basis },
      );
    expect([...takenPlaces(fold([took(1, 50, true)]))]).toEqual([["saloon", id(50)]]);
    expect([...takenPlaces(fold([took(1, 50, true), took(2, 50, false, [id(1)])]))]).toEqual([]);
    expect([...takenPlaces(fold([took(1, 50, true), took(2, 51, true)]))]).toEqual([["saloon", id(50)]]);
  });
});
