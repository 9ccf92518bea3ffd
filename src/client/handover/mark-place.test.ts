import { demoYacht } from "@/testing/demo-yacht";
import type { YachtFile } from "@/core/yacht/schema";
import { isFlat, movedBy, startAt } from "./mark-place";

const file = demoYacht("pale-heron");

describe("where the aim of a mark stands at first", () => {
  it("is within the place one stands in, on a level", () => {
    const [place, { outline }] = Object.entries(file.places).find(([, each]) => each.level === "deck")!;
    const [a, b] = startAt(file, place, "deck");
    const [along, across] = [outline.map((point) => point[0]!), outline.map((point) => point[1]!)];
    expect(a).toBeGreaterThan(Math.min(...along));
    expect(a).toBeLessThan(Math.max(...along));
    expect(b).toBeGreaterThan(Math.min(...across));
    expect(b).toBeLessThan(Math.max(...across));
  });

  it("is amidships where the place is not in the file any more", () => {
    const tern = { ...file, particulars: { ...file.particulars, lengthM: 12 } } as YachtFile;
    expect(startAt(tern, "no-such-place", "below")).toEqual([6, 0]);
  });

  it("is above the water on every side", () => {
    for (const surface of ["port-side", "starboard-side", "bow", "stern"] as const) {
      expect(isFlat(surface)).toBe(false);
      expect(startAt(file, "any", surface)[1]).toBeGreaterThan(0);
    }
  });
});

describe("the aim moved by arrow keys, a hand's breadth each", () => {
  // seen from above the bow is up: up goes forward, which is less from the bow, and left goes to port
  it.each([
    ["ArrowUp", [4.9, 1]],
    ["ArrowDown", [5.1, 1]],
    ["ArrowLeft", [5, 0.9]],
    ["ArrowRight", [5, 1.1]],
  ] as const)("on deck: %s", (key, at) => {
    expect(movedBy(key, [5, 1], "deck")).toEqual(at);
  });

  // seen from port the bow is at the left, seen from starboard at the right: left is forward here and aft there
  it.each([
    ["port-side", "ArrowLeft", [4.9, 1]],
    ["starboard-side", "ArrowLeft", [5.1, 1]],
    ["port-side", "ArrowRight", [5.1, 1]],
    ["starboard-side", "ArrowRight", [4.9, 1]],
    ["starboard-side", "ArrowUp", [5, 1.1]],
    ["port-side", "ArrowDown", [5, 0.9]],
  ] as const)("%s: %s", (surface, key, at) => {
    expect(movedBy(key, [5, 1], surface)).toEqual(at);
  });

  it("is not moved by another key, and gathers no fractions over many steps", () => {
    expect(movedBy("Tab", [5, 1], "deck")).toBeNull();
    let at: readonly [number, number] = [0, 0];
    for (let i = 0; i < 30; i++) at = movedBy("ArrowDown", [at[0], at[1]], "deck")!;
    expect(at[0]).toBe(3);
  });
});
