import type { HandoverList } from "../core/handover/list";
import type { CountLine, Line } from "../core/handover/lines";
import type { Entry } from "../core/handover/entry";

/** A made-up id: the same number gives the same id. */
export const id = (number: number) => `00000000-0000-7000-8000-${String(number).padStart(12, "0")}`;

export const handoverId = id(900);
const yachtId = id(901);
const stayId = id(902);

/** A count line with plain values, changed where a test needs it. */
export function countLine(key: string, change: Partial<CountLine> = {}): CountLine {
  return {
    id: `count:${key}`,
    kind: "count",
    place: "locker",
    name: { en: key },
    system: "safety",
    safety: false,
    where: { en: "inside" },
    group: "deck",
    expected: 2,
    perPerson: false,
    replacementMinor: 1000,
    boughtOn: "2025-01-01",
    lifeMonths: 60,
    ...change,
  };
}

/** A list of given lines at two places. */
export function listOf(lines: Line[], change: Partial<HandoverList> = {}): HandoverList {
  return {
    version: 1,
    kind: "check-in",
    handover: handoverId,
    yacht: { id: yachtId, name: "Test Tern", class: "Test 30", revision: 1, fileHash: "0".repeat(64) },
    stay: {
      id: stayId,
      from: "2027-06-12T15:00:00.000Z",
      to: "2027-06-19T09:00:00.000Z",
      fromDay: "2027-06-12",
      toDay: "2027-06-19",
      aboard: 4,
    },
    maximumAboard: 8,
    currency: "EUR",
    checkInSeal: null,
    places: [
      { id: "locker", name: { en: "Locker" }, level: "deck", side: "port", reach: { en: "aft" } },
      { id: "saloon", name: { en: "Saloon" }, level: "below", side: "centre", reach: { en: "down" } },
    ],
    lines,
    ...change,
  };
}

/** An entry with plain values, changed where a test needs it. */
export function entryOf(
  number: number,
  subject: string,
  aspect: string,
  value: unknown,
  change: Partial<Entry> = {},
): Entry {
  return {
    v: 1,
    id: id(number),
    handover: handoverId,
    subject,
    aspect,
    value,
    basis: [],
    by: { side: "base", person: id(903) },
    device: id(904),
    at: "2027-06-12T15:10:00.000Z",
    offsetMs: 0,
    ...change,
  };
}
