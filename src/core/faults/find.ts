import type { Findable } from "../yacht/finder/findable";
import { questionOf } from "../yacht/finder/question";
import { entryOf, knownOf, scoreOf } from "../yacht/finder/rank";
import { knownWords, wordsOf } from "../yacht/finder/vocabulary/lexicon";
import type { Fault } from "./fault";

/** Below this an answer is a chance word. */
const leastScore = 0.12;

/**
 * Finds which fault somebody means who does not know the word for it.
 *
 * @param titleOf what the fault is called, in the language of who asks
 * @returns the faults that fit what was said, best first; none for nothing said
 */
export function makeFaultFinder(
  faults: readonly Fault[],
  titleOf: (fault: Fault) => string,
): (ask: string, most?: number) => Fault[] {
  const byId = new Map(faults.map((fault) => [fault.key, fault]));
  const entries = faults.map((fault) => entryOf(findableOf(fault, titleOf(fault))));
  const known = new Set(knownWords);
  for (const { findable } of entries)
    for (const word of wordsOf([findable.title, findable.asked, findable.sort].join(" "))) known.add(word);
  const together = knownOf(entries);
  return (ask, most = 3) => {
    const question = questionOf(ask, known);
    return entries
      .map((entry) => ({ key: entry.findable.key, score: scoreOf(entry, question, together) }))
      .filter(({ score }) => score >= leastScore)
      .toSorted((a, b) => b.score - a.score)
      .slice(0, most)
      .flatMap(({ key }) => byId.get(key) ?? []);
  };
}

const findableOf = ({ key, system, asked }: Fault, title: string): Findable => ({
  id: `fault:${key}`,
  kind: "procedure",
  ...{ key, title, where: "", place: null, text: "" },
  asked: [...asked.en, ...asked.de].join(" | "),
  sort: system.replaceAll("-", " "),
  isFault: true,
});
