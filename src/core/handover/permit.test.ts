import { entryOf, handoverId, id } from "@/testing/records";
import { permitDigest, speaksFor, type Permit } from "./permit";

const permit: Permit = {
  v: 1,
  handover: handoverId,
  grant: id(1),
  person: id(905),
  name: "Senna Ruhl",
  roles: ["manager"],
  from: "2027-06-12T10:00:00.000Z",
  until: "2027-06-12T22:00:00.000Z",
  signature: "x",
};
const entry = (change: Parameters<typeof entryOf>[4] = {}) =>
  entryOf(2, "handover", "let-go:fog", { why: "it lifts" }, { by: { side: "base", person: id(905) }, ...change });

describe("a permit", () => {
  it("speaks for what its person made while it was good, by the base's clock, five minutes either way", () => {
    const at = (time: string, offsetMs: number | null = 0) =>
      speaksFor(permit, entry({ at: `2027-06-12T${time}:00.000Z`, offsetMs }));
    expect(["09:54", "09:56", "15:00", "22:04", "22:06"].map((time) => at(time))).toEqual([
      false,
      true,
      true,
      true,
      false,
    ]);
    // a tablet whose clock is two hours ahead
    expect([at("23:30", 2 * 3_600_000), at("11:30", 2 * 3_600_000)]).toEqual([true, false]);
  });

  it("speaks for nobody else and for no other handover", () => {
    expect(speaksFor(permit, entry({ by: { side: "base", person: id(906) } }))).toBe(false);
    expect(speaksFor({ ...permit, handover: id(7) }, entry())).toBe(false);
  });

  it("is signed over everything it says, and not over its own signature", () => {
    expect(permitDigest({ ...permit, signature: "y" })).toBe(permitDigest(permit));
    expect(permitDigest({ ...permit, roles: ["office"] })).not.toBe(permitDigest(permit));
    expect(permitDigest({ ...permit, until: "2027-06-13T22:00:00.000Z" })).not.toBe(permitDigest(permit));
  });
});
