import { demoYacht } from "../../../testing/demo-yacht";
import { collectionFields, referredCollection, type FieldSpec } from "./fields";

const fields = collectionFields();
const kinds = (collection: string) =>
  Object.fromEntries(
    (fields[collection] ?? []).map(({ name, kind, optional }) => [name, `${kind}${optional ? "?" : ""}`]),
  );

it("tells how each field is typed in, from the schema alone", () => {
  expect(kinds("fittings")).toMatchObject({
    name: "words",
    system: "choice",
    place: "text",
    where: "words",
    how: "words?",
    ratingA: "number?",
    notThis: "keys?",
    handle: "part?",
    at: "other?",
  });
  expect(kinds("inventory")).toMatchObject({ expected: "number", safety: "yes-no?", jacketKg: "part?" });
  expect(kinds("procedures")).toMatchObject({ steps: "list", asked: "texts?", after: "keys?" });
  expect(kinds("emergencyCards")).toMatchObject({ steps: "list" });
  expect(kinds("particulars")).toMatchObject({ name: "text", lengthM: "number", hull: "choice" });
});

it("has every field that a part of the demo fleet has", () => {
  for (const yacht of ["quillback", "gannet-rock", "two-lanterns", "little-auk"]) {
    for (const [collection, parts] of Object.entries(demoYacht(yacht))) {
      if (collection === "schema" || collection === "particulars") continue;
      const known = new Set((fields[collection] as FieldSpec[]).map(({ name }) => name));
      for (const part of Object.values(parts as Record<string, object>))
        expect(Object.keys(part).filter((name) => !known.has(name))).toEqual([]);
    }
  }
});

it("knows which collection a key is of", () => {
  expect([
    referredCollection("fittings", "place"),
    referredCollection("stops", "after"),
    referredCollection("procedures", "after"),
    referredCollection("tanks", "valve"),
    referredCollection("fittings", "kind"),
  ]).toEqual(["places", "stops", "procedures", "fittings", null]);
  const file = demoYacht("quillback");
  for (const tank of Object.values(file.tanks))
    if (tank.valve) expect(Object.hasOwn(file.fittings, tank.valve)).toBe(true);
});
