import { usualRules } from "../core/base/rules";
import { kindOf, lineKinds, type Line } from "../core/handover/lines";
import { demoYacht } from "../testing/demo-yacht";
import { en } from "./en";
import { saidIn, valueWords } from "./line-words";
import { englishTranslator } from "./translator";

const lines = ["cold-harbour", "little-auk", "two-lanterns"].flatMap((slug) =>
  Object.values(lineKinds).flatMap((kind): Line[] =>
    kind.fromFile({
      kind: "prep",
      yacht: { file: demoYacht(slug) },
      stay: { fromDay: "2027-06-12", toDay: "2027-06-19" },
      checkIn: null,
      knownMarks: [],
      viewPhotos: {},
      history: {},
      openedAt: "2027-06-12T14:00:00.000Z",
      rules: usualRules,
      changed: { happened: [] },
    }),
  ),
);
const hasKey = (key: string) =>
  key.split(".").reduce<unknown>((part, step) => (part as Record<string, unknown> | undefined)?.[step], en) !==
  undefined;

describe("what the core says of a line", () => {
  const t = englishTranslator();

  it("is in the catalogue, for what is recorded, how it is done and what is written on paper", () => {
    expect(lines.length).toBeGreaterThan(300);
    for (const line of lines) {
      const kind = kindOf(line);
      const said = [
        kind.words(line, kind.sample(line, 600)),
        ...kind.paper(line).map(({ say }) => say),
        ...(kind.how ? [kind.how(line)] : []),
        ...(kind.caution ? [kind.caution(line)] : []),
      ];
      for (const { key } of said) expect([line.id, key, hasKey(key)]).toEqual([line.id, key, true]);
      for (const { name, ...field } of kind.fields?.(line) ?? []) {
        expect([name, hasKey(`field.${name}`)]).toEqual([name, true]);
        if (field.type === "choice")
          for (const option of field.options) expect(hasKey(`option.${name}-${option}`)).toBe(true);
      }
    }
  });

  it("says a length of chain with what her file says where that differs", () => {
    const line = lines.find(({ kind }) => kind === "chain");
    if (line?.kind !== "chain") throw new Error("no chain is measured");
    expect(valueWords(t, line, { metres: 60 })).toBe("60 m of chain");
    expect(valueWords(t, line, { metres: 52.5 })).toBe("52.5 m of chain, 60 m by her file");
  });

  it("says a part first where it stands in another sentence", () => {
    expect(
      saidIn(t, {
        key: "reading.added",
        values: { addedMl: 200 },
        parts: { sentence: { key: "reading.coolant", values: { levelPercent: 40, levelPercentRead: "yes" } } },
      }),
    ).toMatch(/40.*200 ml/);
  });
});
