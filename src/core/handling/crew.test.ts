import { Crew } from "./crew";

describe("the crew on deck", () => {
  it("slips a line where it stands in two seconds, and walks a metre a second to one that is elsewhere", () => {
    const crew = new Crew([5, -5]);
    expect(crew.order(10, 5)).toBe(12);
    expect(crew.order(10, -5)).toBe(12);
    // whoever is at the bow is busy until 12; the one aft too, and would walk ten metres
    expect(crew.order(10, 5)).toBe(14);
    expect(new Crew([5]).order(0, -5)).toBe(12);
  });

  it("is never in two places: one alone does all, one after the other", () => {
    const crew = new Crew([0]);
    const [one, two, three] = [crew.order(0, 4), crew.order(0, -4), crew.order(0, 4)];
    expect([one, two, three]).toEqual([6, 16, 26]);
  });

  it("sends whoever is done first, not whoever is nearest", () => {
    const crew = new Crew([5, -5]);
    for (let at = 0; at < 4; at++) crew.order(0, 5);
    // the bow is busy until 8; the one aft is there at ten metres and two seconds
    expect(crew.order(0, 5)).toBe(10);
    expect(crew.order(0, -5)).not.toBeNull();
  });

  it("says so where there is nobody", () => expect(new Crew([]).order(3, 0)).toBeNull());
});
