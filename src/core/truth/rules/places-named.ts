import type { Boat } from "../boat";
import { sentencesOf } from "../clauses";
import type { Found } from "../finding";
import { mentionAt, nameWords, thingsNamed, type Thing } from "../things";
import type { Text } from "../texts";
import type { TruthRule } from "./rule";

/** Collections whose texts tell people where to go. */
const telling = new Set<string>([
  "emergencyCards",
  "procedures",
  "oddities",
  "rules",
  "tests",
  "stops",
  "fittings",
  "inventory",
  "readings",
  "tenders",
]);

/** A sentence that says of one thing in which place it is says the place where it is. */
export const placesNamed: TruthRule = {
  name: "places-named",
  find: (boat) => {
    const places = Object.entries(boat.file.places)
      .map(([key, { name }]) => ({ key, words: nameWords((name.en ?? "").replace(",", "")) }))
      .filter(({ words }) => words.length > 1)
      .sort((a, b) => b.words.length - a.words.length);
    const placesIn = (sentence: string) => {
      const words = nameWords(sentence);
      return places.filter((place) => mentionAt(words, place.words) >= 0).map(({ key }) => key);
    };
    return boat.texts.flatMap((text): Found[] => {
      if (!telling.has(text.collection) || text.field === "name" || text.field === "title") return [];
      for (const sentence of sentencesOf(text.words)) {
        // "on the wheel or in the port lazarette" says no one place, and a place's own thing is not in it
        if (/\bor\b|['’]s\b/.test(sentence)) continue;
        const said = placesIn(sentence);
        if (said.length !== 1) continue;
        const sent = stepPlace(boat, text);
        if (sent !== null && sent !== said[0])
          return [{ path: text.path, code: "place-differs", fact: text.path.replace(/words$/, "place") }];
        const things = spokenOf(boat, sentence, text.fitting, text.title);
        if (things.length === 0 || things.some(({ place }) => place === said[0])) continue;
        return [{ path: text.path, code: "place-differs", fact: `${things[0]!.path}/place` }];
      }
      return [];
    });
  },
};

/** Where a step itself sends people. */
function stepPlace(boat: Boat, { collection, key, field }: Text): string | null {
  const at = collection === "procedures" ? /^steps\/(\d+)\/words$/.exec(field)?.[1] : undefined;
  return at === undefined ? null : (boat.file.procedures[key]?.steps[Number(at)]?.place ?? null);
}

/** The one thing that a sentence is about; none where it names several. */
function spokenOf({ things, index }: Boat, sentence: string, fitting: string | null, title: string): Thing[] {
  // "sight glass" is no glass: a thing of one word is known by its title alone
  const named = thingsNamed(sentence, index).filter(
    ({ collection, words }) => collection === "fittings" || words.length > 1,
  );
  const names = new Set(named.map(({ words }) => words.join(" ")));
  if (names.size > 1) return [];
  if (names.size === 1) return named;
  if (fitting !== null) return things.filter(({ collection, key }) => collection === "fittings" && key === fitting);
  const byTitle = thingsNamed(title, index);
  return new Set(byTitle.map(({ words }) => words.join(" "))).size === 1 ? byTitle : [];
}
