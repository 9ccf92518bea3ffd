import type { Difference } from "../comparison/compare";
import { countLine, listOf } from "../../testing/records";
import type { ReadingLine } from "../handover/list";
import { propose, type Decision } from "./propose";

const fuel: ReadingLine = { id: "reading:fuel", kind: "reading", place: "saloon", name: { en: "Fuel" }, system: "fuel", safety: false, how: { en: "gauge" }, reading: "fuel", given: { capacityL: 150 } };
const hours: ReadingLine = { ...fuel, id: "reading:hours", reading: "engine-hours", given: {} };
const list = listOf([countLine("fender", { boughtOn: "2025-03-20", lifeMonths: 60, replacementMinor: 3900 }), fuel, hours]);
const difference = (change: Partial<Difference>): Difference => ({ id: "d", kind: "missing", of: "count:fender", place: "locker", name: { en: "Fender" }, group: "deck", safety: false, before: null, after: null, change: -1, unknownSince: false, startsAs: { as: "unclear", because: null }, ...change });
const side = (value: unknown) => ({ value, by: null, at: null, photos: [], remarks: [] });
const one = (change: Partial<Difference>, decision?: Decision) => propose([difference(change)], list, new Map(decision ? [["d", decision]] : []))[0];

describe("what a difference may cost", () => {
  it("starts as nobody's fault, with price and age from the list: 20 March 2025 to 19 June 2027 is 26 months", () => {
    expect(one({})).toMatchObject({ line: { kind: "missing", count: 1, replacementMinor: 3900, ageMonths: 26, lifeMonths: 60, cause: "unclear" }, decided: false, needs: "cause" });
  });
  it("is the base's, and decided, where the skipper reported it in time; wear what was used up; either can be decided otherwise", () => {
    expect(one({ startsAs: { as: "base", because: "reported-in-time" } })).toMatchObject({ line: { cause: "base" }, decided: true, needs: null });
    expect(one({ kind: "consumed" })).toMatchObject({ line: { kind: "missing", cause: "wear" }, decided: true, needs: null });
    expect(one({ kind: "consumed" }, { charge: true, cause: "charterer" })).toMatchObject({ line: { cause: "charterer" } });
    expect(one({ kind: "moved", change: 0 })).toMatchObject({ line: null, decided: true });
  });
  it("takes over what was decided, and asks for an estimate where one is missing", () => {
    expect(one({}, { charge: true, cause: "charterer" })).toMatchObject({ line: { cause: "charterer" }, needs: null });
    expect(one({ kind: "new-mark", change: null }, { charge: true, cause: "charterer" })).toMatchObject({ needs: "estimate" });
    expect(one({ kind: "new-mark", change: null }, { charge: true, cause: "wear" })).toMatchObject({ needs: null });
    expect(one({}, { charge: false })).toMatchObject({ line: null, needs: null });
  });
  it("reckons fuel short by itself, with the hours run, and leaves a fuller tank alone", () => {
    const short = difference({ id: "f", kind: "reading-changed", of: "reading:fuel", before: side({ litres: 150 }), after: side({ litres: 128 }), change: -22 });
    const run = difference({ id: "h", kind: "reading-changed", of: "reading:hours", before: side({ hours: 10 }), after: side({ hours: 22.4 }), change: 12.4 });
    const [first, second] = propose([short, run], list, new Map());
    expect(first).toMatchObject({ line: { kind: "fuel", outL: 150, inL: 128, capacityL: 150, engineHours: 12.4 }, needs: null });
    expect(second).toMatchObject({ line: null, needs: null });
    expect(propose([{ ...short, before: side({ litres: 120 }), after: side({ litres: 150 }) }], list, new Map())[0]?.line).toBeNull();
  });
  it("asks nothing for what was found again", () => expect(one({ kind: "extra", change: 1 })).toMatchObject({ line: null, needs: null }));
});
