import { countLine, entryOf, id, listOf } from "@/testing/records";
import { fold } from "./fold";
import { entryProblems } from "./standing";

const list = listOf([countLine("fender"), countLine("oar")]);
const counted = (number: number, count: number) => entryOf(number, "line:count:fender", "count", { count });

it("nothing speaks against a record in which something was looked at and nobody disagrees", () => {
  expect(entryProblems(list, fold([counted(1, 2)]))).toEqual([]);
});
it("a record in which nothing was looked at, or two devices disagree, does not stand by itself", () => {
  expect(entryProblems(list, fold([]))).toEqual(["nothing-looked-at"]);
  expect(entryProblems(list, fold([counted(1, 2), counted(2, 1)]))).toEqual(["open-fork", "nothing-looked-at"]);
  const oar = entryOf(3, "line:count:oar", "count", { count: 2 });
  expect(entryProblems(list, fold([counted(1, 2), counted(2, 1), oar]))).toEqual(["open-fork"]);
  // settled: the third replaces both
  const settled = entryOf(4, "line:count:fender", "count", { count: 1 }, { basis: [id(1), id(2)] });
  expect(entryProblems(list, fold([counted(1, 2), counted(2, 1), settled]))).toEqual([]);
});
it("a list without lines has nothing to look at", () => {
  expect(entryProblems(listOf([]), fold([]))).toEqual([]);
});
