import { stayInHand } from "./in-hand";
import { goingOnEffects, notGoingOnEffects, otherYachtFault, type GoingOn } from "./other-yacht";
import { nextReference, partOf, stayReference } from "./reference";

const out = {
  yacht: "pale-heron",
  startsAt: "2027-06-05T17:00:00.000Z",
  endsAt: "2027-06-12T09:00:00.000Z",
  isHandedOver: true,
  isFollowed: false,
};
const to = { yacht: "quillback", from: "2027-06-08T12:00:00.000Z" };

describe("going on with another yacht", () => {
  it("is possible within the charter, from a yacht that is out", () => {
    expect(otherYachtFault(out, to)).toBeNull();
  });

  it.each([
    ["before she is handed over", { isHandedOver: false }, {}, "not-handed-over"],
    ["where another follows already", { isFollowed: true }, {}, "followed"],
    ["to the yacht they have", {}, { yacht: "pale-heron" }, "same-yacht"],
    ["from when they went out", {}, { from: out.startsAt }, "before-start"],
    ["from when they are due back", {}, { from: out.endsAt }, "after-end"],
  ])("is not %s", (_words, stay, becomes, fault) => {
    expect(otherYachtFault({ ...out, ...stay }, { ...to, ...becomes })).toBe(fault);
  });

  const facts: GoingOn = {
    was: { yacht: "Pale Heron", reference: "BR-1", endsAt: out.endsAt },
    becomes: { yacht: "Quillback", reference: "BR-1~2", from: to.from },
    isEnding: false,
    aboard: 6,
    crew: 5,
    extras: 2,
    heldMinor: 250_000,
    isDepositDue: true,
    hasStudied: true,
    hasBook: true,
    told: ["book-link"],
    before: { reference: "BR-7", endsAt: "2027-06-08T09:00:00.000Z" },
    after: { reference: "BR-8", startsAt: "2027-06-13T10:00:00.000Z" },
  };
  const codes = (change: Partial<GoingOn>) => goingOnEffects({ ...facts, ...change }).map(({ code }) => code);

  it("tells what moves over, what stays and what is done anew", () => {
    expect(goingOnEffects(facts)).toEqual([
      { code: "over-crew", count: 5 },
      { code: "over-extras", count: 2, was: "Pale Heron" },
      { code: "over-belongings", was: "Pale Heron" },
      { code: "over-check-out", was: "Pale Heron", startsAt: to.from },
      { code: "over-check-in", yacht: "Quillback", reference: "BR-1~2" },
      { code: "study-other-yacht", was: "Pale Heron" },
      { code: "over-deposit", was: "Pale Heron", yacht: "Quillback", heldMinor: 250_000 },
      { code: "over-book", was: "Pale Heron", yacht: "Quillback" },
      { code: "over-free", was: "Pale Heron", startsAt: to.from, endsAt: out.endsAt },
      { code: "told-before", kinds: ["book-link"] },
      // three hours after the one before; the next one is 25 hours off
      { code: "follows", reference: "BR-7", hours: 3 },
    ]);
  });

  it("says nothing of what is not there: no names, no extras, no deposit, a yacht that is back", () => {
    expect(codes({ crew: 0 })).toContain("over-people");
    expect(codes({ crew: 0 })).not.toContain("over-crew");
    expect(codes({ extras: 0 })).not.toContain("over-extras");
    expect(codes({ isDepositDue: false })).not.toContain("over-deposit");
    expect(codes({ isEnding: true }).filter((code) => code === "over-check-out" || code === "over-free")).toEqual([]);
    expect(codes({ hasStudied: false, hasBook: false, told: [], before: null })).toHaveLength(7);
  });

  it("called off again, leaves them the first yacht, or ends the charter with her", () => {
    const stay = { yacht: "Quillback", startsAt: to.from, endsAt: out.endsAt };
    const ask = (first: { yacht: string; isEnding: boolean } | null) =>
      notGoingOnEffects({ stay, first, isPrepared: true, told: [] }).map(({ code }) => code);
    expect(ask({ yacht: "Pale Heron", isEnding: false })).toEqual(["yacht-free", "over-kept", "prep-for-nothing"]);
    expect(ask({ yacht: "Pale Heron", isEnding: true })).toEqual(["yacht-free", "over-ended", "prep-for-nothing"]);
  });
});

describe("the stay in hand", () => {
  const stay = (name: string, sealedAt: string | null = null, calledOff: string | null = null) => ({
    name,
    calledOff,
    handovers: [{ kind: "check-out", sealedAt }],
  });
  const back = "2027-06-08T12:00:00.000Z";
  it.each([
    [[stay("one")], "one"],
    [[stay("one"), stay("two")], "one"],
    [[stay("one", back), stay("two")], "two"],
    [[stay("one", back), stay("two", back)], "two"],
    [[stay("one", back), stay("two", null, "cancelled")], "one"],
    [[stay("one", back), stay("two", null, "cancelled"), stay("three")], "three"],
    [[stay("one", null, "cancelled")], "one"],
  ])("of %j is %s", (stays, name) => {
    expect(stayInHand(stays)?.name).toBe(name);
  });
  it("is none of none", () => {
    expect(stayInHand([])).toBeNull();
  });
});

describe("what a stay is called", () => {
  it("is its charter's number, from the second yacht on with which one she is, and reads back", () => {
    expect([1, 2, 9].map((part) => stayReference("BR-1052", part))).toEqual(["BR-1052", "BR-1052~2", "BR-1052~9"]);
    for (const part of [1, 2, 9])
      expect(partOf(stayReference("BR-1052", part))).toEqual({ reference: "BR-1052", part });
    for (const odd of ["BR~1", "BR~10", "BR~x", "~", ""]) expect(partOf(odd)).toEqual({ reference: odd, part: 1 });
  });
  it("does not count as a number that is taken", () => {
    expect(nextReference(["BR-1052", "BR-1051"])).toBe("BR-1053");
  });
});
