import { deedsToCsv } from "./log-csv";

const deed = {
  id: 4,
  at: "2027-06-12T08:05:00.000Z",
  request: "a",
  action: "change-person",
  kind: "staff" as const,
  by: "Senna Ruhl",
  device: null,
  subject: "staff",
  charter: null,
  yacht: null,
  of: "=cmd()",
  was: { roles: ["briefer"] },
  became: { roles: ["office"], active: false },
};

it("writes one row for each field, and no formula", () => {
  const [head, first, second] = deedsToCsv([deed]).split("\r\n");
  expect(head).toBe("number,at,by,as,device,action,thing,charter,yacht,of,field,was,is");
  expect(first).toBe(
    '4,2027-06-12T08:05:00.000Z,Senna Ruhl,staff,,change-person,staff,,,"\'=cmd()",roles,"[""briefer""]","[""office""]"',
  );
  expect(second).toContain("active,,false");
});

it("has a row for a change without fields", () =>
  expect(deedsToCsv([{ ...deed, was: null, became: {} }]).split("\r\n")).toHaveLength(2));
