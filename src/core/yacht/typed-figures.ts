import { textsOf } from "./figures";
import type { YachtFile } from "./schema";

/** A figure that stands in a text as typed, and the field of the file that has it. */
export interface TypedFigure {
  /** JSON pointer of the text */
  path: string;
  /** as it stands in the text: "5 minutes" */
  figure: string;
  /** what to write in its place: `{fittings.windlass-breaker.waitMinutes}` */
  reference: string;
}

/**
 * A text with a typed figure taken from the file instead; its unit stays as it was written.
 *
 * @example writtenAsReference("Wait 5 minutes.", { figure: "5 minutes", reference: "{fittings.windlass-breaker.waitMinutes}" }) // "Wait {fittings.windlass-breaker.waitMinutes} minutes."
 */
export function writtenAsReference(
  text: string,
  { figure, reference }: Pick<TypedFigure, "figure" | "reference">,
): string {
  return text.replace(figure, () => figure.replace(/^\d+(\.\d+)?/, reference));
}

/** How a unit is written in words, by the ending of the fields that carry it. */
const units: readonly (readonly [ending: string, words: RegExp])[] = [
  ["Seconds", /^(s|sec|seconds?)$/],
  ["Minutes", /^(min|minutes?)$/],
  ["Hours", /^(h|hours?)$/],
  ["L", /^(l|litres?)$/],
  ["Rpm", /^(rpm|revs?|revolutions)$/],
  ["A", /^(a|amps?|amperes?)$/],
  ["M", /^(m|metres?)$/],
  ["Kg", /^(kg|kilos?)$/],
];

/** Fields with a unit, by number and the ending of their name. */
function fieldsOf(file: YachtFile): Map<string, string> {
  const fields = new Map<string, string>();
  for (const collection of [
    "engines",
    "tanks",
    "batteries",
    "generators",
    "fittings",
    "groundTackle",
    "gas",
    "particulars",
  ] as const) {
    const visit = (part: unknown, path: string) => {
      if (typeof part !== "object" || part === null || Array.isArray(part)) return;
      for (const [name, value] of Object.entries(part)) {
        const unit = units.find(([ending]) => name.endsWith(ending) && name.length > ending.length);
        if (typeof value === "number" && unit && !fields.has(`${value} ${unit[0]}`))
          fields.set(`${value} ${unit[0]}`, `${path}.${name}`);
        else visit(value, `${path}.${name}`);
      }
    };
    visit(file[collection], collection);
  }
  return fields;
}

/**
 * Figures typed into texts where the file has a field of the same number and unit: when the field changes, the text
 * would not. A hint and no fault: two things may be five minutes by chance.
 */
export function typedFigures(file: YachtFile): TypedFigure[] {
  const fields = fieldsOf(file);
  return textsOf(file).flatMap(({ path, text }) =>
    [...text.replaceAll(/\{[^}]*\}/g, " ").matchAll(/(\d+(?:\.\d+)?)\s*([A-Za-z]+)/g)].flatMap(
      ([figure, number = "", word = ""]): TypedFigure[] => {
        const unit = units.find(([, words]) => words.test(word.toLowerCase()));
        const reference = unit && fields.get(`${Number(number)} ${unit[0]}`);
        return reference === undefined ? [] : [{ path, figure, reference: `{${reference}}` }];
      },
    ),
  );
}
