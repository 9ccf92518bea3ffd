import { countLine, entryOf, id, listOf } from "@/testing/records";
import type { Entry } from "./entry";
import { fold } from "./fold";
import type { ReadingLine } from "./lines";
import { hastyNow, paceOf } from "./pace";

const person = id(903);
const from = Date.parse("2027-06-12T15:00:00.000Z");
const at = (seconds: number): Partial<Entry> => ({ at: new Date(from + seconds * 1000).toISOString() });
// a count takes eight seconds by its kind
const things = Array.from({ length: 30 }, (_, i) => countLine(`thing-${String(i).padStart(2, "0")}`, { expected: 1 }));
const list = listOf(things);
const counted = (number: number, seconds: number, change: Partial<Entry> = {}, count = 1) =>
  entryOf(number + 1, `line:${things[number]!.id}`, "count", { count }, { ...at(seconds), ...change });
/** Every so many seconds one line. */
const every = (step: number, lines: number) => Array.from({ length: lines }, (_, i) => counted(i, i * step));

describe("the pace of a person", () => {
  it("is named from ten lines on that went faster than a fifth of looking", () => {
    // nine more lines of eight seconds take 72: a fifth is 14.4
    expect(paceOf(list, fold(every(1.5, 10))).hasty).toEqual([
      { person, lines: 10, tookSeconds: 14, takesSeconds: 72 },
    ]);
    expect(paceOf(list, fold(every(1.6, 10))).hasty).toEqual([]);
    expect(paceOf(list, fold(every(1, 9))).hasty).toEqual([]);
  });

  it("is one row for all lines that went so, and a new one after a rest", () => {
    const entries = [...every(1, 14), ...Array.from({ length: 12 }, (_, i) => counted(14 + i, 300 + i))];
    expect(paceOf(list, fold(entries)).hasty.map(({ lines }) => lines)).toEqual([14, 12]);
  });

  it("does not count what was found otherwise: who notes a fault has looked", () => {
    const entries = every(1, 10).map((entry, i) => (i === 5 ? { ...entry, value: { count: 0 } } : entry));
    expect(paceOf(list, fold(entries)).hasty).toEqual([]);
  });

  it("is nobody's where two share the lines, and none where it was typed in from paper", () => {
    const two = every(1, 18).map((entry, i) => (i % 2 ? { ...entry, by: { ...entry.by, person: id(7) } } : entry));
    expect(paceOf(list, fold(two)).hasty).toEqual([]);
    const paper = every(1, 12).map((entry) => ({ ...entry, paperAt: entry.at }));
    expect(paceOf(list, fold(paper)).hasty).toEqual([]);
  });

  it("leaves out what one look confirmed together", () => {
    const together = every(0, 20).map((entry) => ({ ...entry, value: { count: 1, together: true } }));
    expect(paceOf(list, fold(together)).hasty).toEqual([]);
  });

  it("goes by the clock of the base where the device's is known to be off", () => {
    // each entry's device is further ahead: put right, they lie ten seconds apart
    const entries = every(1, 12).map((entry, i) => ({ ...entry, offsetMs: -9000 * i }));
    expect(paceOf(list, fold(entries)).hasty).toEqual([]);
  });

  it("is said while it is so, and passes when one looks again", () => {
    const quick = every(1, 12);
    expect(hastyNow(list, fold(quick), person)).toMatchObject({ lines: 12 });
    expect(hastyNow(list, fold([...quick, counted(12, 40)]), person)).toBeNull();
    expect(hastyNow(list, fold(quick), id(7))).toBeNull();
  });
});

describe("readings to the digit", () => {
  const reading = (key: string, kind: string, history: number[]): ReadingLine => ({
    id: `reading:${key}`,
    kind: "reading",
    place: "saloon",
    name: { en: key },
    system: "dc-power",
    safety: false,
    how: { en: "read" },
    reading: kind,
    given: { chemistry: "agm", duty: "service", nominalV: 12, capacityL: 100, history },
  });
  const banks = ["a", "b", "c", "d"].map((key) => reading(key, "battery-rest", [12.7, 12.74]));
  const read = (volts: number[]) =>
    fold(
      volts.map((each, i) =>
        entryOf(i + 1, `line:${banks[i]!.id}`, "reading", { volts: each, restHours: 6 }, at(i * 60)),
      ),
    );

  it("are named where three and most of them stand as the last time", () => {
    expect(paceOf(listOf(banks), read([12.74, 12.74, 12.74, 12.6])).repeated).toEqual([
      { person, lines: ["reading:a", "reading:b", "reading:c"] },
    ]);
    expect(paceOf(listOf(banks), read([12.74, 12.74, 12.6, 12.6])).repeated).toEqual([]);
    expect(paceOf(listOf(banks), read([12.7, 12.7, 12.7, 12.7])).repeated).toEqual([]);
  });

  it("are no matter of what is filled up", () => {
    const tanks = ["a", "b", "c"].map((key) => reading(key, "water", [100]));
    const full = fold(
      tanks.map((tank, i) => entryOf(i + 1, `line:${tank.id}`, "reading", { litres: 100 }, at(i * 60))),
    );
    expect(paceOf(listOf(tanks), full).repeated).toEqual([]);
  });
});
