import { countLine, entryOf, id, listOf } from "../../../testing/records";
import { firstLooks, isUnlookedBelow, type ChangedFacts } from "./first-looks";
import { wantsUnderwaterLook } from "../../incidents/incident";
import { fold } from "../fold";
import type { Line, LookLine, MarkLine, TestLine } from "../lines";

const common = { place: "locker", name: { en: "thing" }, safety: false };
const steering: TestLine = {
  ...common,
  id: "test:steering",
  kind: "test",
  system: "steering",
  how: { en: "turn it" },
  caution: null,
  when: "alongside",
  waitHours: null,
};
const keel: LookLine = {
  ...common,
  id: "look:underwater",
  kind: "look",
  system: "hull-and-deck",
  how: { en: "dive" },
  surface: "stern",
  group: "underwater",
};
const mark = (number: number, view?: string): MarkLine => ({
  ...common,
  id: `mark:${id(number)}`,
  kind: "mark",
  system: "hull-and-deck",
  group: "hull",
  photos: [],
  since: null,
  ...(view ? { view } : {}),
  mark: { place: "locker", surface: "port-side", kind: "scratch", sizeMm: 200, aM: 1, bM: 1, words: "" },
});
const lines: Line[] = [
  countLine("fender"),
  countLine("outboard", { replacementMinor: 120_000, expected: 1 }),
  countLine("glass"),
  countLine("oar"),
  steering,
  keel,
  mark(1),
  mark(2, "view:port-side"),
];
const facts = (change: Partial<ChangedFacts> = {}): ChangedFacts => ({
  reported: [],
  happened: [],
  often: new Map(),
  ...change,
});
const order = (change: Partial<ChangedFacts> = {}) =>
  firstLooks(lines, facts(change)).map(({ line, why }) => `${why} ${line}`);

it("takes marks to confirm and what is dear where nothing is known; small marks go with their side", () => {
  expect(order()).toEqual([`mark mark:${id(1)}`, "valuable count:outboard"]);
});

it("puts first what was reported, then what follows from what happened, then what goes most often; each once", () => {
  const all = order({
    reported: ["count:oar"],
    happened: ["grounding"],
    often: new Map([
      ["count:glass", 2],
      ["count:fender", 5],
      ["count:oar", 9],
    ]),
  });
  expect(all).toEqual([
    "reported count:oar",
    "happened test:steering",
    "happened look:underwater",
    "often count:fender",
    "often count:glass",
    `mark mark:${id(1)}`,
    "valuable count:outboard",
  ]);
});

it("asks for a look below the water after what can hurt her there, and not after a lost fender", () => {
  expect(
    (["grounding", "collision", "fouled-propeller", "lost-overboard", "repair", "other"] as const).map((kind) =>
      wantsUnderwaterLook([kind]),
    ),
  ).toEqual([true, true, true, false, false, false]);
});

it("says that nobody has looked below the water while that look is open, or was never on the list", () => {
  const looked = fold([entryOf(1, "line:look:underwater", "look", { state: "sound" })]);
  expect(isUnlookedBelow(listOf(lines), fold([]), ["grounding"])).toBe(true);
  expect(isUnlookedBelow(listOf([steering]), looked, ["grounding"])).toBe(true);
  expect(isUnlookedBelow(listOf(lines), looked, ["grounding"])).toBe(false);
  expect(isUnlookedBelow(listOf(lines), fold([]), ["lost-overboard"])).toBe(false);
});
