import { changeWords, fieldWords, valueText } from "./change-words";
import { englishTranslator } from "./translator";

const t = englishTranslator();

describe("changes in words", () => {
  it.each([
    ["stopHoldSeconds", "stop hold, seconds"],
    ["capacityL", "capacity, l"],
    ["burnLph", "burn, l/h"],
    ["replacementMinor", "replacement, cents"],
    ["where", "where"],
    ["notThis", "not this"],
    ["areaM2", "area, m²"],
    ["limitedSpeedKn", "limited speed, kn"],
    ["steps.3.holdSeconds", "steps 3, hold, seconds"],
    ["marks.1", "marks 1"],
  ])("%s is read as %s", (field, words) => expect(fieldWords(field)).toBe(words));

  it("say what was and what is", () => {
    expect(
      changeWords(t, {
        path: "/fittings/gas-tap/where",
        part: "Gas tap",
        field: "where",
        from: { en: "right" },
        to: { en: "left" },
      }),
    ).toBe("Gas tap, where: from “right” to “left”");
    expect(
      changeWords(t, {
        path: "/engines/main/stopHoldSeconds",
        part: "Engine",
        field: "stopHoldSeconds",
        from: null,
        to: 6,
      }),
    ).toBe("Engine, stop hold, seconds: from “nothing” to “6”");
    const outline = (shiftM: number) => [
      [0, shiftM],
      [1, 1],
      [2, 0],
    ];
    expect(
      changeWords(t, { path: "/places/bow/outline", part: "Bow", field: "outline", from: outline(0), to: outline(1) }),
    ).toBe("Bow, outline: drawn otherwise");
    expect(changeWords(t, { path: "/inventory/oar", part: "Oar", field: null, from: null, to: {} })).toBe("Oar: new");
    expect(changeWords(t, { path: "/inventory/oar", part: "Oar", field: null, from: {}, to: null })).toBe(
      "Oar: removed",
    );
  });

  it("shorten what is long", () => {
    expect(
      valueText(
        t,
        [1, 2, 3].map((n) => ({ words: { en: `step ${n}` } })),
      ),
    ).toBe("3 entries");
    expect(valueText(t, ["a", "b"])).toBe("a, b");
    expect(valueText(t, { name: { en: "Oar" }, expected: 2 })).toBe("Oar");
    expect(valueText(t, { from: 10, to: 15 })).toBe("from: 10, to: 15");
    expect([fieldWords("at"), valueText(t, "4c".repeat(32)), valueText(t, "4c")]).toEqual([
      "spot on the plan",
      "a photo from aboard",
      "4c",
    ]);
    expect([valueText(t, true), valueText(t, false)]).toEqual(["yes", "no"]);
  });
});
