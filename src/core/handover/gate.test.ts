import { countLine, entryOf, id, listOf } from "../../testing/records";
import { fold } from "./fold";
import { gate } from "./gate";
import type { Line, ReadingLine, TestLine } from "./list";
import { progress } from "./progress";

const jackets = countLine("life-jacket", { expected: 8, safety: true, perPerson: true });
const fender = countLine("fender", { expected: 6 });
const flares = countLine("flare-set", { expected: 1, safety: true });
const horn: TestLine = { id: "test:horn", kind: "test", place: "saloon", name: { en: "Horn" }, system: "safety", safety: true, how: { en: "press" }, caution: null, when: "alongside", waitHours: null };
const sail: TestLine = { ...horn, id: "test:sail", safety: false, when: "may-wait", waitHours: 24 };
const bank: ReadingLine = { id: "reading:bank", kind: "reading", place: "saloon", name: { en: "Bank" }, system: "dc-power", safety: false, how: { en: "read" }, reading: "battery-rest", given: { chemistry: "agm", duty: "service", nominalV: 12 } };
const lines: Line[] = [jackets, fender, flares, horn, sail, bank];
const list = listOf(lines);
const good: Record<string, [string, unknown]> = {
  "count:life-jacket": ["count", { count: 8 }], "count:fender": ["count", { count: 6 }], "count:flare-set": ["count", { count: 1 }],
  "test:horn": ["result", { result: "works" }], "test:sail": ["result", { result: "works" }], "reading:bank": ["reading", { volts: 12.8, restHours: 6 }],
};
const at = (change: Partial<typeof good>, met = true, on = list) => {
  const entries = Object.entries({ ...good, ...change }).flatMap(([line, said], i) => (said ? [entryOf(i + 1, `line:${line}`, said[0], said[1])] : []));
  return gate(on, fold(entries), { met });
};
const codes = (change: Partial<typeof good>) => at(change).reasons.map((reason) => reason.code);

describe("gate", () => {
  it("clears a yacht on which all is here and fine", () => expect(at({})).toEqual({ state: "cleared", reasons: [] }));

  it("blocks fewer jackets than people, and nobody may lift that", () => {
    const { state, reasons } = at({ "count:life-jacket": ["count", { count: 3 }] });
    expect(state).toBe("not-cleared");
    expect(reasons).toEqual([{ code: "per-person-short", blocks: true, lift: "nobody", line: "count:life-jacket", counts: { have: 3, need: 4 } }]);
  });

  it("lets her go with jackets for all aboard, and says that the list has more", () => {
    expect(at({ "count:life-jacket": ["count", { count: 5 }] })).toMatchObject({ state: "cleared-with-remarks", reasons: [{ code: "count-short", blocks: false }] });
  });

  it.each([
    [{ "count:flare-set": ["count", { count: 0 }] }, "safety-short", "not-cleared"],
    [{ "count:fender": ["count", { count: 5 }] }, "count-short", "cleared-with-remarks"],
    [{ "test:horn": ["result", { result: "fails", remark: "silent" }] }, "safety-test-fails", "not-cleared"],
    [{ "test:horn": ["result", { result: "not-tried", reason: "late", withinHours: null }] }, "safety-test-not-tried", "not-cleared"],
    [{ "test:sail": ["result", { result: "not-tried", reason: "wind", withinHours: 24 }] }, "test-waits", "cleared-with-remarks"],
    [{ "reading:bank": ["reading", { volts: 11.8, restHours: 6 }] }, "reading-stop", "not-cleared"],
    [{ "reading:bank": ["reading", { volts: 12.4, restHours: 6 }] }, "reading-watch", "cleared-with-remarks"],
    [{ "count:fender": undefined }, "lines-left", "not-cleared"],
  ] as [Partial<typeof good>, string, string][])("%o gives %s, %s", (change, code, state) => {
    expect(codes(change)).toContain(code);
    expect(at(change).state).toBe(state);
  });

  it("asks for the deposit before leaving, and for no more people than she takes", () => {
    expect(at({}, false).reasons[0]).toMatchObject({ code: "deposit-not-met", blocks: true });
    const crowded = listOf(lines, { maximumAboard: 3 });
    expect(at({}, true, crowded).reasons[0]).toMatchObject({ code: "too-many-aboard", lift: "nobody", counts: { have: 4, need: 3 } });
  });

  it("waits for a person where two devices disagree", () => {
    const entries = [entryOf(1, "line:count:fender", "count", { count: 6 }), entryOf(2, "line:count:fender", "count", { count: 5 }, { device: id(8) })];
    expect(gate(list, fold(entries), { met: true }).reasons.map((reason) => reason.code)).toContain("fork");
  });
});

describe("progress", () => {
  it("counts what is left, by place, and a fork as not done", () => {
    const entries = [entryOf(1, "line:count:fender", "count", { count: 6 }), entryOf(2, "line:count:fender", "count", { count: 5 }), entryOf(3, "line:test:horn", "result", { result: "works" })];
    const { left, total, leftByPlace, minutesLeft } = progress(list, fold(entries));
    expect({ left, total, leftByPlace }).toEqual({ left: 5, total: 6, leftByPlace: { locker: 3, saloon: 2 } });
    // 3 counts of 8 s, a test of 45 s, a reading of 30 s: 99 s
    expect(minutesLeft).toBe(2);
  });
});
