import { demoYacht } from "../../testing/demo-yacht";
import type { Point } from "../yacht/schema";
import { drawnSize } from "./drawn-size";

const file = demoYacht("quillback");
const untold = { ...file.particulars, lengthM: -1, beamM: -1 };
const place = (...outline: Point[]) => ({ ...Object.values(file.places)[0]!, outline });

it("is her own length and beam where they are told", () =>
  expect(drawnSize(file)).toEqual({ hull: "monohull", lengthM: 12.6, beamM: 4.15 }));

it("is as far as her places reach where they are not, to either side", () => {
  const places = { one: place([0, 0], [2, 1.5], [3, 0]), two: place([8, -2], [11.5, -1], [9, 0]) };
  expect(drawnSize({ particulars: untold, places })).toEqual({ hull: "monohull", lengthM: 11.5, beamM: 4 });
  expect(drawnSize({ particulars: { ...untold, beamM: 3.6 }, places })).toMatchObject({ lengthM: 11.5, beamM: 3.6 });
});

it("is something to draw also where there is no place at all", () =>
  expect(drawnSize({ particulars: untold, places: {} })).toEqual({ hull: "monohull", lengthM: 1, beamM: 1 }));
