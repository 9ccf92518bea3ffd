import type { FigureId } from "../figures-sheet";
import type { Findable } from "./findable";
import type { FindableKind } from "./findable-kinds";
import { isNumber, type Question, type Wish } from "./question";
import { termsOf, type Term } from "./terms";
import { doing } from "./vocabulary/doing";
import { thingOf } from "./vocabulary/lexicon";

/** How far each kind is what somebody means, by what the question is after. */
const kindWeight: Record<Wish, Record<FindableKind, number>> = {
  fault: {
    procedure: 1,
    card: 0.95,
    oddity: 0.7,
    fitting: 0.72,
    line: 0.6,
    source: 0.6,
    equipment: 0.4,
    inventory: 0.6,
    figure: 0.3,
  },
  doing: {
    procedure: 1.12,
    card: 0.8,
    oddity: 0.75,
    fitting: 0.95,
    line: 0.85,
    source: 0.9,
    equipment: 0.4,
    inventory: 0.75,
    figure: 0.5,
  },
  where: {
    procedure: 0.62,
    card: 0.6,
    oddity: 0.8,
    fitting: 1.05,
    line: 1.0,
    source: 0.8,
    equipment: 0.5,
    inventory: 1.05,
    figure: 0.5,
  },
  amount: {
    procedure: 0.8,
    card: 0.5,
    oddity: 0.7,
    fitting: 0.95,
    line: 0.5,
    source: 0.4,
    equipment: 0.4,
    inventory: 1.05,
    figure: 1.3,
  },
  thing: {
    procedure: 0.92,
    card: 0.85,
    oddity: 0.75,
    fitting: 1.02,
    line: 0.98,
    source: 0.85,
    equipment: 0.5,
    inventory: 1.02,
    figure: 1,
  },
};
/** Weight of what is about something wrong, by whether something is wrong. */
const faultWeight = (isFault: boolean, wish: Wish): number => {
  if (wish === "fault") return isFault ? 1.25 : 0.82;
  return isFault ? (wish === "thing" ? 0.84 : 0.7) : 1;
};
/** How much a match counts by where it stands, beside the name and what people say. */
const fieldWeight = { kind: 0.6, sort: 0.6, where: 0.4, text: 0.3 } as const;
const undoing = new Map(
  doing.flatMap(({ does, undoneBy }) => (undoneBy === undefined ? [] : [[does, undoneBy] as const])),
);

/** One thing that can be asked for, with the meanings out of all that is said of it. */
export interface Entry {
  findable: Findable;
  /** its name, and each thing that people say when they need it */
  sayings: ReadonlySet<Term>[];
  fields: { weight: number; terms: ReadonlySet<Term> }[];
}

/** What is known of all that can be asked for: how rare a term is, and whether any of some terms stands anywhere. */
export interface Known {
  rarity: (term: Term) => number;
  isThere: (terms: ReadonlyMap<Term, number>) => boolean;
}

function thereOf(entries: readonly Entry[]): Known["isThere"] {
  const all = new Set(
    entries.flatMap(({ sayings, fields }) =>
      [...sayings, ...fields.map(({ terms }) => terms)].flatMap((terms) => [...terms]),
    ),
  );
  return (terms) => [...terms.keys()].some((term) => all.has(term));
}

/** What is known of some entries together. */
export const knownOf = (entries: readonly Entry[]): Known => ({
  rarity: raritiesOf(entries),
  isThere: thereOf(entries),
});

/** Reads all that is said of a thing. */
export function entryOf(findable: Findable): Entry {
  const sayings = [findable.title, ...findable.asked.split(" | ")]
    .filter((saying) => saying !== "")
    .map((saying) => new Set(termsOf(saying)));
  const field = (weight: number, text: string) => ({ weight, terms: new Set(termsOf(text)) });
  return {
    findable,
    sayings,
    fields: [
      { weight: fieldWeight.kind, terms: new Set(sayings.flatMap((saying) => [...saying].flatMap(kindsOf))) },
      field(fieldWeight.sort, findable.sort),
      field(fieldWeight.where, findable.where),
      field(fieldWeight.text, findable.text),
    ],
  };
}

/** What a thing is one of, by its name's last word: a water pump is a pump. */
function kindsOf(term: Term): Term[] {
  if (!term.startsWith("thing:")) return [];
  const last = term.slice(6).split(" ").at(-1) ?? "";
  const kind = thingOf(last);
  return kind === null || `thing:${kind}` === term ? [] : [`thing:${kind}`];
}

/** How rare a term is among names and what people say: from near 0 for one that everything has to 1 for one alone. */
function raritiesOf(entries: readonly Entry[]): (term: Term) => number {
  const count = new Map<Term, number>();
  for (const { sayings } of entries)
    for (const term of new Set(sayings.flatMap((saying) => [...saying]))) count.set(term, (count.get(term) ?? 0) + 1);
  const all = Math.log(1 + entries.length);
  return (term) => Math.max(0.15, Math.log(1 + entries.length / (count.get(term) ?? 1)) / all);
}

/** How far a thing answers a question; 0 for not at all. */
export function scoreOf({ findable, sayings, fields }: Entry, question: Question, { rarity, isThere }: Known): number {
  if (findable.kind === "figure") {
    const far = question.figures.get(findable.key as FigureId) ?? 0;
    return far * kindWeight[question.wish].figure;
  }
  const { wanted, wish, does } = question;
  const weights = wanted.map(({ term, terms, weight }) => weight * rarity(term) * (isThere(terms) ? 1 : 0.15));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  if (total === 0) return 0;
  const far = (terms: ReadonlyMap<Term, number>, of: ReadonlySet<Term>) => {
    let best = 0;
    for (const [term, weight] of terms) if (weight > best && of.has(term)) best = weight;
    return best;
  };
  const beside = wanted.map(({ terms }) => Math.max(...fields.map((field) => field.weight * far(terms, field.terms))));
  let best = 0;
  const [title] = sayings;
  for (const saying of sayings) {
    let covered = 0;
    wanted.forEach(({ terms }, at) => {
      covered += (weights[at] ?? 0) * Math.max(far(terms, saying), beside[at] ?? 0);
    });
    const share = covered / total;
    const fit = fitOf(saying, question, rarity);
    best = Math.max(
      best,
      share ** 2 *
        (0.5 + 0.5 * fit) *
        (share > 0.95 && fit > 0.95 ? 1.25 : 1) *
        doingWeight(saying, does) *
        (saying === title && namesAll(saying, wanted) ? 1.08 : 1),
    );
  }
  return best * kindWeight[wish][findable.kind] * faultWeight(findable.isFault, wish);
}

/** Whether a thing's own name has every thing that is asked for. */
const namesAll = (title: ReadonlySet<Term>, wanted: Question["wanted"]): boolean => {
  const things = wanted.map(({ term }) => term).filter((term) => term.startsWith("thing:"));
  return things.length > 0 && things.every((term) => title.has(term));
};

/** How much of a saying the question has. */
function fitOf(saying: ReadonlySet<Term>, { wanted }: Question, rarity: (term: Term) => number): number {
  let [met, all] = [0, 0];
  for (const term of saying) {
    if (isNumber(term)) continue;
    const weight = (/^(doing|wrong|side):/.test(term) ? 0.4 : 1) * rarity(term);
    all += weight;
    met += weight * Math.max(0, ...wanted.map(({ terms }) => terms.get(term) ?? 0));
  }
  return all === 0 ? 0 : met / all;
}

/** What undoes what is asked for is not meant. */
function doingWeight(saying: ReadonlySet<Term>, does: readonly string[]): number {
  const isUndone = does.some((each) => {
    const undone = undoing.get(each);
    return (
      undone !== undefined && !does.includes(undone) && saying.has(`doing:${undone}`) && !saying.has(`doing:${each}`)
    );
  });
  return isUndone ? 0.6 : 1;
}
