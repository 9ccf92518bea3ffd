import { textsOf } from "../../yacht/figures";
import type { YachtFile } from "../../yacht/schema";
import type { Boat } from "../boat";
import { stem, wordsIn } from "../clauses";
import type { Found } from "../finding";
import type { Text } from "../texts";

const common = new Set(
  "the a an of and with in on at its her for to by is are it this one two under behind from as off be no not or up down out own side then when she".split(
    " ",
  ),
);
const telling = (words: string): string[] =>
  wordsIn(words)
    .map(stem)
    .filter((word) => !common.has(word) && word.length > 2);

/** A fitting that a sister has otherwise than her class: what the class's words say of it and hers do not. */
interface Override {
  key: string;
  field: string;
  gone: ReadonlySet<string>;
}

const ofFittings = ["where", "how", "name", "caution"] as const;

function overridesOf(classFile: YachtFile, file: YachtFile): Override[] {
  return Object.entries(file.fittings).flatMap(([key, fitting]) => {
    const before = classFile.fittings[key];
    if (!before) return [];
    const moved = before.place !== fitting.place;
    return ofFittings.flatMap((field): Override[] => {
      const [was, is] = [before[field]?.en, fitting[field]?.en];
      if (was === undefined || was === is) return [];
      const now = new Set(telling(`${is ?? ""} ${file.places[fitting.place]?.name.en ?? ""}`));
      const gone = telling(`${was} ${moved ? (classFile.places[before.place]?.name.en ?? "") : ""}`);
      return [{ key, field, gone: new Set(gone.filter((word) => !now.has(word) && !usual.has(word))) }];
    });
  });
}

/** Words that many fittings have: they tell nothing of one. */
const usual = new Set(
  "side port starboard low high small large engine handle forward aft left right upper lower end locker switch panel bunk door inside turn way open shut line pipe across clockwise anticlockwise winch coachroof companionway button front foot cover plug bottom top back again once push press pull hold held lift take give first last two three four five wait before after".split(
    " ",
  ),
);

/**
 * Texts that are still the class's although she overrides what they rest on: they speak of the fitting, and in words that
 * are the class's fitting's and not hers.
 */
export function classTexts(boat: Boat, classFile: YachtFile): Found[] {
  const before = new Map(textsOf(classFile).map(({ path, text }) => [path, text]));
  const overrides = overridesOf(classFile, boat.file);
  return boat.texts.flatMap((text): Found[] => {
    if (before.get(text.path) !== text.raw || text.field === "name" || text.field === "title") return [];
    const about = new Set(boat.fittingsOf(text));
    const words = telling(text.words);
    const stale = overrides.find(({ key, gone }) => {
      const hits = new Set(words.filter((word) => gone.has(word))).size;
      return hits > 0 && hits + named(boat, about, key, text) >= 3;
    });
    return stale ? [{ path: text.path, code: "class-text", fact: `/fittings/${stale.key}/${stale.field}` }] : [];
  });
}

/** How surely a text speaks of a fitting: two where it works or names it, else by how much of its name a card or a step says. */
function named(boat: Boat, about: ReadonlySet<string>, key: string, { title, words, collection }: Text): number {
  if (about.has(key)) return 2;
  if (!["emergencyCards", "tests", "stops", "procedures"].includes(collection)) return -1;
  const said = new Set(telling(`${title} ${words}`));
  const name = telling(boat.file.fittings[key]?.name.en ?? "").filter((word) => said.has(word)).length;
  // of a name of which nothing is said it is not spoken
  return name === 0 ? -9 : Math.min(2, name);
}
