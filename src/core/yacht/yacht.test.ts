import { readFileSync } from "node:fs";
import { mismatch } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { brokenReferences } from "./references";
import { patchBetween, resolveYacht } from "./resolve";
import { YachtFile, type Point } from "./schema";
import { isInsideHull } from "../plan/hull";

const slugs = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];

describe("the demo yachts", () => {
  it.each(slugs)("%s holds together", (slug) => expect(brokenReferences(demoYacht(slug))).toEqual([]));

  it.each(slugs)("%s counts the anchors and chains that her ground tackle has", (slug) => {
    const { groundTackle, inventory } = demoYacht(slug);
    const counted = Object.values(inventory)
      .map(({ name }) => name.en ?? "")
      .filter((name) => /^(Main|Second) anchor|^Anchor(,| chain,)/.test(name))
      .join("; ");
    const { main, second } = groundTackle;
    expect(counted).toContain(`${main?.anchorKg} kg`);
    if (!second) return;
    expect(counted).toContain(`Anchor chain, ${main?.chainM} m of ${main?.chainDiameterMm} mm`);
    expect(counted).toContain(`Second anchor, ${second.anchorKg} kg`);
    expect(counted).toContain(`${second.chainM} m chain and ${second.ropeM} m rope`);
  });

  it.each(slugs)("has a complete %s, as full as a real base would have it", (slug) => {
    const file = demoYacht(slug);
    const least =
      file.particulars.hull === "day-boat"
        ? ({
            places: 8,
            fittings: 30,
            inventory: 50,
            procedures: 14,
            tests: 12,
            readings: 6,
            looks: 8,
            oddities: 4,
          } as const)
        : ({
            places: 18,
            fittings: 90,
            inventory: 140,
            procedures: 30,
            tests: 25,
            readings: 14,
            looks: 20,
            oddities: 6,
          } as const);
    for (const [part, number] of Object.entries(least))
      expect([part, Object.keys(file[part as keyof typeof least]).length >= number]).toEqual([part, true]);
    expect(new Set(Object.values(file.places).map((place) => place.level))).toEqual(new Set(["deck", "below"]));
    expect(Object.values(file.inventory).every((item) => item.replacementMinor > 0)).toBe(true);
  });

  it("keeps every place inside the hull's length and beam", () => {
    for (const slug of slugs) {
      const { places, particulars } = demoYacht(slug);
      const outside = Object.entries(places).filter(([, place]) =>
        place.outline.some((point) => !isInsideHull(particulars, point as Point, 0.15)),
      );
      expect([slug, outside.map(([key]) => key)]).toEqual([slug, []]);
    }
  });
});

describe("a yacht file", () => {
  const copy = () =>
    structuredClone(demoYacht("pale-heron")) as unknown as Record<string, Record<string, Record<string, unknown>>>;

  it("is refused with the place where its schema is broken", () => {
    const file = copy();
    (file.inventory as Record<string, Record<string, unknown>>)["fender-large"]!.expected = -2;
    expect(mismatch(YachtFile, file)?.message).toContain("/inventory/fender-large/expected");
    const extra = { ...copy(), crew: [] };
    expect(mismatch(YachtFile, extra)?.message).toContain('"crew"');
  });

  it("names each reference that leads nowhere", () => {
    const file = structuredClone(demoYacht("pale-heron"));
    file.inventory["fender-large"]!.place = "attic";
    file.readings["fuel"]!.of = "milk";
    delete file.tests["mainsail"]!.waitHours;
    expect(brokenReferences(file).map((each) => each.path)).toEqual([
      "/inventory/fender-large/place",
      "/readings/fuel/of",
      "/tests/mainsail/waitHours",
    ]);
  });

  it("gives the smallest patch, and the file again from it", () => {
    for (const slug of slugs) {
      const own = JSON.parse(readFileSync(`demo/yachts/${slug}.json`, "utf8")) as { class: string; patch: object };
      const document: unknown = JSON.parse(readFileSync(`demo/classes/${own.class}.json`, "utf8"));
      const patch = patchBetween(document, demoYacht(slug));
      expect(resolveYacht(document, patch)).toEqual(demoYacht(slug));
      expect(patch).toEqual(own.patch);
    }
    expect(patchBetween({ a: 1, b: { c: 1, d: [1] }, e: 2 }, { a: 1, b: { c: 2, d: [1] }, f: 3 })).toEqual({
      b: { c: 2 },
      e: null,
      f: 3,
    });
    expect(patchBetween({ a: [{ x: 1, y: 2 }] }, { a: [{ y: 2, x: 1 }] })).toEqual({});
  });

  it("takes a yacht's differences over its class by merge patch: null removes, objects merge, the class stays as it was", () => {
    const base = { a: { x: 1, y: 2 }, list: [1, 2] };
    expect(resolveYacht(base, { a: { y: null, z: 3 }, list: [3] })).toEqual({ a: { x: 1, z: 3 }, list: [3] });
    expect(base).toEqual({ a: { x: 1, y: 2 }, list: [1, 2] });
  });
});
