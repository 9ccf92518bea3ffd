import { reorder, type Ordered } from "./reorder";

const parts = (...orders: number[]): Ordered[] =>
  orders.map((order, index) => ({ key: "abcdef".charAt(index), order }));
/** The keys in their order once the changes are made. */
const after = (before: Ordered[], changes: Ordered[]) => {
  const changed = new Map(changes.map(({ key, order }) => [key, order]));
  return [...before]
    .sort((x, y) => (changed.get(x.key) ?? x.order) - (changed.get(y.key) ?? y.order))
    .map(({ key }) => key)
    .join("");
};

describe("moving a part among its like", () => {
  it.each([
    ["up between two", parts(10, 20, 30, 40), 3, 1, [{ key: "d", order: 15 }], "adbc"],
    ["down between two", parts(10, 20, 30, 40), 0, 2, [{ key: "a", order: 35 }], "bcad"],
    ["to the front", parts(10, 20, 30), 2, 0, [{ key: "c", order: 5 }], "cab"],
    ["to the end", parts(10, 20, 30), 0, 2, [{ key: "a", order: 40 }], "bca"],
    ["where it is", parts(10, 20), 1, 1, [], "ab"],
    ["out of the list", parts(10, 20), 0, 5, [], "ab"],
  ])("%s changes that part alone", (_what, before, from, to, changes, order) => {
    expect(reorder(before, from, to)).toEqual(changes);
    expect(after(before, reorder(before, from, to))).toBe(order);
  });

  it.each([
    ["no room between", parts(1, 2, 3), 2, 1, "acb"],
    ["equal orders", parts(5, 5, 5), 0, 1, "bac"],
    ["no room before the first", parts(0, 1), 1, 0, "ba"],
  ])("%s: everybody is given room again", (_what, before, from, to, order) => {
    const changes = reorder(before, from, to);
    expect(after(before, changes)).toBe(order);
    expect(changes.length).toBeGreaterThan(1);
  });
});
