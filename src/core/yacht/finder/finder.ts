import { usualLanguage } from "../../basics/words";
import MiniSearch, { type Query, type SearchResult } from "minisearch";
import type { YachtFile } from "../schema";
import { findables, type Findable } from "./findable";
import type { FindableKind } from "./findable-kinds";
import { otherWordsFor } from "./plain-words";
import { askedWords, intentOf, stem, wordsOf } from "./terms";

/** An answer: what it is and where it is. */
export interface Hit {
  kind: FindableKind;
  id: string;
  title: string;
  where: string;
  place: string | null;
}

export interface Finder {
  /** The best answers to a question, best first; none for an empty one. */
  find: (ask: string, most?: number) => Hit[];
}

const otherWordWeight = 0.7;
/** How far each kind is what somebody means who asks for a thing, how to do something, or what is wrong. */
const kindWeight: Record<"fault" | "doing" | "thing", Record<FindableKind, number>> = {
  fault: { procedure: 1, card: 0.8, oddity: 0.7, fitting: 0.7, inventory: 0.5 },
  doing: { procedure: 1.4, card: 0.7, oddity: 0.8, fitting: 0.9, inventory: 0.7 },
  thing: { procedure: 0.8, card: 0.6, oddity: 0.75, fitting: 1.4, inventory: 1.35 },
};
/** Weight of what is about something wrong, when something is wrong and when nothing is. */
const faultWeight = { fault: 1.6, doing: 0.8, thing: 0.85 };

/**
 * Makes the finder of one yacht: it forgives typing errors, knows plain words for the field's terms, and takes
 * complaints ("no hot water") as questions. Made once per file; each question then takes a few milliseconds.
 */
export function makeFinder(file: YachtFile, language = usualLanguage): Finder {
  const all = new Map(findables(file, language).map((findable) => [findable.id, findable]));
  const index = new MiniSearch<Findable>({
    fields: ["title", "asked", "sort", "where", "text"],
    tokenize: wordsOf,
    processTerm: stem,
    searchOptions: {
      boost: { title: 5, asked: 4, sort: 1.2, where: 0.8, text: 0.4 },
      prefix: (term) => term.length > 3,
      fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : 0),
      weights: { fuzzy: 0.35, prefix: 0.6 },
    },
  });
  index.addAll([...all.values()]);
  return { find: (ask, most = 12) => answer(index, all, ask).slice(0, most) };
}

function answer(index: MiniSearch<Findable>, all: ReadonlyMap<string, Findable>, ask: string): Hit[] {
  const words = [...new Set(askedWords(ask))];
  if (words.length === 0) return [];
  const meant = new Map<string, Set<string>>();
  const mean = (term: string, word: string) => meant.set(stem(term), (meant.get(stem(term)) ?? new Set()).add(word));
  const queries = words.flatMap((word): Query[] => {
    const others = [...new Set([...otherWordsFor(word), ...otherWordsFor(stem(word))])];
    [word, ...others].forEach((term) => mean(term, word));
    return [
      word,
      ...others.map((other): Query => ({
        queries: [other],
        boostTerm: () => otherWordWeight,
        fuzzy: false,
        prefix: false,
      })),
    ];
  });
  const intent = intentOf(ask);
  const asked = words.map(stem);
  // who says "valve" or "fuse" means one
  const kindsAsked = new Set<string>([...meant.keys()]);
  const score = (result: SearchResult): number => {
    const findable = all.get(result.id as string);
    if (!findable) return 0;
    const matched = new Set(result.queryTerms.flatMap((term) => [...(meant.get(term) ?? [])]));
    const coverage = matched.size / words.length;
    return (
      result.score *
      coverage ** 2 *
      kindWeight[intent][findable.kind] *
      (findable.isFault ? faultWeight[intent] : 1) *
      nearness(closeness(asked, findable)) *
      (findable.fittingKind && kindsAsked.has(findable.fittingKind) ? 1.6 : 1)
    );
  };
  return index
    .search({ queries, combineWith: "OR" })
    .map((result) => ({ result, rank: score(result) }))
    .sort((a, b) => b.rank - a.rank || (String(a.result.id) < String(b.result.id) ? -1 : 1))
    .flatMap(({ result }): Hit[] => {
      const findable = all.get(result.id as string);
      return findable
        ? [
            {
              kind: findable.kind,
              id: findable.key,
              title: findable.title,
              where: findable.where,
              place: findable.place,
            },
          ]
        : [];
    });
}

/** A question that is the very name of a thing, or the very words people say, counts twice over. */
const nearness = (close: number) => (1 + 2 * close) * (close > 0.99 ? 2 : 1);

/** How much of a thing's own name, or of one thing people say, the question is: from 0 to 1. */
function closeness(asked: readonly string[], { title, asked: said }: Findable): number {
  const question = new Set(asked);
  const share = (phrase: string) => {
    const words = new Set(askedWords(phrase).map(stem));
    let both = 0;
    for (const word of words) if (question.has(word)) both += 1;
    return both === 0 ? 0 : (2 * both) / (words.size + question.size);
  };
  return Math.max(share(title), ...said.split(" | ").map(share));
}
