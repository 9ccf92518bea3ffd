import { Type } from "@sinclair/typebox";
import { Entry } from "../core/handover/entry";
import { test as tested } from "../core/handover/lines/test";
import { YachtFile } from "../core/yacht/schema";
import { demoYacht } from "../testing/demo-yacht";
import { entryOf } from "../testing/records";
import { mismatch, parseAs, SchemaMismatch } from "./validate";

const says = (schema: Parameters<typeof mismatch>[0], value: unknown) => mismatch(schema, value)?.message;

describe("what a mismatch says", () => {
  const Thing = Type.Object(
    {
      name: Type.String({ minLength: 1 }),
      colour: Type.Union([Type.Literal("red"), Type.Literal("green")]),
      length: Type.Number({ maximum: 40 }),
      code: Type.String({ pattern: "^[A-Z]+$" }),
    },
    { additionalProperties: false },
  );
  const thing = { name: "oar", colour: "red", length: 2, code: "A" };

  it.each<[string, unknown, string]>([
    ["names what is missing", { ...thing, name: undefined }, 'The input needs "name".'],
    ["names what does not belong", { ...thing, price: 2 }, 'The input has "price", which does not belong there.'],
    ["shows the value that is out of bounds", { ...thing, length: 400 }, "/length must be 40 or less (it is 400)."],
    ["tells how long a text must be", { ...thing, name: "" }, '/name must have 1 character or more (it is "").'],
    ["gives the pattern", { ...thing, code: "a" }, "/code is not written as it must be (^[A-Z]+$)."],
    ["tells another type", { ...thing, name: 5 }, "/name must be text (it is 5)."],
    ["says so when it is no object at all", "oar", 'The input must be an object (it is "oar").'],
  ])("%s", (_what, value, words) => {
    expect(says(Thing, value)).toBe(words);
  });

  it("keeps long text out of its message", () => {
    expect(says(Thing, { ...thing, length: "x".repeat(100) })).not.toContain("xxx");
  });

  it("goes by the branch of a choice that got furthest", () => {
    const line = { when: "alongside" } as Parameters<typeof tested.valueSchema>[0];
    const tried = tested.valueSchema(line)!;
    expect(says(tried, { result: "fails", remark: "" })).toMatch(/^\/remark /);
    expect(says(tried, { result: "not-tried", reason: "wind", withinHours: 1000 })).toMatch(
      /^\/withinHours must be 168 or less/,
    );
  });

  it("reads a pointer with a slash in its key", () => {
    const Map = Type.Record(Type.String(), Type.Integer());
    expect(says(Map, { "a/b": 1.5 })).toBe("/a~1b must be a whole number (it is 1.5).");
  });
});

describe("what comes from outside", () => {
  it("is given back as the type when it passes", () => {
    const entry = entryOf(1, "line:count:fender", "count", { count: 2 });
    expect(parseAs(Entry, entry)).toBe(entry);
  });

  it.each<[string, object]>([
    ["another version", { v: 2 }],
    ["a name for an id", { id: "first" }],
    ["a day for an instant", { at: "2027-06-12" }],
    ["a subject of no kind", { subject: "fender" }],
    ["a third side", { by: { side: "owner", person: "00000000-0000-7000-8000-000000000903" } }],
    ["more than it may say", { note: "x" }],
  ])("is refused as an entry with %s", (_what, change) => {
    expect(() => parseAs(Entry, { ...entryOf(1, "line:count:fender", "count", { count: 2 }), ...change })).toThrow(
      SchemaMismatch,
    );
  });

  it("is refused as a yacht file when a part of it has not its form, with the place", () => {
    const file = demoYacht("pale-heron");
    expect(mismatch(YachtFile, file)).toBeNull();
    const broken = structuredClone(file) as unknown as {
      inventory: Record<string, { expected: unknown }>;
      tanks: Record<string, { capacityL: unknown }>;
    };
    (broken.inventory["fender-large"] as { expected: unknown }).expected = "six";
    expect(says(YachtFile, broken)).toMatch(/^\/inventory\/fender-large\/expected must be a whole number/);
    expect(says(YachtFile, { ...file, colour: "blue" })).toBe('The input has "colour", which does not belong there.');
    expect(says(YachtFile, { ...file, tanks: { fuel: { ...file.tanks.fuel, capacityL: -5 } } })).toMatch(
      /^\/tanks\/fuel\/capacityL must be/,
    );
  });
});
