import { readFileSync } from "node:fs";
import { Area } from "../area/area";
import { areaFaults } from "../area/faults";
import { fromBerth } from "../area/berths";
import { parseAs } from "../../formats/validate";
import { demoYacht } from "../../testing/demo-yacht";
import { herBerth, type Lying } from "./from-area";
import { lain } from "./lie";
import { handledFrom } from "../handling/from-file";

const area = parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8")));
const berths = area.berths!;
const at = {
  "pale-heron": "A4",
  quillback: "A6",
  "cold-harbour": "A7",
  "gannet-rock": "B1",
  "two-lanterns": "B2",
  "little-auk": "C1",
};
const fleet = Object.entries(at).map(([slug, berth]): Lying & { slug: string } => {
  const { lengthM, beamM } = demoYacht(slug).particulars;
  return { slug, berth, lengthM, beamM };
});
const hers = (slug: string) => fleet.find((each) => each.slug === slug)!;

describe("the base's berths", () => {
  it("are read as they are drawn: nothing wrong with them, each row in its order", () => {
    expect(areaFaults(area)).toEqual([]);
    const [a4, a5] = ["A4", "A5"].map((name) => berths.find((each) => each.name === name)!);
    // they lie 5.8 m apart along the quay, which faces just west of south: A5 is to the right of who looks out
    expect(fromBerth(a4!, a5!)).toEqual({ alongM: expect.closeTo(5.8, 1), outM: expect.closeTo(0, 1) });
    expect(fromBerth(a5!, a4!).alongM).toBeCloseTo(-5.8, 1);
  });

  it("tell who lies beside her: yachts of the base with their own size, strangers as boats that fit", () => {
    const quillback = herBerth(berths, hers("quillback"), fleet)!;
    expect(quillback.lie).toEqual({ lies: "stern-to", outDeg: 190, widthM: 5.8, lazyLines: true });
    expect(quillback.beside.map(({ berth, isKnown }) => [berth, isKnown])).toEqual([
      ["A5", false],
      ["A7", true],
    ]);
    expect(quillback.beside[1]).toMatchObject({
      lengthM: hers("cold-harbour").lengthM,
      beamM: hers("cold-harbour").beamM,
    });
    const lanterns = herBerth(berths, hers("two-lanterns"), fleet)!;
    expect(lanterns.beside).toEqual([
      { berth: "B1", offsetM: expect.closeTo(-20, 0), lengthM: 15.6, beamM: 4.75, isKnown: true },
    ]);
  });

  it("take every yacht of the base, and no two of them lie in one another", () => {
    for (const each of fleet) {
      const { boat } = handledFrom(demoYacht(each.slug))!;
      const berth = herBerth(berths, each, fleet)!;
      expect(() => lain({ boat, berth: berth.lie, wind: { fromDeg: 0, kn: 0 }, crew: 2 })).not.toThrow();
      const takes = berth.lie.lies === "alongside" ? each.lengthM : each.beamM;
      for (const { offsetM, lengthM, beamM } of berth.beside)
        expect(Math.abs(offsetM)).toBeGreaterThan((takes + (berth.lie.lies === "alongside" ? lengthM : beamM)) / 2);
    }
  });

  it("are none where the base tells none, and no stranger's", () => {
    expect(herBerth([], hers("quillback"), fleet)).toBeNull();
    expect(herBerth(berths, { ...hers("quillback"), berth: "Z9" }, fleet)).toBeNull();
    expect(herBerth(berths, { ...hers("quillback"), berth: " a6 " }, [])?.beside[1]?.isKnown).toBe(false);
  });

  it("are refused where one stands twice, or far from the base", () => {
    const [first] = berths;
    const wrong = {
      ...area,
      berths: [first!, { ...first!, name: " a1" }, { ...first!, name: "A2", position: [42.28, -30.09] }],
    };
    expect(areaFaults(wrong).map(({ path, code }) => [path, code])).toEqual([
      ["/berths/1/name", "name-twice"],
      ["/berths/2/position", "far-away"],
    ]);
  });
});
