import { demoYacht } from "../../testing/demo-yacht";
import { figureFields, fillFigures, referencesIn } from "./figures";
import { typedFigures, writtenAsReference } from "./typed-figures";

const file = demoYacht("quillback");

it("points out a figure that is typed where the file has a field, and what to write in its place", () => {
  const wait = file.fittings["windlass-breaker"]?.waitMinutes ?? 0;
  const typed = structuredClone(file);
  typed.fittings["windlass-breaker"]!.how = { en: `Wait ${wait} minutes, then push.` };
  const found = typedFigures(typed).find(({ path }) => path === "/fittings/windlass-breaker/how");
  expect(found?.figure).toBe(`${wait} minutes`);
  // what is proposed reads the same
  const referring = writtenAsReference(typed.fittings["windlass-breaker"]!.how.en ?? "", found!);
  expect(referring).toBe("Wait {fittings.windlass-breaker.waitMinutes} minutes, then push.");
  expect(fillFigures(referring, typed)).toBe(typed.fittings["windlass-breaker"]!.how.en);
});

it("leaves a reference alone, and a number with another unit or of no field", () => {
  const quiet = structuredClone(file);
  quiet.fittings["windlass-breaker"]!.how = {
    en: "Wait {fittings.windlass-breaker.waitMinutes} minutes; 977 minutes; 5 bananas.",
  };
  expect(typedFigures(quiet).filter(({ path }) => path === "/fittings/windlass-breaker/how")).toEqual([]);
});

it("names every number that a text can refer to, by a reference that reads as that number", () => {
  const figures = figureFields(file);
  expect(figures).toContainEqual({
    reference: "engines.main.stopHoldSeconds",
    part: file.engines.main?.name.en,
    field: "stopHoldSeconds",
    value: file.engines.main?.stopHoldSeconds,
  });
  expect(figures).toContainEqual({
    reference: "particulars.lengthM",
    part: "Quillback",
    field: "lengthM",
    value: file.particulars.lengthM,
  });
  expect(new Set(figures.map(({ reference }) => reference)).size).toBe(figures.length);
  for (const { reference, value } of figures) expect(fillFigures(`{${reference}}`, file)).toBe(String(value));
});

it("names the references in a text once each, also those that lead nowhere", () => {
  expect(
    referencesIn("Hold {engines.main.stopHoldSeconds} s, {gone.away} and {engines.main.stopHoldSeconds}; {plain}"),
  ).toEqual(["engines.main.stopHoldSeconds", "gone.away"]);
});
