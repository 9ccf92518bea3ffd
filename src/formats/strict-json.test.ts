import { JsonFault, parseStrictJson } from "./strict-json";

describe("strict JSON", () => {
  it("reads what the standard allows, also with a byte order mark", () => {
    expect(parseStrictJson('{"a": [1, "é", null], "b": {"a": true}}')).toEqual({ a: [1, "é", null], b: { a: true } });
    expect(parseStrictJson("\uFEFF[]")).toEqual([]);
  });

  it.each<[string, string, number, number, RegExp]>([
    ["a key that stands twice", '{\n  "gas-tap": 1,\n  "gas-tap": 2\n}', 3, 3, /"gas-tap" stands twice/],
    ["one that stands twice deep inside", '{"a": [{"b": 1, "b": 1}]}', 1, 17, /"b" stands twice/],
    ["a key written in another way that is the same", '{"a": 1, "\\u0061": 2}', 1, 10, /"a" stands twice/],
    ["a comma too many", '{"a": 1,}', 1, 9, /not JSON/],
    ["a comment", '{"a": 1} // note', 1, 10, /not JSON/],
    ["a bracket left open", '{"a": [1', 1, 9, /not JSON/],
    ["nothing", "", 1, 1, /./],
  ])("refuses %s, with line and column", (_what, text, line, column, words) => {
    let fault: unknown;
    try {
      parseStrictJson(text);
    } catch (error) {
      fault = error;
    }
    expect(fault).toBeInstanceOf(JsonFault);
    expect(fault).toMatchObject({ line, column, message: expect.stringMatching(words) });
  });
});
