import { AppError } from "@/api/app-error";
import { oneByOne } from "./inbox";

it("keeps what there is room for, answers what is here already, and refuses the rest by itself", async () => {
  const kept = new Map([["old", "hash of old"]]);
  const keep = oneByOne<{ id: string }>(
    (id) => Promise.resolve(kept.get(id) ?? null),
    ({ id, hash }) => Promise.resolve(void kept.set(id, hash)),
    () => Promise.resolve(1),
  );
  const item = (id: string, hash = `hash of ${id}`) => ({ id, item: { id }, hash });
  const outcomes = await keep([item("first"), item("second"), item("old"), item("old", "another"), item("first")]);
  expect(outcomes.map((each) => (each instanceof AppError ? each.code : each))).toEqual([
    "kept",
    "too-many-kept",
    "same",
    "other-content",
    "same",
  ]);
  expect([...kept.keys()]).toEqual(["old", "first"]);
});
