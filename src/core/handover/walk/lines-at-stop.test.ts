import { linesAtStop } from "./lines-at-stop";

const stop = (id: string, place: string, system: "engine" | "safety" | "comfort") => ({ id, place, system });
const start = stop("engine-start", "helm", "engine");
const raft = stop("raft", "helm", "safety");
const bow = stop("windlass", "bow", "safety");
const end = stop("engine-stop", "helm", "engine");
const lines = [
  { id: "hours", place: "helm", system: "engine" as const },
  { id: "ring", place: "helm", system: "safety" as const },
  { id: "cushion", place: "helm", system: "comfort" as const },
  { id: "chain", place: "bow", system: "safety" as const },
  { id: "pillow", place: "cabin", system: "comfort" as const },
];
const at = (which: typeof start, order: (typeof start)[]) =>
  linesAtStop(which, order, lines).lines.map((line) => line.id);

describe("what is counted at a stop", () => {
  const order = [start, raft, bow, end];
  it("is of its system at the first stop on it, and the rest where a place is left for good", () => {
    expect([at(start, order), at(raft, order), at(bow, order), at(end, order)]).toEqual([
      ["hours"],
      ["ring"],
      ["chain"],
      ["cushion"],
    ]);
    expect(linesAtStop(end, order, lines).leaving).toBe(true);
    expect(linesAtStop(start, order, lines).leaving).toBe(false);
  });

  it("goes to a later stop when the first is behind", () => {
    expect(at(end, [end])).toEqual(["hours", "ring", "cushion"]);
  });

  it("is every line of a place with a stop exactly once, in any order of the walk", () => {
    for (const walk of [order, [...order].reverse(), [bow, end, start, raft]]) {
      expect(walk.flatMap((each) => at(each, walk)).sort()).toEqual(["chain", "cushion", "hours", "ring"]);
    }
  });

  it("stands at a stop that is looked at again too", () => {
    expect(at(start, [raft])).toEqual(["hours"]);
  });
});
