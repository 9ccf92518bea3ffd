import fc from "fast-check";
import { entryOf, id } from "../../testing/records";
import type { Entry } from "./entry";
import { fold, forks } from "./fold";

const count = (number: number, value: number, basis: number[] = [], device = 1) =>
  entryOf(number, "line:count:fender", "count", { count: value }, { basis: basis.map(id), device: id(device) });

const value = (entries: Entry[]) => fold(entries).get("line:count:fender count");

describe("fold", () => {
  it("lets the entry stand that nothing replaces, whatever the clocks say", () => {
    const first = { ...count(1, 7), at: "2027-06-12T18:00:00.000Z" };
    const second = { ...count(2, 8, [1]), at: "2027-06-12T09:00:00.000Z" };
    expect(value([second, first])?.value).toEqual({ count: 8 });
    expect(value([second, first])?.fork).toBe(false);
  });

  it("shows a fork when two devices change the same entry differently, and settles it by a third", () => {
    const entries = [count(1, 7), count(2, 8, [1], 1), count(3, 6, [1], 2)];
    expect(value(entries)).toMatchObject({ fork: true, value: undefined });
    expect(forks(fold(entries))).toHaveLength(1);
    expect(value([...entries, count(4, 6, [2, 3])])).toMatchObject({ fork: false, value: { count: 6 } });
  });

  it("merges equal values of two devices by itself", () => {
    expect(value([count(1, 7, [], 1), count(2, 7, [], 2)])).toMatchObject({ fork: false, value: { count: 7 } });
  });

  it("hides nothing where entries replace each other in a circle, or themselves", () => {
    const circle = [count(1, 7), count(2, 8, [1, 3]), count(3, 8, [2])];
    expect(value(circle)).toMatchObject({ fork: true, value: undefined });
    expect(value([...circle, count(4, 6, [1, 2, 3])])).toMatchObject({ fork: false, value: { count: 6 } });
    expect(value([count(1, 7, [1])])).toMatchObject({ fork: false, value: { count: 7 } });
  });

  it("keeps aspects of one line apart", () => {
    const folded = fold([count(1, 7), entryOf(2, "line:count:fender", "remark:base", { words: "one is flat" })]);
    expect(folded.size).toBe(2);
  });

  // a history: each entry is on one of three lines and replaces some of the earlier entries of that line
  const history = fc
    .array(
      fc.record({
        line: fc.integer({ min: 0, max: 2 }),
        count: fc.integer({ min: 0, max: 3 }),
        back: fc.array(fc.nat({ max: 5 }), { maxLength: 3 }),
      }),
      { minLength: 1, maxLength: 24 },
    )
    .map((steps) => {
      const entries: Entry[] = [];
      steps.forEach((step, index) => {
        const subject = `line:count:thing-${step.line}`;
        const earlier = entries.filter((entry) => entry.subject === subject);
        const basis = [...new Set(step.back.flatMap((back) => earlier.at(-1 - back)?.id ?? []))];
        entries.push(entryOf(index + 1, subject, "count", { count: step.count }, { basis }));
      });
      return entries;
    });

  it("gives the same state for any order, split and repetition of the entries", () => {
    fc.assert(
      fc.property(history, fc.infiniteStream(fc.nat()), (entries, numbers) => {
        const draw = () => numbers.next().value as number;
        const mixed = [...entries, ...entries.filter(() => draw() % 2 === 0)]
          .map((entry) => ({ entry, key: draw() }))
          .sort((a, b) => a.key - b.key)
          .map((each) => each.entry);
        const straight = JSON.stringify([...fold(entries)]);
        expect(JSON.stringify([...fold(mixed)])).toBe(straight);
        // taken in two batches, as two devices send them
        const cut = draw() % (mixed.length + 1);
        expect(JSON.stringify([...fold([...mixed.slice(cut), ...mixed.slice(0, cut)])])).toBe(straight);
      }),
      { numRuns: 300 },
    );
  });
});
