import { fieldName } from "./field-name";

it.each([
  ["name", "Name"], ["stopHoldSeconds", "Stop hold (s)"], ["ratingA", "Rating (A)"], ["capacityAh", "Capacity (Ah)"], ["areaM2", "Area (m²)"], ["burnLph", "Burn (l/h)"],
  ["replacementMinor", "Replacement (cents)"], ["notThis", "Not this"], ["bottleValve", "Bottle valve"], ["at", "Spot on the plan"],
])("%s reads as %s", (name, words) => expect(fieldName(name)).toBe(words));
