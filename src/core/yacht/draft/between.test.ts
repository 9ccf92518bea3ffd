import fc from "fast-check";
import { demoYacht } from "../../../testing/demo-yacht";
import type { YachtFile } from "../schema";
import { editsBetween } from "./between";
import { draftDocument } from "./edit";

type Loose = Record<string, Record<string, Record<string, unknown>>>;
const laidOver = (before: YachtFile, after: YachtFile) =>
  draftDocument(
    before,
    editsBetween(before, after).map((edit) => ({ ...edit, id: "", undoes: null, source: null })),
  );

it("finds nothing between a file and itself", () => {
  expect(editsBetween(demoYacht("quillback"), structuredClone(demoYacht("quillback")))).toEqual([]);
});

it("names a part that went, a part that came and a field that changed, each once", () => {
  const before = demoYacht("quillback");
  const after = structuredClone(before);
  delete after.inventory.bucket;
  after.inventory.pail = structuredClone(before.inventory.bucket!);
  after.inventory.torch!.expected = 9;
  expect(editsBetween(before, after)).toEqual([
    { path: "/inventory/bucket", from: before.inventory.bucket, to: null },
    { path: "/inventory/torch/expected", from: before.inventory.torch?.expected, to: 9 },
    { path: "/inventory/pail", from: null, to: before.inventory.bucket },
  ]);
});

it("leads from any file to any other: laid over the first its edits give the second", () => {
  const files = ["quillback", "cold-harbour", "pale-heron", "little-auk"].map(demoYacht);
  for (const before of files) for (const after of files) expect(laidOver(before, after)).toEqual(after);
});

it("leads to a file with parts and fields taken out, doubled and changed at random", () => {
  const file = demoYacht("quillback");
  const collections = Object.keys(file).filter((name) => !["schema", "particulars", "class"].includes(name));
  const change = fc.record({
    collection: fc.constantFrom(...collections),
    at: fc.nat(),
    how: fc.constantFrom("take-out", "double", "change"),
    field: fc.nat(),
    value: fc.jsonValue({ maxDepth: 2 }),
  });
  fc.assert(
    fc.property(fc.array(change, { maxLength: 8 }), (changes) => {
      const after = structuredClone(file) as unknown as Loose;
      changes.forEach(({ collection, at, how, field, value }, index) => {
        const parts = after[collection] ?? {};
        const keys = Object.keys(parts);
        const key = keys[at % Math.max(1, keys.length)];
        const part = key === undefined ? undefined : parts[key];
        if (key === undefined || typeof part !== "object") return;
        if (how === "take-out") delete parts[key];
        else if (how === "double") parts[`copy-${index}`] = structuredClone(part);
        else {
          const fields = Object.keys(part);
          const name = fields[field % Math.max(1, fields.length)];
          if (name !== undefined && value !== null) part[name] = value;
        }
      });
      expect(laidOver(file, after as unknown as YachtFile)).toEqual(after);
    }),
    { numRuns: 60 },
  );
});
