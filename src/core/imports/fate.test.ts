import * as fc from "fast-check";
import { usualCharters } from "../charters/agreed";
import type { CharterColumn } from "./columns";
import { fatesOf } from "./fate";
import type { KnownBase, KnownCharter, RowFate } from "./known";

type Cells = Partial<Record<CharterColumn, string>>;
const tove = { id: "p1", name: "Tove Marn", email: "tove@marn.example", phone: "+000 555 0101" };
const known = (change: Partial<KnownCharter> = {}): KnownCharter => ({
  id: "c1",
  stayId: "s1",
  reference: "BR-1",
  onNumber: 0,
  yacht: "pale-heron",
  startsAt: "2027-07-03T17:00:00.000Z",
  endsAt: "2027-07-10T09:00:00.000Z",
  freeFrom: "2027-07-10T13:00:00.000Z",
  aboard: 4,
  language: "en",
  charterer: tove,
  skipper: tove,
  calledOff: null,
  isBegun: false,
  hasPeopleAboard: false,
  isEnding: false,
  isHandedOver: false,
  ...change,
});
const held = ({ id, reference, yacht, startsAt, freeFrom }: KnownCharter) => ({
  charterId: id,
  reference,
  yacht,
  startsAt,
  freeFrom,
});
const base = (change: Partial<KnownBase> = {}): KnownBase => {
  const charters = change.charters ?? [known()];
  return {
    order: "day-first",
    timeZone: "Atlantic/Azores",
    now: "2027-06-12T10:12:00.000Z",
    usual: usualCharters,
    usualLanguage: "en",
    yachts: [
      { slug: "pale-heron", name: "Pale Heron", maximumAboard: 8 },
      { slug: "quillback", name: "Quillback", maximumAboard: 4 },
    ],
    charters,
    held: charters.filter(({ calledOff }) => calledOff === null).map(held),
    closings: [],
    guests: [tove],
    ...change,
  };
};
/** A row that says of BR-1 what stands. */
const same: Cells = {
  reference: "BR-1",
  yacht: "Pale Heron",
  fromDay: "03.07.2027",
  toDay: "10.07.2027",
  charterer: "Tove Marn",
};
const fresh: Cells = {
  reference: "BR-2",
  yacht: "quillback",
  fromDay: "03.07.2027",
  toDay: "10.07.2027",
  charterer: "Rill Ander",
};
const rowsOf = (...all: Cells[]) => all.map((cells, at) => ({ line: at + 2, cells }));
const fates = (all: Cells[], change: Partial<KnownBase> = {}) => fatesOf(rowsOf(...all), base(change));
const told = (all: Cells[], change: Partial<KnownBase> = {}) =>
  fates(all, change).map(({ fate, faults }) =>
    [fate, ...faults.map(({ column, what }) => `${column} ${what}`)].join(": "),
  );

describe("the fate of a row", () => {
  it("is new, with the base's hours, its first terms and the charterer in command", () => {
    const [row] = fates([fresh]);
    expect(row).toMatchObject({
      line: 2,
      fate: "new",
      isKnown: false,
      becomes: {
        known: null,
        yacht: "quillback",
        startsAt: "2027-07-03T17:00:00.000Z",
        endsAt: "2027-07-10T09:00:00.000Z",
        // four hours between two charters
        freeFrom: "2027-07-10T13:00:00.000Z",
        aboard: 2,
        terms: "usual",
        charterer: { id: null, name: "Rill Ander" },
      },
    });
    expect(row?.becomes?.skipper).toBe(row?.becomes?.charterer);
  });

  it("is the same where it says what stands, or nothing of it", () => {
    expect(told([same])).toEqual(["same"]);
    expect(told([{ reference: "br-1" }])).toEqual(["same"]);
    expect(told([{ ...same, chartererEmail: "TOVE@marn.example" }])).toEqual(["changed"]);
  });

  it("is changed, field by field", () => {
    const row = {
      ...same,
      yacht: "quillback",
      toDay: "11.07.2027",
      backAt: "10:00",
      chartererPhone: "+000 555 0199",
      skipper: "Aldo Merrin",
    };
    expect(fates([row])[0]?.changes).toEqual([
      { column: "yacht", was: "pale-heron", becomes: "quillback" },
      { column: "toDay", was: "2027-07-10", becomes: "2027-07-11" },
      { column: "backAt", was: "09:00", becomes: "10:00" },
      { column: "chartererPhone", was: "+000 555 0101", becomes: "+000 555 0199" },
      { column: "skipper", was: "Tove Marn", becomes: "Aldo Merrin" },
    ]);
  });

  it("is refused cell by cell", () => {
    expect(told([{}])).toEqual([
      "refused: reference missing: yacht missing: fromDay missing: toDay missing: charterer missing",
    ]);
    expect(told([{ ...fresh, reference: "new" }])).toEqual(["refused: reference reference-form"]);
    expect(told([{ ...fresh, yacht: "Gull", fromDay: "31.06.2027", chartererEmail: "no", aboard: "many" }])).toEqual([
      "refused: fromDay no-day: aboard no-count: chartererEmail mail-form",
    ]);
    expect(told([{ ...fresh, yacht: "Gull" }])).toEqual(["refused: yacht no-such-yacht"]);
    expect(
      told([
        { ...fresh, toDay: "03.07.2027" },
        { ...fresh, toDay: "03.07.2029" },
        { ...fresh, reference: "BR-3", aboard: "5" },
      ]),
    ).toEqual(["refused: toDay ends-before", "refused: reference twice", "refused: aboard too-many"]);
    expect(told([{ ...fresh, terms: "gold" }])).toEqual(["refused: terms no-such-terms"]);
    // 29 March 2027, 00:00 to 01:00 is skipped: an hour of that night is none
    expect(told([{ ...fresh, fromDay: "27.03.2027", outAt: "23:30", toDay: "28.03.2027", backAt: "02:00" }])).toEqual([
      "refused: backAt too-short",
    ]);
  });

  it("keeps what is opened aboard", () => {
    const begun = { charters: [known({ isBegun: true })] };
    expect(told([{ ...same, fromDay: "04.07.2027" }], begun)).toEqual(["refused: fromDay begun"]);
    expect(told([{ ...same, toDay: "11.07.2027" }], begun)).toEqual(["changed"]);
    expect(told([{ ...same, toDay: "11.07.2027" }], { charters: [known({ isBegun: true, isEnding: true })] })).toEqual([
      "refused: toDay begun",
    ]);
    expect(told([{ ...same, charterer: "Rill Ander" }], begun)).toEqual(["changed"]);
    expect(told([{ ...same, charterer: "Rill Ander" }], { charters: [known({ hasPeopleAboard: true })] })).toEqual([
      "refused: charterer begun",
    ]);
  });

  it("calls off what is cancelled, and enters nothing that was", () => {
    expect(fates([{ ...same, state: "storniert" }])[0]?.changes).toEqual([
      { column: "state", was: "on", becomes: "cancelled" },
    ]);
    expect(told([{ ...fresh, state: "cancelled" }])).toEqual(["same"]);
    expect(told([{ ...same, state: "cancelled" }], { charters: [known({ isHandedOver: true })] })).toEqual([
      "refused: state handed-over",
    ]);
    const off = { charters: [known({ calledOff: "no-show" as const })] };
    expect(
      told(
        [
          { ...same, state: "cancelled" },
          { ...fresh, yacht: "pale-heron" },
        ],
        off,
      ),
    ).toEqual(["same", "new"]);
    expect(told([{ ...same, aboard: "5" }], off)).toEqual(["refused: aboard called-off"]);
    expect(fates([{ ...same, state: "confirmed", aboard: "5" }], off)[0]?.changes.map(({ column }) => column)).toEqual([
      "state",
      "aboard",
    ]);
  });
});

describe("whom a row means", () => {
  it("is one person by name and mail, and nobody where a name could mean two", () => {
    const two = { ...tove, id: "p2", email: "other@marn.example" };
    const charterer = (row: Cells, guests = [tove]) => fates([{ ...fresh, ...row }], { guests })[0]?.becomes?.charterer;
    expect(charterer({ charterer: "tove  marn" })).toMatchObject({ id: "p1", contacts: null });
    expect(
      charterer({ charterer: "Tove Marn", chartererEmail: "Tove@Marn.example", chartererPhone: "0555" }),
    ).toMatchObject({
      id: "p1",
      contacts: { email: "Tove@Marn.example", phone: "0555" },
    });
    expect(charterer({ charterer: "Tove Marn", chartererEmail: "third@marn.example" })).toMatchObject({ id: null });
    expect(charterer({ charterer: "Tove Marn", chartererEmail: "other@marn.example" }, [tove, two])).toMatchObject({
      id: "p2",
    });
    expect(charterer({ charterer: "Tove Marn" }, [tove, two])).toBeUndefined();
    expect(told([{ ...fresh, charterer: "Tove Marn" }], { guests: [tove, two] })).toEqual([
      "refused: charterer two-of-name",
    ]);
    // a known one without an address is the one who has it now
    expect(
      charterer({ charterer: "Tove Marn", chartererEmail: "x@y.example" }, [{ ...tove, email: "" }]),
    ).toMatchObject({ id: "p1" });
  });

  it("is one new guest for several rows", () => {
    const [a, b] = fates([
      fresh,
      { ...fresh, reference: "BR-3", fromDay: "17.07.2027", toDay: "24.07.2027", skipper: "Rill Ander" },
    ]);
    expect(b?.becomes?.charterer).toEqual(a?.becomes?.charterer);
    expect(b?.becomes?.skipper).toBe(b?.becomes?.charterer);
  });
});

describe("the days of a list", () => {
  it("are somebody's, or closed", () => {
    expect(
      fates([{ ...fresh, yacht: "pale-heron", fromDay: "10.07.2027", outAt: "12:59", toDay: "17.07.2027" }])[0]?.faults,
    ).toEqual([
      {
        column: "fromDay",
        what: "promised",
        values: { reference: "BR-1", startsAt: known().startsAt, endsAt: known().freeFrom },
      },
    ]);
    expect(
      told([{ ...fresh, yacht: "pale-heron", fromDay: "10.07.2027", outAt: "13:00", toDay: "17.07.2027" }]),
    ).toEqual(["new"]);
    const closings = [
      { yacht: "quillback", kind: "service", startsAt: "2027-07-05T00:00:00Z", endsAt: "2027-07-06T00:00:00Z" },
    ];
    expect(told([fresh], { closings })).toEqual(["refused: fromDay closed"]);
  });

  it("are the first row's, where two want them", () => {
    expect(told([fresh, { ...fresh, reference: "BR-3" }])).toEqual(["new", "refused: fromDay promised"]);
  });

  it("are exchanged by charters of one list, and kept where one of them is refused", () => {
    const other = known({ id: "c2", reference: "BR-2", yacht: "quillback" });
    const charters = [known(), other];
    const swap = [
      { ...same, yacht: "quillback" },
      { ...same, reference: "BR-2", yacht: "pale-heron" },
    ];
    expect(told(swap, { charters })).toEqual(["changed", "changed"]);
    // the second is too many for her: it stays, and so does the first
    expect(
      told(
        [
          { ...same, yacht: "quillback" },
          { ...same, reference: "BR-2", yacht: "pale-heron", aboard: "9" },
        ],
        { charters },
      ),
    ).toEqual(["refused: fromDay promised", "refused: aboard too-many"]);
  });
});

/** The base as it stands once rows were taken, by plain bookkeeping. */
function after(rows: readonly RowFate[], before: KnownBase): KnownBase {
  const charters = new Map(before.charters.map((each) => [each.id, each]));
  const guests = new Map(before.guests.map((each) => [each.id, each]));
  for (const { becomes, reference } of rows) {
    if (!becomes) continue;
    const person = (meant: (typeof becomes)["charterer"]) => {
      const id = meant.id ?? `${before.guests.length} ${meant.key}`;
      const stands = guests.get(id);
      const now = {
        id,
        name: meant.name,
        ...(meant.id === null
          ? { email: meant.email, phone: meant.phone }
          : (meant.contacts ?? { email: stands?.email ?? "", phone: stands?.phone ?? "" })),
      };
      guests.set(id, now);
      return now;
    };
    const { yacht, startsAt, endsAt, freeFrom, aboard, language, calledOff } = becomes;
    const id = becomes.known?.id ?? `charter ${reference}`;
    charters.set(id, {
      ...known(),
      ...becomes.known,
      id,
      reference,
      yacht,
      startsAt,
      endsAt,
      freeFrom,
      aboard,
      language,
      calledOff,
      charterer: person(becomes.charterer),
      skipper: person(becomes.skipper),
    });
  }
  return base({
    ...before,
    charters: [...charters.values()],
    held: [...charters.values()].filter(({ calledOff }) => calledOff === null).map(held),
    guests: [...guests.values()],
  });
}

it("takes any list so that no yacht is promised twice, and the same list once more changes nothing", () => {
  const row = fc.record({
    reference: fc.integer({ min: 1, max: 8 }).map((n) => `BR-${n}`),
    yacht: fc.constantFrom("pale-heron", "quillback"),
    from: fc.integer({ min: 1, max: 25 }),
    nights: fc.integer({ min: 1, max: 6 }),
    aboard: fc.integer({ min: 1, max: 6 }).map(String),
    charterer: fc.constantFrom("Tove Marn", "Rill Ander", "Aldo Merrin"),
    chartererEmail: fc.constantFrom("", "a@b.example", "c@d.example"),
    state: fc.constantFrom("", "confirmed", "cancelled"),
  });
  const cellsOf = ({ from, nights, ...rest }: typeof row extends fc.Arbitrary<infer R> ? R : never): Cells => ({
    ...rest,
    fromDay: `${from}.07.2027`,
    toDay: from + nights > 31 ? `${from + nights - 31}.08.2027` : `${from + nights}.07.2027`,
  });
  fc.assert(
    fc.property(fc.array(row, { maxLength: 10 }), fc.array(row, { maxLength: 10 }), (first, second) => {
      let stands = base();
      for (const list of [first, second]) {
        const rows = rowsOf(...list.map(cellsOf));
        const taken = fatesOf(rows, stands);
        stands = after(taken, stands);
        const live = stands.held;
        for (const a of live)
          for (const b of live)
            if (a.charterId !== b.charterId && a.yacht === b.yacht)
              expect(a.startsAt >= b.freeFrom || b.startsAt >= a.freeFrom).toBe(true);
        const again = fatesOf(rows, stands);
        again.forEach(({ fate }, at) => {
          if (taken[at]?.fate !== "refused") expect([at, fate, again[at]?.changes]).toEqual([at, "same", []]);
        });
      }
    }),
    { numRuns: 400 },
  );
});

describe("a charter of two yachts in a list", () => {
  const second = known({
    id: "c1",
    stayId: "s2",
    reference: "BR-1~2",
    yacht: "quillback",
    isBegun: true,
    isHandedOver: true,
  });
  it("is known by its own reference again, as it was saved", () => {
    const row = { ...fresh, reference: "br-1~2", yacht: "quillback", fromDay: "03.07.2027", toDay: "10.07.2027" };
    const charters = [known({ yacht: "pale-heron", endsAt: "2027-07-03T16:00:00.000Z" }), second];
    expect(fates([row], { charters })[0]).toMatchObject({ reference: "BR-1~2", isKnown: true });
    // it is called off where it was agreed: with the first yacht before one's eyes
    expect(told([{ ...row, state: "cancelled" }], { charters })).toEqual(["refused: state handed-over"]);
  });
  it("is not begun by a list", () => {
    expect(told([{ ...fresh, reference: "BR-9~2" }])).toEqual(["refused: reference reference-form"]);
  });
});
