import { countLine, entryOf, listOf } from "../../testing/records";
import { demoYacht } from "../../testing/demo-yacht";
import { fold } from "../handover/fold";
import { readiness, type ReadinessFacts } from "./readiness";
import { shortItems } from "./restock";

const facts = (change: Partial<ReadinessFacts> = {}): ReadinessFacts => ({
  isBack: true,
  prepDone: true,
  work: [],
  short: [],
  unpriced: [],
  ...change,
});
const state = (change: Partial<ReadinessFacts>) => readiness(facts(change)).state;

describe("whether a yacht is ready", () => {
  it("is, when she is back, prepared and nothing is open", () =>
    expect(readiness(facts())).toEqual({ state: "ready", reasons: [] }));

  it("is not, while she is out, unprepared, or safety is short or not mended", () => {
    expect(state({ isBack: false })).toBe("not-ready");
    expect(state({ prepDone: false })).toBe("not-ready");
    expect(state({ work: [{ title: "Bilge pump", safety: true, state: "ordered" }] })).toBe("not-ready");
    expect(state({ short: [{ line: "count:flare-set", name: "Flares", missing: 1, safety: true }] })).toBe("not-ready");
  });

  it("is with a remark, where things have no price", () => {
    expect(readiness(facts({ unpriced: ["Winch handle", "Bucket"] }))).toEqual({
      state: "ready-with-remarks",
      reasons: [{ code: "unpriced", words: "Winch handle, Bucket", holds: false }],
    });
    expect(readiness(facts({ unpriced: ["a", "b", "c", "d"] })).reasons[0]?.words).toBe("a, b, c … (4)");
  });

  it("is with remarks, when only comfort is open or the manager left it as it is; what holds her stands first", () => {
    expect(state({ work: [{ title: "Fridge", safety: false, state: "ordered" }] })).toBe("ready-with-remarks");
    expect(state({ work: [{ title: "Bilge pump", safety: true, state: "stays" }] })).toBe("ready-with-remarks");
    const { reasons } = readiness(
      facts({
        short: [{ line: "count:glass", name: "Glass", missing: 2, safety: false }],
        work: [{ title: "Steering", safety: true, state: "ordered" }],
      }),
    );
    expect(reasons).toEqual([
      { code: "safety-work", words: "Steering", holds: true },
      { code: "restock", words: "2 × Glass", holds: false },
    ]);
  });
});

describe("what is to be put aboard", () => {
  const file = demoYacht("pale-heron");
  const glass = file.inventory.glass!;
  const list = listOf([
    countLine("glass", { expected: glass.expected }),
    countLine("mug"),
    countLine("gone-from-the-file"),
  ]);
  const counted = (count: number) => fold([entryOf(1, "line:count:glass", "count", { count })]);

  it("is what was counted short of the file, less what was put aboard since; what nobody counted is not short", () => {
    expect(shortItems(file, list, counted(glass.expected - 3), new Map())).toEqual([
      { line: "count:glass", name: "Glass", missing: 3, safety: false },
    ]);
    expect(shortItems(file, list, counted(glass.expected - 3), new Map([["count:glass", 1]]))[0]?.missing).toBe(2);
    expect(shortItems(file, list, counted(glass.expected - 3), new Map([["count:glass", 3]]))).toEqual([]);
    expect(shortItems(file, list, counted(glass.expected + 1), new Map())).toEqual([]);
  });
});
