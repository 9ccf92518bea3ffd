import { usualRules } from "@/core/base/rules";
import { ruleFields } from "./draft";
import { ruleGroups, settledBy } from "./groups";

const change = (number: number, rules: object) => ({
  number,
  at: `2027-06-0${number}T08:00:00.000Z`,
  by: "Senna Ruhl",
  why: `reason ${number}`,
  rules: { ...usualRules, ...rules },
});

describe("the rules as they are shown", () => {
  it("are each in one group, and every number is there", () => {
    const shown = ruleGroups.flatMap(({ rows }) => rows.map(({ field }) => field));
    expect(new Set(shown).size).toBe(shown.length);
    expect(ruleFields.map(([field]) => field).filter((field) => !shown.includes(field))).toEqual([]);
    expect(shown).toEqual(expect.arrayContaining(["walkAlone", "expectedShown", "neverLetGo"]));
  });

  it("name the change in which each got its value, and none where it is the default", () => {
    // newest first: 22 kn came with the second change, the third changed something else
    const history = [
      change(3, { windLimitKn: 22, walkAlone: true }),
      change(2, { windLimitKn: 22 }),
      change(1, { objectDays: 30 }),
    ];
    expect(settledBy(history, "windLimitKn")?.number).toBe(2);
    expect(settledBy(history, "walkAlone")?.number).toBe(3);
    expect(settledBy(history, "objectDays")?.number).toBe(2);
    expect(settledBy(history, "lateHours")).toBeNull();
  });

  it("find a limit by its reading", () => {
    const history = [change(1, { readingLimits: { belt: { stopAboveMm: 14 } } })];
    expect(settledBy(history, "stopAboveMm")?.number).toBe(1);
    expect(settledBy(history, "watchAboveMm")).toBeNull();
  });
});
