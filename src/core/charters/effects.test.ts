import { callOffFault } from "./call-off";
import { effectsOf, type AgreedStay, type EffectFacts } from "./effects";

const was: AgreedStay = {
  yacht: "Pale Heron",
  startsAt: "2027-06-12T17:00:00.000Z",
  endsAt: "2027-06-19T09:00:00.000Z",
  aboard: 4,
};
const nothing: EffectFacts = {
  was,
  heldMinor: 0,
  prep: "none",
  checkIn: "none",
  hasStudied: false,
  crew: 0,
  extras: 0,
  told: [],
  hasBook: false,
  before: null,
  after: null,
};
const everything: EffectFacts = {
  ...nothing,
  heldMinor: 250_000,
  prep: "done",
  hasStudied: true,
  crew: 4,
  extras: 2,
  told: ["what-to-bring", "due-back"],
  hasBook: true,
};
const codes = (facts: EffectFacts, becomes: AgreedStay | null) => effectsOf(facts, becomes).map(({ code }) => code);

describe("what a change of a charter does", () => {
  it("is nothing where nothing is changed", () => {
    expect(effectsOf(everything, was)).toEqual([]);
  });

  it("another yacht leaves prep and study behind, and takes extras, deposit and book along", () => {
    expect(effectsOf(everything, { ...was, yacht: "Sea Thrift" })).toEqual([
      { code: "prep-anew", was: "Pale Heron" },
      { code: "study-other-yacht", was: "Pale Heron" },
      { code: "book-shows", yacht: "Sea Thrift" },
      { code: "extras-go-along", count: 2 },
      { code: "deposit-stays", heldMinor: 250_000 },
      { code: "told-before", kinds: ["what-to-bring", "due-back"] },
    ]);
    expect(codes(nothing, { ...was, yacht: "Sea Thrift" })).toEqual([]);
  });

  it("days further on make prep old, days nearer leave it less time", () => {
    const later = { ...was, startsAt: "2027-06-14T17:00:00.000Z", endsAt: "2027-06-21T09:00:00.000Z" };
    expect(effectsOf({ ...nothing, prep: "done" }, later)).toEqual([{ code: "prep-long-ago", hours: 48 }]);
    const sooner = { ...was, startsAt: "2027-06-11T17:00:00.000Z" };
    expect(effectsOf(nothing, sooner)).toEqual([
      { code: "days-more", hours: 24 },
      { code: "prep-sooner", hours: 24 },
    ]);
    // what is ready is ready
    expect(codes({ ...nothing, prep: "done" }, sooner)).toEqual(["days-more"]);
    expect(codes({ ...nothing, prep: "done" }, { ...sooner, yacht: "Sea Thrift" })).toEqual([
      "days-more",
      "prep-sooner",
      "prep-anew",
    ]);
  });

  it("an end put off under way is no late return, an end brought forward gives no days back by itself", () => {
    const longer = { ...was, endsAt: "2027-06-20T09:00:00.000Z" };
    expect(codes({ ...nothing, checkIn: "signed" }, longer)).toEqual(["days-more", "due-later"]);
    expect(effectsOf({ ...nothing, checkIn: "signed" }, { ...was, endsAt: "2027-06-17T09:00:00.000Z" })).toEqual([
      { code: "days-fewer", hours: 48 },
    ]);
  });

  it("tells neighbours nearer than a day", () => {
    const before = { reference: "BR-1050", endsAt: "2027-06-12T09:00:00.000Z" };
    const after = { reference: "BR-1070", startsAt: "2027-06-19T17:00:00.000Z" };
    expect(effectsOf({ ...nothing, before, after }, { ...was, endsAt: "2027-06-19T11:00:00.000Z" })).toEqual([
      { code: "days-more", hours: 2 },
      { code: "follows", reference: "BR-1050", hours: 8 },
      { code: "precedes", reference: "BR-1070", hours: 6 },
    ]);
    expect(codes({ ...nothing, before: { ...before, endsAt: "2027-06-11T17:00:00.000Z" } }, was)).toEqual([]);
  });

  it("tells names missing or too many where their number changes", () => {
    expect(effectsOf({ ...nothing, crew: 4 }, { ...was, aboard: 6 })).toEqual([{ code: "crew-missing", count: 2 }]);
    expect(effectsOf({ ...nothing, crew: 4 }, { ...was, aboard: 3 })).toEqual([{ code: "crew-too-many", count: 1 }]);
    expect(codes(nothing, { ...was, aboard: 6 })).toEqual([]);
  });

  it("calling off frees the days and leaves the deposit to be given back", () => {
    expect(effectsOf({ ...everything, checkIn: "open" }, null)).toEqual([
      { code: "yacht-free", yacht: "Pale Heron", startsAt: was.startsAt, endsAt: was.endsAt },
      { code: "deposit-to-give-back", heldMinor: 250_000 },
      { code: "prep-for-nothing" },
      { code: "handover-open" },
      { code: "extras-free", count: 2 },
      { code: "book-closes" },
      { code: "told-before", kinds: ["what-to-bring", "due-back"] },
    ]);
    expect(codes(nothing, null)).toEqual(["yacht-free"]);
  });
});

describe("calling off", () => {
  const facts = { startsAt: was.startsAt, calledOff: null, isHandedOver: false };
  const [dayBefore, dayAfter] = ["2027-06-11T17:00:00.000Z", "2027-06-13T17:00:00.000Z"];
  it.each([
    ["a cancelled one", facts, "cancelled", dayBefore, null],
    ["a crew that has not come", facts, "no-show", dayAfter, null],
    ["a crew that cannot have come yet", facts, "no-show", dayBefore, "not-due-yet"],
    ["one that was handed over", { ...facts, isHandedOver: true }, "cancelled", dayAfter, "handed-over"],
    ["one that is off already", { ...facts, calledOff: "cancelled" }, "cancelled", dayBefore, "same"],
    ["cancelled, and then not come", { ...facts, calledOff: "cancelled" }, "no-show", dayAfter, null],
    ["one that takes place after all", { ...facts, calledOff: "no-show" }, null, dayAfter, null],
    ["one that takes place anyway", facts, null, dayAfter, "same"],
  ] as const)("%s", (_name, given, to, now, fault) => {
    expect(callOffFault(given, to, now)).toBe(fault);
  });
});
