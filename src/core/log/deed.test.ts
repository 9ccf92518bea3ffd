import { byRequest, changedFields, type Deed } from "./deed";

const deed = (id: number, request: string, change: Partial<Deed> = {}): Deed => ({
  id,
  at: "2027-06-12T08:00:00.000Z",
  request,
  action: "settle-rules",
  kind: "staff",
  by: "Senna Ruhl",
  device: null,
  subject: "base_rules",
  charter: null,
  yacht: null,
  of: null,
  was: null,
  became: {},
  ...change,
});

it("puts together what one request did, and keeps apart what lies between", () => {
  const groups = byRequest([deed(5, "b"), deed(4, "b"), deed(3, "a"), deed(2, "b")]);
  expect(groups.map(({ first, deeds }) => [first.id, deeds.map(({ id }) => id)])).toEqual([
    [5, [5, 4]],
    [3, [3]],
    [2, [2]],
  ]);
  expect(byRequest([])).toEqual([]);
});

it("names each field once, and looks into objects", () => {
  expect(changedFields({ was: { starts_at: "a" }, became: { starts_at: "b", aboard: 6 } })).toEqual([
    { field: "startsAt", was: "a", is: "b" },
    { field: "aboard", was: null, is: 6 },
  ]);
  expect(changedFields({ was: { rules: { lateHours: 3, old: 1 } }, became: { rules: { lateHours: 4 } } })).toEqual([
    { field: "lateHours", was: 3, is: 4 },
    { field: "old", was: 1, is: null },
  ]);
  expect(changedFields({ was: null, became: { terms: { depositMinor: 5 }, roles: ["office"] } })).toEqual([
    { field: "depositMinor", was: null, is: 5 },
    { field: "roles", was: null, is: ["office"] },
  ]);
  expect(changedFields({ was: null, became: { revoked_at: null } })).toEqual([]);
  expect(changedFields({ was: { rules: { a: [1, 2], b: 1 } }, became: { rules: { a: [1, 2], b: 2 } } })).toEqual([
    { field: "b", was: 1, is: 2 },
  ]);
});
