import { doing } from "./vocabulary/doing";
import { asking, empty, happenings } from "./vocabulary/asking";
import { figuresAsked } from "./vocabulary/figures";
import { phraseAt, stemOf, wordsOf } from "./vocabulary/lexicon";
import { leads } from "./vocabulary/leads";
import { meantWords } from "./spelling";
import { termsOf, type Term } from "./terms";
import { figureIds, type FigureId } from "../figures-sheet";

/** What a question is after. */
export type Wish = "fault" | "doing" | "where" | "amount" | "thing";

/** One thing a question asks for: any of these terms answers it, the first best. */
export interface Wanted {
  /** what was said */
  term: Term;
  /** how far each answers it, from 0 to 1 */
  terms: ReadonlyMap<Term, number>;
  /** how much it counts beside the others */
  weight: number;
}

export interface Question {
  wanted: Wanted[];
  wish: Wish;
  /** what is to be done, where something is: "off" */
  does: readonly string[];
  /** the figures that it may ask for, and how far */
  figures: ReadonlyMap<FigureId, number>;
}

const slipWeight = 0.85;
const has = (text: string, phrases: readonly string[]) => phrases.some((phrase) => text.includes(` ${phrase} `));

/** Reads a question: corrects what is mistyped, and finds what it is about, what is wrong, what is to be done and what is asked. */
export function questionOf(ask: string, known: ReadonlySet<string>): Question {
  const isKnown = (word: string) => known.has(word) || known.has(stemOf(word)) || empty.has(word);
  const typed = wordsOf(ask);
  // a word alone that nobody knows is mistyped, or not yet typed to its end
  const slips = new Map<string, string[]>();
  const sound = typed.map((word, at) => {
    if (isKnown(word) || phraseAt(typed, at)) return word;
    const meant = meantWords(word, known);
    if (meant.length === 0) return word;
    slips.set(meant[0] ?? word, meant.slice(1));
    return meant[0] ?? word;
  });
  const text = sound.join(" ");
  const terms = termsOf(text, isKnown);
  const alternatives = new Map<Term, Map<Term, number>>();
  for (const [first, others] of slips) {
    const [of] = termsOf(first);
    if (of)
      alternatives.set(of, new Map(others.flatMap((word) => termsOf(word).map((term) => [term, slipWeight] as const))));
  }
  const wanted = terms.map((term): Wanted => ({
    term,
    terms: new Map([...leadsOf(term), ...(alternatives.get(term) ?? []), [term, 1] as const]),
    weight: familyWeight(term),
  }));
  const does = terms.filter((term) => term.startsWith("doing:")).map((term) => term.slice(6));
  const figures = figuresOf(text, terms);
  return { wanted, wish: wishOf(` ${text} `, terms, figures), does, figures };
}

const nearDoing = new Map(doing.map(({ does, near }) => [does, near ?? {}]));

/** What a term leads to besides itself. */
function leadsOf(term: Term): [Term, number][] {
  const [family, id] = [term.slice(0, 5), term.slice(6)];
  const others = family === "thing" ? leads[id] : family === "doing" ? nearDoing.get(id) : undefined;
  return Object.entries(others ?? {}).map(([other, far]) => [`${family as "thing" | "doing"}:${other}`, far]);
}

/** "20", "14 mm": never what is asked for by itself. */
export const isNumber = (term: Term): boolean => /^word:(\d+|kg|mm|cm|m|l|litre|liter)$/.test(term);

function familyWeight(term: Term): number {
  if (term === "wrong:nothing") return 0.2;
  if (term === "thing:spare" || term === "thing:small") return 0.4;
  if (term.startsWith("thing:")) return 1;
  if (term.startsWith("word:")) return isNumber(term) ? 0.2 : 0.8;
  if (term.startsWith("side:")) return 0.4;
  return term.startsWith("wrong:") ? 0.6 : 0.4;
}

function wishOf(text: string, terms: readonly Term[], figures: ReadonlyMap<FigureId, number>): Wish {
  if (has(text, asking.amount) || Math.max(0, ...figures.values()) > 0.5) return "amount";
  if (terms.some((term) => term.startsWith("wrong:") || happenings.has(term.slice(6)))) return "fault";
  if (has(text, asking.where)) return "where";
  if (has(text, asking.how) || terms.some((term) => term.startsWith("doing:"))) return "doing";
  return "thing";
}

/** Words that say which size is asked for, though they say nothing of a thing. */
const sizes = new Set(["how", "long", "deep", "high", "wide", "much", "many", "big", "fast", "heavy", "wie"]);
const telling = (text: string): string[] =>
  wordsOf(text)
    .filter((word) => !empty.has(word) || sizes.has(word))
    .map(stemOf);

const figureNames = figureIds.flatMap((id) => figuresAsked[id].names.map((name) => ({ id, words: telling(name) })));

/** Which figures a question may ask for, and how far: the more of it is a way to ask for one. */
function figuresOf(text: string, terms: readonly Term[]): Map<FigureId, number> {
  const asked = telling(text);
  const found = new Map<FigureId, number>();
  const note = (id: FigureId, far: number) => found.set(id, Math.max(found.get(id) ?? 0, far));
  for (const { id, words } of figureNames) {
    if (words.length === 0 || !words.every((word) => asked.includes(word))) continue;
    const rest = asked.filter((word) => !words.includes(word)).length;
    note(id, Math.min(1, 0.55 + 0.15 * words.length) / (1 + 0.3 * rest));
  }
  for (const id of figureIds) {
    const { of = [], size = [] } = figuresAsked[id];
    if (of.some((thing) => terms.includes(`thing:${thing}`)) && has(` ${text} `, size)) note(id, 0.75);
  }
  return found;
}
