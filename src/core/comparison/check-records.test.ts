import { countLine, entryOf, id, listOf } from "../../testing/records";
import type { Entry } from "../handover/entry";
import { mismatch } from "../../formats/validate";
import { compareCalculation } from "./calc";

const list = listOf([countLine("fender", { expected: 6 })]);
const out = listOf(list.lines, { kind: "check-out" });
const counted = (number: number, count: unknown, change: Partial<Entry> = {}) =>
  entryOf(number, "line:count:fender", "count", { count }, change);
const check = (schema: Parameters<typeof mismatch>[0], value: unknown) => mismatch(schema, value)?.message ?? null;
const compared = (before: Entry[], after: Entry[], lists = { before: list, after: out }) =>
  compareCalculation.run(
    { before: { list: lists.before, entries: before }, after: { list: lists.after, entries: after } },
    { check },
  ).differences;
const deep = (levels: number): unknown => (levels === 0 ? 0 : [deep(levels - 1)]);

it("compares what Brinecove could have kept", () => {
  // 6 fenders at check-in, 5 at check-out: one is missing
  expect(compared([counted(1, 6)], [counted(2, 5)])).toMatchObject([{ kind: "missing", change: -1 }]);
});

it.each<[string, Entry[], RegExp, RegExp]>([
  ["a count in words", [counted(2, "many")], /^\/after\/entries\/0\/value$/, /count must be a whole number/],
  ["a count as text", [counted(2, "1")], /value$/, /count must be a whole number/],
  ["a count of true", [counted(2, true)], /value$/, /count must be a whole number/],
  ["fewer than none", [counted(2, -3)], /value$/, /0 or more/],
  ["more than can be", [counted(2, 1e300)], /value$/, /9999 or less/],
  ["what is nested 900 deep", [counted(2, deep(900))], /value$/, /count must be a whole number/],
  ["one entry twice", [counted(2, 5), counted(2, 6)], /^\/after\/entries\/1\/id$/, /stands twice/],
  ["an entry of another handover", [counted(2, 5, { handover: id(77) })], /\/handover$/, /another handover/],
  ["a day that is not", [counted(2, 5, { at: "2027-02-31T10:00:00Z" })], /\/at$/, /no such time as 2027-02-31/],
  ["an hour that is not", [counted(2, 5, { at: "2027-06-12T25:00:00Z" })], /\/at$/, /no such time/],
  ["a line that is not", [entryOf(2, "line:count:moon", "count", { count: 1 })], /\/subject$/, /no line "count:moon"/],
  ["what cannot be said of a line", [entryOf(2, "line:count:fender", "result", {})], /\/aspect$/, /cannot be recorded/],
])("refuses %s, and says where", (_what, entries, where, words) => {
  expect(() => compared([counted(1, 6)], entries)).toThrow(
    expect.objectContaining({ where: expect.stringMatching(where), message: expect.stringMatching(words) }),
  );
});

it("refuses the check-out given first, which would turn what is missing into what is too many", () => {
  expect(() => compared([counted(1, 5)], [counted(2, 6)], { before: out, after: list })).toThrow(
    expect.objectContaining({ where: "/before/list/kind" }),
  );
});

it("refuses a line that stands twice, which would be missing twice", () => {
  const doubled = { ...out, lines: [...out.lines, ...out.lines] };
  expect(() => compared([counted(1, 6)], [counted(2, 5)], { before: list, after: doubled })).toThrow(
    expect.objectContaining({ where: "/after/list/lines/1/id" }),
  );
});
