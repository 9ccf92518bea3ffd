import { reachOf } from "./reach";

// a yacht that has another hold time, other steps of one procedure, and no second anchor
const patch = {
  engines: { main: { stopHoldSeconds: 6 } },
  procedures: { start: { steps: [{ words: { en: "Wait." } }] } },
  inventory: { "anchor-second": null },
};

describe("how a class's change reaches a yacht", () => {
  it.each([
    ["/engines/main/hours", "as-class"],
    ["/engines/main/stopHoldSeconds", "own"],
    ["/engines/main", "own"],
    ["/fittings/windlass", "as-class"],
    ["/procedures/start/steps/0/words/en", "own"],
    ["/procedures/start/title", "as-class"],
    ["/inventory/anchor-second", "not-aboard"],
    ["/inventory/anchor-second/where", "not-aboard"],
  ] as const)("%s: %s", (path, reach) => expect(reachOf(patch, path)).toBe(reach));

  it("shows everywhere on a yacht without differences", () => expect(reachOf({}, "/engines/main")).toBe("as-class"));
});
