import { pathTo, routeFrom } from "./route";

describe("an address of the boat book", () => {
  it.each([
    ["", { at: "today", show: null, isWrong: false }],
    ["papers", { at: "papers", show: null, isWrong: false }],
    ["study", { at: "study", show: null, isWrong: false }],
    ["find/wrong", { at: "find", show: null, isWrong: true }],
    ["find/fitting/gas-tap", { at: "find", show: { kind: "fitting", key: "gas-tap" }, isWrong: false }],
    ["plan/place/galley", { at: "plan", show: { kind: "place", key: "galley" }, isWrong: false }],
    // what nobody wrote leads to the first tab, and shows nothing
    ["moon", { at: "today", show: null, isWrong: false }],
    ["find/moon/gas-tap", { at: "find", show: null, isWrong: false }],
    ["plan/place", { at: "plan", show: null, isWrong: false }],
  ])("%j leads there", (path, route) => expect(routeFrom(path, "today")).toEqual(route));

  it("is written as it is read", () => {
    for (const path of ["today", "find/wrong", "find/card/smell-of-gas", "plan/fitting/gas-tap"]) {
      const { at, show, isWrong } = routeFrom(path, "today");
      expect(pathTo(at, isWrong ? "wrong" : (show ?? undefined))).toBe(path);
    }
  });

  it("opens on what the book opens on, where it says nothing", () => expect(routeFrom("", "find").at).toBe("find"));
});
