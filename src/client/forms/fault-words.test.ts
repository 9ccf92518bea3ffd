import { Ajv } from "ajv";
import { Type } from "@sinclair/typebox";
import { faultSaid, fieldAt, type SchemaFault } from "./fault-words";

const schema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 5 }),
    rules: Type.Object({ windLimitKn: Type.Integer({ minimum: 5, maximum: 60 }) }),
    litres: Type.Number({ exclusiveMinimum: 0 }),
    day: Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" }),
  },
  { additionalProperties: false },
);
const fields = ["name", "windLimitKn", "litres", "day"];
const fine = { name: "Ida", rules: { windLimitKn: 25 }, litres: 2, day: "2027-06-12" };
const validate = new Ajv({ allErrors: true }).compile(schema);
/** What is said against a body, by field; from the validator itself, not from samples of what it says. */
const said = (body: object) => {
  validate(body);
  return ((validate.errors ?? []) as SchemaFault[]).map((fault) => [fieldAt(fault, fields), faultSaid(fault)]);
};

describe("what a schema says against a form", () => {
  it.each([
    ["name", { name: "" }, { say: "missing", limit: 1 }],
    ["name", { name: "Marguerite" }, { say: "too-long", limit: 5 }],
    ["windLimitKn", { rules: { windLimitKn: 2 } }, { say: "too-small", limit: 5 }],
    ["windLimitKn", { rules: { windLimitKn: 99 } }, { say: "too-large", limit: 60 }],
    ["windLimitKn", { rules: { windLimitKn: 10.5 } }, { say: "not-whole", limit: 0 }],
    ["litres", { litres: null }, { say: "not-a-number", limit: 0 }],
    ["litres", { litres: 0 }, { say: "too-small", limit: 0 }],
    ["day", { day: "12 June" }, { say: "wrong-form", limit: 0 }],
  ])("is about %s in %j", (field, change, words) => {
    expect(said({ ...fine, ...change })).toEqual([[field, words]]);
  });

  it("is about the field that is not there, and about none where nothing of the form is wrong", () => {
    const { name: _name, ...without } = fine;
    expect(said(without)).toEqual([["name", { say: "missing", limit: 0 }]]);
    expect(said({ ...fine, more: 1 })).toEqual([[null, { say: "wrong-form", limit: 0 }]]);
    expect(said(fine)).toEqual([]);
  });
});
