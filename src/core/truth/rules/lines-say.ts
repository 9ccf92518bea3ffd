import type { RunningLine } from "../../yacht/parts/lines";
import type { Found } from "../finding";
import type { TruthRule } from "./rule";

const colours = "white|red|blue|green|yellow|orange|black|grey|violet|brown";
/** How people call each kind of line. */
const called: readonly (readonly [kinds: readonly RunningLine["kind"][], words: string])[] = [
  [["halyard"], "halyard"],
  [["sheet"], "(?:main|head|jib |genoa )?sheets?"],
  [["reef"], "(?:reef|reefing|clew) lines?"],
  [["furling"], "(?:furling|furler) line"],
  [["outhaul"], "outhaul"],
  [["topping-lift"], "topping lift"],
  [["traveller"], "traveller lines?"],
  [["vang"], "vang"],
];
const patterns = called.map(([kinds, words]) => ({
  kinds,
  coloured: new RegExp(
    `\\b(${colours})(?:(?: and |[- /])(?:${colours}))? (?:main |headsail |first |second )?(?:${words})\\b`,
    "giu",
  ),
  clutched: new RegExp(`\\b(?:${words})\\b[^.;:]*\\b(?:in|at|through) (?:its|the) clutch\\b`, "iu"),
}));

/** Lines that only some boats have, where the file knows its lines. */
const perhaps: readonly (readonly [kind: RunningLine["kind"], word: RegExp])[] = [
  ["outhaul", /\bouthaul\b/i],
  ["topping-lift", /\btopping lift\b/i],
  ["vang", /\bvang\b/i],
];

/**
 * A line that a text names by its colour has that colour, one that it sends to a clutch runs through one, and a text
 * names no line that she has not.
 */
export const linesSay: TruthRule = {
  name: "lines-say",
  find: ({ file, texts }) => {
    const lines = Object.entries(file.lines);
    if (lines.length === 0) return [];
    const names = lines.map(([, { name }]) => name.en ?? "").join(" ");
    const missing = perhaps.filter(
      ([kind, word]) => !lines.some(([, line]) => line.kind === kind) && !word.test(names),
    );
    return texts.flatMap(({ path, words, collection }): Found[] => {
      if (collection === "lines") return [];
      for (const { kinds, coloured, clutched } of patterns) {
        const hers = lines.filter(([, { kind }]) => kinds.includes(kind));
        if (hers.length === 0) continue;
        if (clutched.test(words) && hers.every(([, { clutch }]) => clutch === undefined))
          return [{ path, code: "says-other", fact: `/lines/${hers[0]![0]}/mark` }];
        for (const [, colour = ""] of words.matchAll(coloured))
          if (
            !hers.some(([, line]) => [line.colour, line.fleck].includes(colour.toLowerCase() as RunningLine["colour"]))
          )
            return [{ path, code: "says-other", fact: `/lines/${hers[0]![0]}/colour` }];
      }
      return missing.some(([, word]) => word.test(words)) ? [{ path, code: "names-missing", fact: null }] : [];
    });
  },
};
