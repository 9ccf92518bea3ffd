import type { NextStep } from "../handover/next-step";
import { stepInHand, timeline, type TimelineFacts } from "./timeline";

const facts: TimelineFacts = {
  next: "hold-deposit",
  startsAt: "2027-06-12T15:00:00.000Z",
  endsAt: "2027-06-19T09:00:00.000Z",
  depositMet: false,
  depositAt: null,
  hasStudied: false,
  prepAt: null,
  isPrepDone: false,
  checkInAt: null,
  leftAt: null,
  checkOutAt: null,
  settledAt: null,
};
const states = (change: Partial<TimelineFacts>) =>
  timeline({ ...facts, ...change }).map(({ step, state }) => `${step} ${state}`);

describe("the step in hand", () => {
  it.each<[NextStep, boolean, string | null]>([
    ["hold-deposit", true, "deposit"],
    ["start-check-in", false, "prep"],
    ["start-check-in", true, "check-in"],
    ["go-on-check-in", false, "check-in"],
    ["settle-record", true, "check-in"],
    ["under-way", true, "under-way"],
    ["start-check-out", true, "check-out"],
    ["settle", true, "settled"],
    ["clear-up", true, "settled"],
    ["settled", true, null],
  ])("of %s, prep done %s, is %s", (next, isPrepDone, step) =>
    expect(stepInHand({ next, isPrepDone, checkInAt: null })).toBe(step),
  );

  it("is the check-out where its record does not stand and she was checked in", () =>
    expect(stepInHand({ next: "settle-record", isPrepDone: true, checkInAt: facts.startsAt })).toBe("check-out"));
});

describe("a charter as a line through time", () => {
  it("has one step in hand, and nothing done at first", () => {
    expect(states({})).toEqual([
      "deposit here",
      "study to-come",
      "prep to-come",
      "check-in to-come",
      "under-way to-come",
      "check-out to-come",
      "settled to-come",
    ]);
  });

  it("leaves open what was passed over: a crew that never studied is under way all the same", () => {
    expect(states({ next: "under-way", depositMet: true, checkInAt: "2027-06-12T16:40:00.000Z" })).toEqual([
      "deposit done",
      "study to-come",
      "prep done",
      "check-in done",
      "under-way here",
      "check-out to-come",
      "settled to-come",
    ]);
  });

  it("says when what is to come is due: the check-in when she is theirs, the check-out when she is back", () => {
    const at = Object.fromEntries(timeline(facts).map(({ step, at: hour }) => [step, hour]));
    expect([at["check-in"], at["check-out"], at.study]).toEqual([facts.startsAt, facts.endsAt, null]);
  });
});
