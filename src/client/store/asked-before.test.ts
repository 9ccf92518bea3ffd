import "@/testing/browser-bits";
import { askedBefore, forgetAsked, keepAsked } from "./asked-before";

afterEach(() => forgetAsked("heron"));

it("keeps the last five questions, the newest first, each once", () => {
  for (const words of ["gas tap", " no hot water ", "anchor", "Gas tap", "fuse", "draught", "reef"])
    keepAsked("heron", words);
  expect(askedBefore("heron")).toEqual(["reef", "draught", "fuse", "Gas tap", "anchor"]);
});

it("keeps nothing of an empty field, and nothing of one yacht for another", () => {
  keepAsked("heron", "  ");
  keepAsked("heron", "valve");
  expect([askedBefore("heron"), askedBefore("auk")]).toEqual([["valve"], []]);
});

it("takes what it cannot read for nothing", () => {
  localStorage.setItem("brinecove-asked-heron", "{not json");
  expect(askedBefore("heron")).toEqual([]);
  localStorage.setItem("brinecove-asked-heron", '["valve", 3, null]');
  expect(askedBefore("heron")).toEqual(["valve"]);
});
