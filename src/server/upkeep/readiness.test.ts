import type { StayView } from "@/api/schemas/desk";
import { demoBase } from "@/testing/demo-base";
import { findStay } from "../db/charters";
import { todayView } from "../desk/today";
import { putAboard, readinessFor, toPutAboard } from "./readiness";

const base = demoBase("readiness");
const stayOf = async (reference: string) => {
  const stayId = await base.stayOf(reference);
  return (await base.inBase((db) => findStay(db, { stayId }))) as StayView;
};
const ready = async (reference: string) => {
  const stay = await stayOf(reference);
  return base.inBase((db) => readinessFor(db, stay));
};

it("is computed from what the last crew left, the prep and the open work", async () => {
  // Quillback came back with a handle and an oar short (BR-1050); her prep for BR-1059 is done
  const { state, reasons, short } = await ready("BR-1059");
  expect(short.map(({ name, missing }) => `${missing} ${name}`).sort()).toEqual(["1 Oar", "1 Winch handle"]);
  expect(reasons.map((reason) => reason.code)).toContain("work");
  expect([state, reasons.some((reason) => reason.code === "no-prep")]).toEqual(["ready-with-remarks", false]);
  // Cold Harbour is not back, signed
  expect(await ready("BR-1060")).toMatchObject({
    state: "not-ready",
    reasons: expect.arrayContaining([{ code: "not-back", words: "", holds: true }]),
  });
});

it("goes by what was put aboard since, once each, never more than is short", async () => {
  const { yachtId } = await stayOf("BR-1059");
  const ilko = await base.person("Ilko Brand");
  const put = (line: string, pieces: number) => base.inBase((db) => putAboard(db, yachtId, line, pieces, ilko));
  await expect(put("count:winch-handle", 2)).rejects.toMatchObject({
    status: 409,
    params: { missing: 1 },
  });
  await put("count:winch-handle", 1);
  await expect(put("count:winch-handle", 1)).rejects.toMatchObject({ code: "not-short" });
  expect((await base.inBase((db) => toPutAboard(db, yachtId))).map((item) => item.name)).toEqual(["Oar"]);
  await expect(base.asOwner("delete from restock")).rejects.toThrow("is refused");
});

it("stands on Today for those who leave, and for nobody else", async () => {
  const { rows } = await base.inBase(todayView);
  const shown = Object.fromEntries(rows.map((row) => [row.stay.reference, row.readiness?.state ?? null]));
  expect(shown).toMatchObject({
    "BR-1059": "ready-with-remarks",
    "BR-1060": "not-ready",
    "BR-1050": null,
    "BR-1052": null,
  });
});
