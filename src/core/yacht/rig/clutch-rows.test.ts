import { demoYacht } from "@/testing/demo-yacht";
import { besideClutches, clutchRows } from "./clutch-rows";

const file = demoYacht("quillback");

describe("the row of clutches", () => {
  it("lies from port to starboard, by its own numbers", () => {
    const [row] = clutchRows(file);
    expect(row?.clutch).toBe("clutches");
    expect(row?.lines.map(({ key }) => key)).toEqual([
      "main-halyard",
      "topping-lift",
      "vang",
      "reef-first",
      "reef-second",
    ]);
  });

  it("goes by side and order where nobody numbered it", () => {
    const lines = Object.fromEntries(
      Object.entries(file.lines).map(([key, { clutchNumber: _, ...line }]) => [
        key,
        key === "vang" ? { ...line, side: "starboard" as const, order: 0 } : line,
      ]),
    );
    const [row] = clutchRows({ ...file, lines });
    expect(row?.lines.map(({ key }) => key)).toEqual([
      "main-halyard",
      "topping-lift",
      "vang",
      "reef-first",
      "reef-second",
    ]);
  });

  it("keeps what no clutch holds beside it, and loses no line", () => {
    const inRow = clutchRows(file).flatMap(({ lines }) => lines);
    const beside = besideClutches(file);
    expect(beside.map(({ key }) => key)).toContain("mainsheet");
    expect(inRow.length + beside.length).toBe(Object.keys(file.lines).length);
  });

  it("has no row for a clutch that is not there", () => {
    const { clutches: _, ...fittings } = file.fittings;
    expect(clutchRows({ ...file, fittings })).toEqual([]);
    expect(besideClutches({ ...file, fittings })).toHaveLength(Object.keys(file.lines).length);
  });
});
