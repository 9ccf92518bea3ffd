import { usualLanguage } from "../../basics/languages";
import type { YachtFile } from "../schema";
import { findables } from "./findable";
import type { FindableKind } from "./findable-kinds";
import { questionOf } from "./question";
import { entryOf, knownOf, scoreOf } from "./rank";
import { knownWords, wordsOf } from "./vocabulary/lexicon";

/** An answer: what it is and where it is. */
export interface Hit {
  kind: FindableKind;
  id: string;
  /** of a figure its id, whose word stands in the catalogue */
  title: string;
  where: string;
  place: string | null;
}

export interface Finder {
  /** The best answers to a question, best first; none for an empty one. */
  find: (ask: string, most?: number) => Hit[];
}

/** Below this an answer is a chance word. */
const leastScore = 0.12;

/**
 * Makes the finder of one yacht: it forgives typing errors, knows plain words for the field's terms, and takes
 * complaints ("no hot water") as questions. Made once per file; each question then takes a few milliseconds.
 */
export function makeFinder(file: YachtFile, language = usualLanguage): Finder {
  const entries = findables(file, language).map(entryOf);
  const known = new Set(knownWords);
  for (const { findable } of entries)
    for (const word of wordsOf([findable.title, findable.asked, findable.where, findable.sort].join(" ")))
      known.add(word);
  const together = knownOf(entries);
  return {
    find: (ask, most = 12) => {
      const question = questionOf(ask, known);
      return entries
        .map((entry) => ({ entry, score: scoreOf(entry, question, together) }))
        .filter(({ score }) => score >= leastScore)
        .sort((a, b) => b.score - a.score || (a.entry.findable.id < b.entry.findable.id ? -1 : 1))
        .slice(0, most)
        .map(({ entry: { findable } }) => ({
          kind: findable.kind,
          id: findable.key,
          title: findable.title,
          where: findable.where,
          place: findable.place,
        }));
    },
  };
}
