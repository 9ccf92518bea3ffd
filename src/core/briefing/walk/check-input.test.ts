import { walkCalculation } from "./calc";
import type { WalkInput } from "./schema";

const input = (change: Partial<WalkInput> = {}): WalkInput => ({
  places: [
    { id: "bow", level: "deck" },
    { id: "mast", level: "deck" },
  ],
  ways: [{ from: "bow", to: "mast", seconds: 10 }],
  stops: [
    { id: "anchor", place: "bow", system: "anchoring", minutes: 5 },
    { id: "reef", place: "mast", system: "rig", minutes: 5, after: ["anchor"] },
  ],
  start: "bow",
  end: null,
  order: "shortest",
  ...change,
});
const run = (change: Partial<WalkInput>) => walkCalculation.run(input(change), {} as never);
const [way] = input().ways as [WalkInput["ways"][number]];
const stops = (change: object): Partial<WalkInput> => ({
  stops: input().stops.map((stop, index) => (index === 1 ? { ...stop, ...change } : stop)),
});

it.each<[string, Partial<WalkInput>, string, RegExp]>([
  ["seconds of 1e308", { ways: [{ ...way, seconds: 1e308 }] }, "/ways/0/seconds", /1000000 seconds at most/],
  ["minutes of 1e308", stops({ minutes: 1e308 }), "/stops/1/minutes", /1000000 minutes at most/],
  ["a way to itself", { ways: [way, { ...way, to: "bow" }] }, "/ways/1", /"bow" itself/],
  ["a way given twice", { ways: [way, { ...way, seconds: 3 }] }, "/ways/1", /from "bow" to "mast" is given twice/],
  [
    "a way given twice, the second time back",
    { ways: [way, { from: "mast", to: "bow", seconds: 9 }] },
    "/ways/1",
    /twice/,
  ],
  ["a stop named twice", stops({ after: ["anchor", "anchor"] }), "/stops/1/after", /"anchor" twice/],
])("refuses %s, and says where", (_what, change, where, words) => {
  expect(() => run(change)).toThrow(expect.objectContaining({ where, message: expect.stringMatching(words) }));
});

it("takes one way there and another back, each in one direction", () => {
  const ways = [
    { from: "bow", to: "mast", seconds: 10, oneWay: true },
    { from: "mast", to: "bow", seconds: 20, oneWay: true },
  ];
  // both stops once: 10 s from the bow to the mast
  expect(run({ ways }).walkSeconds).toBe(10);
});
