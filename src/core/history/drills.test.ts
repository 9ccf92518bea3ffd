import { drillHistory, type DrillFact } from "./drills";

const run = (charter: string, mistakes: string[] = [], change: Partial<DrillFact> = {}): DrillFact => ({
  ...{ yacht: "Quillback", yachtClass: "Ondavar 41", charter, device: "windlass", mistakes },
  isClean: mistakes.length === 0,
  ...change,
});

describe("what was drilled", () => {
  it("counts runs, crews and mistakes, most first, and what is clean", () => {
    const { runs, crews, mistakes, byDevice, byClass } = drillHistory([
      run("a", ["pin-in", "pin-in", "hatch-loose"]),
      run("a"),
      run("b", ["pin-in"]),
      run("b", [], { isClean: false }),
      run("c", ["burner-left"], { device: "gas", yachtClass: "Wren 22" }),
    ]);
    expect([runs, crews]).toEqual([5, 3]);
    expect(mistakes).toEqual([
      { device: "windlass", code: "pin-in", times: 3, runs: 2, crews: 2 },
      { device: "gas", code: "burner-left", times: 1, runs: 1, crews: 1 },
      { device: "windlass", code: "hatch-loose", times: 1, runs: 1, crews: 1 },
    ]);
    // one of four was clean: a run that was helped is not
    expect(byDevice[0]).toMatchObject({ device: "windlass", yachtClass: null, runs: 4, crews: 2, cleanShare: 0.25 });
    expect(byDevice[0]?.most?.code).toBe("pin-in");
    expect(byClass.map(({ device, yachtClass }) => [device, yachtClass])).toEqual([
      ["gas", "Wren 22"],
      ["windlass", "Ondavar 41"],
    ]);
  });

  it("proposes minutes where three crews or more hardly ever do it clean", () => {
    const wrong = ["a", "b", "c"].map((charter) => run(charter, ["hatch-loose"]));
    expect(drillHistory(wrong.slice(0, 2)).proposals).toEqual([]);
    expect(drillHistory(wrong).proposals).toEqual([{ what: "longer", device: "windlass", crews: 3, cleanShare: 0 }]);
    const half = [...wrong, run("a"), run("b"), run("c")];
    expect(drillHistory(half).proposals).toEqual([]);
  });

  it("proposes to look for something odd where a mistake belongs to one yacht", () => {
    const cold = (charter: string, mistakes: string[]) => run(charter, mistakes, { yacht: "Cold Harbour" });
    const here = [...["a", "b", "c"].map((each) => cold(each, ["wrong-way-by-remote"])), cold("d", []), cold("e", [])];
    const others = ["f", "g", "h", "i"].map((each) => run(each));
    // three of five here, none of four elsewhere
    const odd = { what: "odd", device: "windlass", code: "wrong-way-by-remote", yacht: "Cold Harbour" };
    expect(drillHistory([...here, ...others]).proposals).toEqual([{ ...odd, runs: 5, withIt: 3, elsewhereShare: 0 }]);
    // elsewhere in half of the runs as well: it is the device, not the yacht
    const asOften = [...others.slice(0, 2), run("j", ["wrong-way-by-remote"]), run("k", ["wrong-way-by-remote"])];
    const oddOf = (facts: DrillFact[]) => drillHistory(facts).proposals.filter(({ what }) => what === "odd");
    expect(oddOf([...here, ...asOften])).toEqual([]);
    // on the one yacht that was drilled nobody knows
    expect(oddOf(here)).toEqual([]);
  });

  it("is empty before anybody drilled", () => {
    expect(drillHistory([])).toEqual({ runs: 0, crews: 0, mistakes: [], byDevice: [], byClass: [], proposals: [] });
  });
});
