import { pathTo, routeFrom } from "./route";

describe("an address of the boat book", () => {
  it.each([
    ["", { at: "today", show: null, fault: null, drill: null, isWrong: false }],
    ["papers", { at: "papers", show: null, fault: null, drill: null, isWrong: false }],
    ["study", { at: "study", show: null, fault: null, drill: null, isWrong: false }],
    ["find/wrong", { at: "find", show: null, fault: null, drill: null, isWrong: true }],
    [
      "find/fitting/gas-tap",
      { at: "find", show: { kind: "fitting", key: "gas-tap" }, fault: null, drill: null, isWrong: false },
    ],
    [
      "plan/place/galley",
      { at: "plan", show: { kind: "place", key: "galley" }, fault: null, drill: null, isWrong: false },
    ],
    [
      "trouble/head-blocked.fore",
      { at: "trouble", show: null, fault: "head-blocked.fore", drill: null, isWrong: false },
    ],
    // what nobody wrote leads to the first tab, and shows nothing
    ["drill/thruster.bow", { at: "drill", show: null, fault: null, drill: "thruster.bow", isWrong: false }],
    ["moon", { at: "today", show: null, fault: null, drill: null, isWrong: false }],
    ["find/moon/gas-tap", { at: "find", show: null, fault: null, drill: null, isWrong: false }],
    ["plan/place", { at: "plan", show: null, fault: null, drill: null, isWrong: false }],
  ])("%j leads there", (path, route) => expect(routeFrom(path, "today")).toEqual(route));

  it("is written as it is read", () => {
    for (const path of ["today", "find/wrong", "find/card/smell-of-gas", "plan/fitting/gas-tap", "trouble/no-water"]) {
      const { at, show, fault, isWrong } = routeFrom(path, "today");
      expect(pathTo(at, isWrong ? "wrong" : fault === null ? (show ?? undefined) : { fault })).toBe(path);
    }
  });

  it("opens on what the book opens on, where it says nothing", () => expect(routeFrom("", "find").at).toBe("find"));
});
