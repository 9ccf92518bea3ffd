import { createTranslator } from "next-intl";
import { entryOf, listOf, countLine, id } from "../testing/records";
import { fold } from "../core/handover/fold";
import { en } from "./en";
import { findings } from "./findings";
import { englishTranslator } from "./translator";

const keys = Object.entries(en).flatMap(([group, words]) =>
  Object.entries(words).map(([key, text]) => [`${group}.${key}`, text] as const),
);

describe("the catalogue", () => {
  it("has only messages that can be said", () => {
    const faults: string[] = [];
    const t = createTranslator({
      locale: "en-GB",
      messages: en,
      onError: (error) => faults.push(error.message),
    }) as unknown as (key: string, values: Record<string, unknown>) => string;
    for (const [key, text] of keys) {
      const names = [...text.matchAll(/\{(\w+)/g)].map((match) => match[1] ?? "");
      t(key, Object.fromEntries(names.map((name) => [name, 2])));
    }
    expect(faults).toEqual([]);
  });

  it("speaks as a briefer talks, not as a program", () => {
    for (const [key, text] of keys)
      expect(`${key}: ${text}`).not.toMatch(/success|submit|\bN\/A\b|invalid|null|undefined|click/i);
  });
});

describe("findings", () => {
  const t = englishTranslator();
  const list = listOf([countLine("fender", { expected: 6 }), countLine("oar", { place: "saloon" })]);

  it("says nothing of what is all here and fine", () => {
    expect(findings(t, list, fold([entryOf(1, "line:count:fender", "count", { count: 6 })]))).toEqual([]);
  });

  it("says what is short, with both sides' words, in the order of the places", () => {
    const entries = [
      entryOf(1, "line:count:oar", "count", { count: 1 }),
      entryOf(2, "line:count:fender", "count", { count: 5 }),
      entryOf(3, "line:count:fender", "remark:skipper", { words: "Five when we came." }),
      entryOf(4, `found:${id(9)}`, "found", { place: "locker", words: "a red bag", count: 1 }),
    ];
    expect(findings(t, list, fold(entries)).map((finding) => `${finding.place}: ${finding.words}`)).toEqual([
      "Locker: counted 5 of 6, one short · Skipper: Five when we came.",
      "Locker: 1 × a red bag",
      "Saloon: counted 1 of 2, one short",
    ]);
  });
});
