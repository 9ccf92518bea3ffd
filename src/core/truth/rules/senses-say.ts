import { sentencesOf } from "../clauses";
import type { Boat } from "../boat";
import type { Found } from "../finding";
import type { Text } from "../texts";
import type { TruthRule } from "./rule";

const senses = {
  "in line": "in-line",
  across: "across",
  clockwise: "clockwise",
  anticlockwise: "anticlockwise",
  pulled: "pulled",
  pushed: "pushed",
} as const;
const opposite: Readonly<Record<string, string>> = {
  "in-line": "across",
  across: "in-line",
  clockwise: "anticlockwise",
  anticlockwise: "clockwise",
  pulled: "pushed",
  pushed: "pulled",
};
const sense = "(in line|across|anticlockwise|clockwise|pulled|pushed)";
const state = "(opens?|empties|is on|shuts?|shut|is off|closes?|closed)";
const forward = new RegExp(
  `\\b${sense}\\b((?:[ ,]+(?!in line|across|clockwise|anticlockwise)[\\p{L}']+){0,4}?)[ ,]+${state}\\b`,
  "giu",
);
const backward = new RegExp(`\\b${state}[, ]+(?:(?:handle|lever|by turning|valve|it) )?${sense}\\b`, "giu");
const isOpen = (word: string) => /^(open|empt|is on)/i.test(word);

/** What turning or standing so means, as a text says it: `["in-line", true]` for "in line is open". */
function pairsIn(sentence: string): [sense: string, open: boolean][] {
  const first = [...sentence.matchAll(forward)].map(([, way = "", , means = ""]) => [way, means] as const);
  const then =
    first.length > 0 ? [] : [...sentence.matchAll(backward)].map(([, means = "", way = ""]) => [way, means] as const);
  return [...first, ...then].map(([way, means]) => [senses[way.toLowerCase() as keyof typeof senses], isOpen(means)]);
}

const told = /\b(?:turn|shut-off|cut-off|its|the) ?[^.;:?]*?\b(in line|across|anticlockwise|clockwise)\b/i;

/** In a fault or an emergency a cut-off is turned to shut: "turn the fuel cut-off across its pipe". */
function turnedTo(boat: Boat, text: Text, about: readonly string[]): [sense: string, open: boolean][] {
  const procedure = text.collection === "procedures" ? boat.file.procedures[text.key] : undefined;
  const isTrouble =
    text.collection === "emergencyCards" || procedure?.kind === "fault" || procedure?.kind === "emergency";
  if (!isTrouble || !about.some((key) => boat.file.fittings[key]?.kind === "cut-off")) return [];
  return sentencesOf(text.words).flatMap((sentence) => {
    const way = told.exec(sentence)?.[1];
    return way === undefined ||
      /\?|\b(open|again)\b/.test(sentence) ||
      !/\b(turn|shut-off|cut-off|lever)\b/i.test(sentence)
      ? []
      : [[senses[way.toLowerCase() as keyof typeof senses], false] as [string, boolean]];
  });
}

/** Which way a valve, cock or switch opens is the same wherever it is told. */
export const sensesSay: TruthRule = {
  name: "senses-say",
  find: (boat) =>
    boat.texts.flatMap((text): Found[] => {
      const about = text.fitting !== null ? [text.fitting] : boat.fittingsOf(text);
      const opening = about.filter((key) => boat.file.fittings[key]?.opens !== undefined);
      if (opening.length === 0) return [];
      const said = sentencesOf(text.words).flatMap(pairsIn);
      const pairs = said.length > 0 ? said : turnedTo(boat, text, opening);
      const wrong = opening.find((key) => {
        const opens = boat.file.fittings[key]!.opens!;
        return pairs.some(([way, open]) => (way === opens && !open) || (way === opposite[opens] && open));
      });
      // where a text is about several, what it says need be true of one of them
      const all = opening.every((key) => {
        const opens = boat.file.fittings[key]!.opens!;
        return pairs.some(([way, open]) => (way === opens && !open) || (way === opposite[opens] && open));
      });
      return wrong !== undefined && all
        ? [{ path: text.path, code: "says-other", fact: `/fittings/${wrong}/opens` }]
        : [];
    }),
};
