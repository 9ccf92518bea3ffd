import { peopleOf } from "./people";
import type { BerthingPlan } from "./schema";

const steps: BerthingPlan["steps"] = [
  {
    code: "single-up",
    orders: [
      { post: "helm", code: "engine-warm" },
      { post: "bow", code: "slip", line: "bow-line" },
    ],
  },
  {
    code: "ahead",
    orders: [
      { post: "stern", code: "slip", line: "stern-line" },
      { post: "middle", code: "roving-fender" },
    ],
  },
];

describe("who of a crew does what", () => {
  it.each([
    [1, [["helm", "bow", "stern", "middle"]]],
    [2, [["helm"], ["bow", "stern", "middle"]]],
    [3, [["helm"], ["bow", "middle"], ["stern"]]],
    [4, [["helm"], ["bow"], ["stern"], ["middle"]]],
    [9, [["helm"], ["bow"], ["stern"], ["middle"]]],
  ])("of %i, the posts are shared out", (crew, posts) => {
    expect(peopleOf({ steps }, crew).map((person) => person.posts)).toEqual(posts);
  });

  it("leaves no order undone and gives none twice, each at its step", () => {
    for (const crew of [1, 2, 3, 4, 7]) {
      const people = peopleOf({ steps }, crew);
      steps.forEach(({ orders }, at) => {
        const given = people.flatMap((person) => person.steps[at]?.orders ?? []);
        expect(given).toHaveLength(orders.length);
        expect(new Set(given)).toEqual(new Set(orders));
      });
    }
  });
});
