import type { Difference, DifferenceKind } from "./compare";
import { priorOf, withPriors, type PriorReport } from "./prior";

const difference = (kind: DifferenceKind, of: string, before: unknown = undefined): Difference => ({
  id: `${kind}:${of}`,
  kind,
  of,
  place: "saloon",
  name: { en: of },
  group: "below",
  safety: false,
  after: null,
  change: null,
  unknownSince: false,
  startsAs: { as: "unclear", because: null },
  before: before === undefined ? null : { value: before, by: null, at: null, photos: [], remarks: [] },
});
const priors: PriorReport[] = [
  { subject: "line:test:fridge", words: "slow", at: "2027-06-01T08:00:00.000Z", charter: "BR-1" },
  { subject: "line:look:canvas", words: "zip", at: "2027-06-02T08:00:00.000Z", charter: null },
];

describe("what was reported before", () => {
  it("explains a test that fails, and a look that was sound or never taken", () => {
    expect(priorOf(difference("test-failing", "test:fridge", { result: "works" }), priors)).toBe(priors[0]);
    expect(priorOf(difference("look-worse", "look:canvas", { state: "sound" }), priors)).toBe(priors[1]);
    expect(priorOf(difference("look-worse", "look:canvas"), priors)).toBe(priors[1]);
  });

  it("does not explain what grew worse since the check-in saw it worn, what is missing, or another line", () => {
    expect(priorOf(difference("look-worse", "look:canvas", { state: "worn" }), priors)).toBeNull();
    expect(priorOf(difference("missing", "test:fridge"), priors)).toBeNull();
    expect(priorOf(difference("test-failing", "test:stove"), priors)).toBeNull();
  });

  it("makes it the base's, and leaves the rest as it was", () => {
    const both = withPriors(
      [difference("test-failing", "test:fridge"), difference("test-failing", "test:stove")],
      priors,
    );
    expect(both.map(({ startsAs }) => startsAs)).toEqual([
      { as: "base", because: "known-before" },
      { as: "unclear", because: null },
    ]);
  });
});
