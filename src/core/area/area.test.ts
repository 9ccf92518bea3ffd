import { readFileSync } from "node:fs";
import { parseAs } from "@/formats/validate";
import { Area } from "./area";
import { around, pointOf } from "./around";
import { bearingDeg, distanceNm } from "./bearing";
import { areaFaults } from "./faults";

const sallow = parseAs(Area, JSON.parse(readFileSync("demo/area.geojson", "utf8")));

describe("the way from one position to another", () => {
  it.each([
    // a minute of latitude is a nautical mile, to a tenth of a percent on a sphere of this size
    [[0, 0], [0, 1 / 60], 1.0007, 0],
    [[-30, 42], [-30, 41], 60.04, 180],
    // a degree of longitude at 60 degrees is half of one at the equator: 60.04 × cos 60°, a hair less by the great circle
    [[10, 60], [11, 60], 30.02, 89.567],
    [[0, 0], [1, 0], 60.04, 90],
    // New York to London by the great circle is 3,007 nautical miles on such a sphere; it sets out at 51.2°
    [[-74.006, 40.7128], [-0.1278, 51.5074], 3007.6, 51.21],
  ])("%j to %j", (from, to, nm, bearing) => {
    expect(distanceNm(from, to)).toBeCloseTo(nm, nm > 1000 ? -1 : nm > 20 ? 1 : 3);
    expect(bearingDeg(from, to)).toBeCloseTo(bearing, 1);
  });

  it("is the same there and back, and as long as the law of cosines says", () => {
    // a second way to the same number: spherical law of cosines
    const byCosines = ([a = 0, b = 0]: number[], [c = 0, d = 0]: number[]) => {
      const r = (x: number) => (x * Math.PI) / 180;
      const cos = Math.sin(r(b)) * Math.sin(r(d)) + Math.cos(r(b)) * Math.cos(r(d)) * Math.cos(r(c - a));
      return (Math.acos(Math.min(1, cos)) * 6_371_008.8) / 1852;
    };
    for (let i = 0; i < 200; i++) {
      const at = (k: number): number[] => [((i * 37 + k * 91) % 360) - 180, ((i * 53 + k * 29) % 170) - 85];
      expect(distanceNm(at(1), at(2))).toBeCloseTo(byCosines(at(1), at(2)), 3);
      expect(distanceNm(at(2), at(1))).toBeCloseTo(distanceNm(at(1), at(2)), 9);
    }
  });
});

describe("what lies around", () => {
  it("comes nearest first, without coasts", () => {
    const all = around(sallow, sallow.base.position);
    expect(all.map(({ nm }) => nm)).toEqual([...all.map(({ nm }) => nm)].sort((a, b) => a - b));
    expect(all.some(({ feature }) => feature.properties.kind === "coast")).toBe(false);
    expect(all).toHaveLength(sallow.features.filter(({ properties }) => properties.kind !== "coast").length);
  });

  it("is narrowed to kinds", () => {
    const dangers = around(sallow, sallow.base.position, ["hazard"]);
    expect(dangers).toHaveLength(6);
  });

  it("goes to the middle of a zone", () => {
    const zone = {
      type: "Feature" as const,
      properties: { kind: "no-go" as const, name: "x" },
      geometry: {
        type: "Polygon" as const,
        coordinates: [
          [
            [0, 0],
            [2, 0],
            [2, 2],
            [0, 2],
            [0, 0],
          ],
        ],
      },
    };
    expect(pointOf(zone)).toEqual([1, 1]);
  });
});

describe("the Sallow Isles", () => {
  it("have ten anchorages, six hazards and two harbours, and nothing wrong in them", () => {
    const count = (kind: string) => sallow.features.filter(({ properties }) => properties.kind === kind).length;
    expect([count("anchorage"), count("hazard"), count("harbour")]).toEqual([10, 6, 2]);
    expect(areaFaults(sallow)).toEqual([]);
  });

  it("have every anchorage and hazard in the water", () => {
    // ray casting over each coast: an anchorage inside one would be on land
    const isInside = ([x = 0, y = 0]: number[], ring: number[][]) =>
      ring.reduce((inside, [xi = 0, yi = 0], i) => {
        const [xj = 0, yj = 0] = ring[(i + ring.length - 1) % ring.length] ?? [];
        return yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi ? !inside : inside;
      }, false);
    const coasts = sallow.features.flatMap(({ geometry, properties }) =>
      properties.kind === "coast" && geometry.type === "Polygon" ? [geometry.coordinates[0]!] : [],
    );
    const onLand = sallow.features.filter(
      (feature) =>
        ["anchorage", "hazard", "mooring"].includes(feature.properties.kind) &&
        coasts.some((ring) => isInside(pointOf(feature), ring)),
    );
    expect(onLand.map(({ properties }) => properties.name)).toEqual([]);
  });
});

describe("an area that cannot be used", () => {
  const faults = (change: (area: Area) => void) => {
    const area = structuredClone(sallow);
    change(area);
    return areaFaults(area).map(({ path, code }) => [path, code]);
  };
  const first = (kind: string) => sallow.features.findIndex(({ properties }) => properties.kind === kind);

  it("has longitude and latitude the wrong way round", () => {
    const at = first("anchorage");
    expect(
      faults((area) => {
        const { geometry } = area.features[at]!;
        if (geometry.type === "Point") geometry.coordinates.reverse();
      }),
    ).toEqual([[`/features/${at}/geometry`, "far-away"]]);
  });

  it("has a position off the earth", () => {
    expect(faults((area) => (area.base.position = [200, 0]))[0]).toEqual(["/base/position", "off-the-earth"]);
  });

  it("has an outline that does not close, a coast that is a point, a name twice, or no coast", () => {
    expect(
      faults((area) => {
        const { geometry } = area.features[0]!;
        if (geometry.type === "Polygon") geometry.coordinates[0]!.pop();
      }),
    ).toEqual([["/features/0/geometry", "ring-open"]]);
    expect(faults((area) => (area.features[0]!.geometry = { type: "Point", coordinates: [-30, 42] }))).toEqual([
      ["/features/0/geometry", "shape-wrong"],
    ]);
    const [one, two] = [first("hazard"), first("hazard") + 1];
    expect(
      faults((area) => (area.features[two]!.properties.name = area.features[one]!.properties.name.toUpperCase())),
    ).toEqual([[`/features/${two}/properties/name`, "name-twice"]]);
    expect(
      faults((area) => (area.features = area.features.filter(({ properties }) => properties.kind !== "coast"))),
    ).toEqual([["/features", "nothing-drawn"]]);
  });
});
