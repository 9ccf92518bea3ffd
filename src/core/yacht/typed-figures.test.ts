import { demoYacht } from "../../testing/demo-yacht";
import { fillFigures } from "./figures";
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
  quiet.fittings["windlass-breaker"]!.how = { en: "Wait {fittings.windlass-breaker.waitMinutes} minutes; 977 minutes; 5 bananas." };
  expect(typedFigures(quiet).filter(({ path }) => path === "/fittings/windlass-breaker/how")).toEqual([]);
});
