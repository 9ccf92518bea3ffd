import type { Found } from "../finding";
import type { TruthRule } from "./rule";

const colours = "red|blue|green|yellow|white|black|grey|orange|brown";
const colourFirst = new RegExp(`\\b(${colours})\\b(?:\\s+(?:is|marks|at|for))?\\s+(\\d+)(?:\\s*m\\b)?`, "giu");
const metresFirst = new RegExp(`\\b(\\d+)\\s*m(?:etres)?\\s+(?:is\\s+|in\\s+)?(${colours})\\b`, "giu");

/** Which colour on the chain is how many metres is the same wherever it is told. */
export const marksSay: TruthRule = {
  name: "marks-say",
  find: (boat) => {
    const marked = Object.entries(boat.file.groundTackle).find(([, { marks }]) => marks.length > 0);
    if (!marked) return [];
    const [key, { marks }] = marked;
    const is = (colour: string, atM: number) =>
      marks.some((mark) => mark.atM === atM && (mark.colour.en ?? "").toLowerCase().includes(colour));
    return boat.texts.flatMap((text): Found[] => {
      if (!/chain|mark|anchor/i.test(`${text.title} ${text.words} ${text.key}`) || text.collection === "groundTackle")
        return [];
      const said = [
        ...[...text.words.toLowerCase().matchAll(colourFirst)].map(
          ([, colour = "", m = ""]) => [colour, Number(m)] as const,
        ),
        ...[...text.words.toLowerCase().matchAll(metresFirst)].map(
          ([, m = "", colour = ""]) => [colour, Number(m)] as const,
        ),
      ];
      return said.some(([colour, atM]) => !is(colour, atM))
        ? [{ path: text.path, code: "says-other", fact: `/groundTackle/${key}/marks` }]
        : [];
    });
  },
};
