import { usualLanguage } from "../basics/languages";
import { localize, type Words } from "../basics/words";
import type { YachtFile } from "./schema";

const reference = /\{([A-Za-z]+(?:\.[A-Za-z0-9-]+)+)\}/g;

/** What a reference such as `engines.main.coolingWaterSeconds` leads to in a file, written out; null when it leads nowhere. */
export function figureAt(file: YachtFile, path: string, language: string = usualLanguage): string | null {
  const found = path
    .split(".")
    .reduce<unknown>(
      (part, key) =>
        typeof part === "object" && part !== null && Object.hasOwn(part, key)
          ? (part as Record<string, unknown>)[key]
          : undefined,
      file,
    );
  if (typeof found === "number" || typeof found === "string") return String(found);
  if (Array.isArray(found))
    return found.length > 0 && found.every(isMark)
      ? found.map((mark) => `${mark.atM} m ${localize(mark.colour, language)}`).join(", ")
      : null;
  return typeof found === "object" && found !== null && "en" in found ? localize(found as Words, language) : null;
}

const isMark = (value: unknown): value is { atM: number; colour: Words } =>
  typeof value === "object" && value !== null && "atM" in value && "colour" in value;

/**
 * A text of the file with the file's own figures written in, so that text and figures never disagree.
 *
 * @example fillFigures("Water within {engines.main.coolingWaterSeconds} seconds.", file) // "Water within 12 seconds."
 * @param text a reference that leads nowhere is left as it stands; the checks name it
 */
export function fillFigures(text: string, file: YachtFile, language: string = usualLanguage): string {
  return text.replaceAll(reference, (whole, path: string) => figureAt(file, path, language) ?? whole);
}

/** Words of the file in one language, with the file's own figures written in. */
export function localizeFigures(file: YachtFile, words: Words, language: string = usualLanguage): string {
  return fillFigures(localize(words, language), file, language);
}

/** Words of the file in every language, with the file's own figures written in: for what is kept apart from the file. */
export function filledWords(file: YachtFile, words: Words): Words {
  return Object.fromEntries(
    Object.entries(words).map(([language, text]) => [language, fillFigures(text, file, language)]),
  ) as Words;
}

/** The references in a text that lead nowhere. */
export function brokenFigures(text: string, file: YachtFile): string[] {
  return [...text.matchAll(reference)].flatMap(([, path = ""]) => (figureAt(file, path) === null ? [path] : []));
}

/** The references in a text, in their order, each once. */
export function referencesIn(text: string): string[] {
  return [...new Set([...text.matchAll(reference)].map(([, path = ""]) => path))];
}

/** A figure of the file that a text can refer to. */
export interface FigureField {
  /** as it is written in a text, without the braces: `engines.main.stopHoldSeconds` */
  reference: string;
  /** the part it is of, by its own name */
  part: string;
  field: string;
  value: number;
}

/** Collections whose numbers texts speak of. */
const withFigures = [
  "particulars",
  "engines",
  "generators",
  "tanks",
  "batteries",
  "chargers",
  "inverters",
  "fittings",
  "groundTackle",
  "sails",
  "reefs",
  "gas",
  "tenders",
] as const;

/** Every number of the file that a text can refer to, in the file's order. */
export function figureFields(file: YachtFile): FigureField[] {
  const of = (at: string, name: string, part: object) =>
    Object.entries(part).flatMap(([field, value]): FigureField[] =>
      typeof value === "number" ? [{ reference: `${at}.${field}`, part: name, field, value }] : [],
    );
  return withFigures.flatMap((collection) =>
    collection === "particulars"
      ? of(collection, file.particulars.name, file.particulars)
      : Object.entries(file[collection] as Record<string, { name?: Words }>).flatMap(([key, part]) =>
          of(`${collection}.${key}`, part.name?.en ?? key, part),
        ),
  );
}

/** Every text of a file with the place where it stands (a JSON pointer), in English. */
export function textsOf(part: unknown, path = ""): { path: string; text: string }[] {
  if (typeof part !== "object" || part === null) return [];
  if (!Array.isArray(part) && typeof (part as Words).en === "string") return [{ path, text: (part as Words).en ?? "" }];
  return Object.entries(part).flatMap(([key, value]) => textsOf(value, `${path}/${key}`));
}
