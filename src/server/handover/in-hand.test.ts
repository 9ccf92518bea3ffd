import { demoBase } from "@/testing/demo-base";
import { handoverInHand } from "./in-hand";

const base = demoBase("in_hand");

describe("a handover that is open", () => {
  it("says how much of its list is looked at, who is on it, and what would stand in the way", async () => {
    const id = await base.handoverOf("BR-1059", "check-in");
    const inHand = await base.inBase((db) => handoverInHand(db, id));
    expect(inHand?.people).toContain("Maro Tessen");
    expect(inHand?.total).toBeGreaterThan(200);
    expect(inHand?.left).toBeGreaterThan(0);
    expect(inHand?.left).toBeLessThan(inHand?.total ?? 0);
    // what is not looked at stands as a number, and not among what is in the way
    expect(inHand?.against.join(" ")).not.toMatch(/not looked at/);
  });

  it("has nothing in the way of a check-out, and is none that is not there", async () => {
    const id = await base.handoverOf("BR-1053", "check-out");
    expect((await base.inBase((db) => handoverInHand(db, id)))?.against).toEqual([]);
    expect(await base.inBase((db) => handoverInHand(db, "00000000-0000-7000-8000-000000000001"))).toBeNull();
  });
});
