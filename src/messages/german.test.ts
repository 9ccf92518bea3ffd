import { parse } from "@formatjs/icu-messageformat-parser";
import { de } from "./de";
import { en } from "./en";
import { drillCatalogues } from "./drills";
import { faultCatalogues } from "./faults";
import { translatorOf } from "./translator";

type Words = Readonly<Record<string, Readonly<Record<string, string>>>>;
const allGerman = { ...de, ...drillCatalogues.de, ...faultCatalogues.de };
const german = Object.entries(allGerman as Words).flatMap(([group, words]) =>
  Object.entries(words).map(([key, text]) => ({ group, key, text })),
);
const english = en as Words;

/** The names of a message's values and their kinds, each once. */
function valuesOf(text: string): string[] {
  const names = new Set<string>();
  const look = (elements: ReturnType<typeof parse>): void => {
    for (const element of elements) {
      if ("value" in element && element.type !== 0) names.add(element.value);
      if ("options" in element) for (const { value } of Object.values(element.options)) look(value);
    }
  };
  look(parse(text));
  return [...names].sort();
}

/** What only the base's people see, by group; everything else of a group that is there at all is said in German. */
const deskAlone: Readonly<Record<string, RegExp>> = {
  after: /^(visit-)/,
  error: /./,
  desk: /./,
  received: /^(?!device|problem)/,
  // what stands on the statement is said in German, the forms that put it there are the desk's
  extra: /^(?!below-water$|fuel|late$)|^fuel-words/,
};

describe("the German catalogue", () => {
  it("says nothing that the English one does not", () => {
    const strange = german.filter(({ group, key }) => english[group]?.[key] === undefined);
    expect(strange.map(({ group, key }) => `${group}.${key}`)).toEqual([]);
  });

  it("is whole in every group that the skipper's side has", () => {
    const missing = Object.keys(allGerman).flatMap((group) =>
      Object.keys(english[group] ?? {})
        .filter((key) => (allGerman as Words)[group]?.[key] === undefined && !deskAlone[group]?.test(key))
        .map((key) => `${group}.${key}`),
    );
    expect(missing).toEqual([]);
  });

  it("puts in the same values as the English one", () => {
    const other = german.filter(
      ({ group, key, text }) => valuesOf(text).join() !== valuesOf(english[group]?.[key] ?? "").join(),
    );
    expect(other.map(({ group, key }) => `${group}.${key}`)).toEqual([]);
  });

  it("is German, and nowhere left in English", () => {
    const same = german.filter(
      ({ group, key, text }) => text === english[group]?.[key] && /[a-z]{4}/i.test(text.replaceAll(/\{[^}]*\}/g, "")),
    );
    // Code, Name, Generator, Autopilot, Start, Alarm, Tank, neutral … are the same in both
    expect(same.map(({ group, key }) => `${group}.${key}`).length).toBeLessThan(32);
  });

  it("falls back to English where there is no German", () => {
    const t = translatorOf("de");
    expect(t("tabs.today")).toBe("Heute");
    expect(t("rules.title")).toBe(en.rules.title);
  });
});
