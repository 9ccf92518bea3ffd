import { entryOf, id } from "@/testing/records";
import { isByOneOf, isOfItsSide, sideOfAspect } from "./authorship";

const by = (side: "base" | "skipper", aspect: string) =>
  entryOf(1, "handover", aspect, {}, { by: { side, person: id(903) } });

describe("whose word an aspect is", () => {
  it.each([
    ["remark:base", "base"],
    ["remark:skipper", "skipper"],
    ["prep-done", "base"],
    ["let-go", "base"],
    ["let-go:deposit-not-met", "base"],
    ["count", null],
    ["shown", null],
    ["photo:" + "a".repeat(64), null],
  ])("%s: %s", (aspect, side) => expect(sideOfAspect(aspect)).toBe(side));

  it("is refused from the other side, and everything of a prep from the skipper's", () => {
    expect(isOfItsSide("check-in", by("skipper", "remark:base"))).toBe(false);
    expect(isOfItsSide("check-in", by("base", "remark:skipper"))).toBe(false);
    expect(isOfItsSide("check-in", by("skipper", "count"))).toBe(true);
    expect(isOfItsSide("prep", by("skipper", "count"))).toBe(false);
    expect(isOfItsSide("prep", by("base", "count"))).toBe(true);
  });
});

it("an entry is by somebody the device records for only with side and person together", () => {
  const authors = [
    { side: "base", person: id(905) },
    { side: "skipper", person: id(903) },
  ] as const;
  expect(isByOneOf(by("skipper", "count"), authors)).toBe(true);
  expect(isByOneOf(by("base", "count"), authors)).toBe(false);
  expect(isByOneOf(by("skipper", "count"), [])).toBe(false);
});
