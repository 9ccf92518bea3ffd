import { demoYacht } from "../../testing/demo-yacht";
import { figuresSheet } from "./figures-sheet";

const file = demoYacht("pale-heron");
const said = (of = file) =>
  figuresSheet(of).map(({ id, of: which, value, unit }) => [id, which?.en ?? null, value, unit].join(" ").trim());

it("has what a skipper asks for first: length, draught, air draught, in metres, as her file says", () => {
  const { lengthM, beamM, draughtM, airDraughtM } = file.particulars;
  expect(figuresSheet(file).slice(0, 4)).toEqual([
    { id: "length", of: null, value: lengthM, unit: "m" },
    { id: "beam", of: null, value: beamM, unit: "m" },
    { id: "draught", of: null, value: draughtM, unit: "m" },
    { id: "air-draught", of: null, value: airDraughtM, unit: "m" },
  ]);
});

it("names every tank by its own name, fuel before water before waste", () => {
  const tanks = figuresSheet(file).filter(({ unit }) => unit === "l");
  expect(tanks).toHaveLength(Object.keys(file.tanks).length);
  expect([...new Set(tanks.map(({ id }) => id))]).toEqual(
    ["fuel", "water", "waste"].filter((holds) => Object.values(file.tanks).some((tank) => tank.holds === holds)),
  );
  expect(tanks.every(({ of }) => of !== null)).toBe(true);
});

it("leaves out what her file does not hold, and does not guess it", () => {
  const { limitedSpeedKn: _not, ...particulars } = file.particulars;
  expect(said({ ...file, particulars }).some((each) => each.startsWith("limited-speed"))).toBe(false);
  expect(said({ ...file, particulars: { ...particulars, limitedSpeedKn: 6.5 } })).toContain("limited-speed  6.5 kn");
});

it("says who she is on the radio, and from where her depth is shown", () => {
  expect(said()).toEqual(
    expect.arrayContaining([
      "call-sign  QB4HN text",
      "mmsi  199000101 text",
      "dsc  programmed dsc",
      "registration  QB-2041 text",
      "depth-from  keel depth",
      "depth-offset  -1.4 m",
    ]),
  );
  const { radio: _radio, depth: _depth, ...particulars } = file.particulars;
  expect(said({ ...file, particulars }).join()).not.toMatch(/call-sign|mmsi|dsc|depth/);
});
