import { usualLanguage } from "../basics/languages";
import { isRange, type Span } from "../basics/span";
import { localize, type Words } from "../basics/words";
import { blankFigure, blankWords } from "./parts/blank";
import type { YachtFile } from "./schema";

const reference = /\{([A-Za-z]+(?:\.[A-Za-z0-9-]+)+)\}|\[(fitting|item|place):([a-z0-9-]+)\]/g;
const named = { fitting: "fittings", item: "inventory", place: "places" } as const;

/** Where a reference leads: `{engines.main.chargingRpm}` to a figure, `[fitting:throttle]` to a name. */
const pathOf = (figure: string | undefined, kind: string | undefined, key: string | undefined): string =>
  figure ?? `${named[kind as keyof typeof named]}.${key ?? ""}.name`;

/** A number as it is read: with the language's own point, and its thousands apart from ten thousand on. */
const written = (value: number, language: string): string =>
  new Intl.NumberFormat(language === usualLanguage ? "en-GB" : language, {
    useGrouping: Math.abs(value) >= 10_000,
    maximumFractionDigits: 6,
  }).format(value);

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
  if (found === blankFigure) return blankWords;
  if (typeof found === "number") return written(found, language);
  if (typeof found === "string") return found;
  if (isRange(found)) return `${written(found.from, language)}–${written(found.to, language)}`;
  if (Array.isArray(found))
    return found.length > 0 && found.every(isMark)
      ? found.map((mark) => `${written(mark.atM, language)} m ${localize(mark.colour, language)}`).join(", ")
      : null;
  return typeof found === "object" && found !== null && "en" in found ? localize(found as Words, language) : null;
}

const isMark = (value: unknown): value is { atM: number; colour: Words } =>
  typeof value === "object" && value !== null && "atM" in value && "colour" in value;

/**
 * A text of the file with the file's own figures and names written in, so that text and facts never disagree.
 *
 * @example fillFigures("Water within {engines.main.coolingWaterSeconds} seconds.", file) // "Water within 12 seconds."
 * @example fillFigures("Prove it at the [fitting:throttle].", file) // "Prove it at the engine lever."
 * @param text a reference that leads nowhere is left as it stands; the checks name it
 */
export function fillFigures(text: string, file: YachtFile, language: string = usualLanguage): string {
  return text.replaceAll(
    reference,
    (whole, figure: string | undefined, kind: string | undefined, key: string | undefined, at: number) => {
      const said = figureAt(file, pathOf(figure, kind, key), language);
      // a name inside an English sentence is written small
      const isInside = kind !== undefined && language === usualLanguage && /[^\s.!?:]\s*$/.test(text.slice(0, at));
      return said === null ? whole : isInside ? said.charAt(0).toLowerCase() + said.slice(1) : said;
    },
  );
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
  return referencesIn(text).filter((path) => figureAt(file, path) === null);
}

/** The references in a text, in their order, each once. */
export function referencesIn(text: string): string[] {
  return [...new Set([...text.matchAll(reference)].map(([, figure, kind, key]) => pathOf(figure, kind, key)))];
}

/** A figure of the file that a text can refer to. */
export interface FigureField {
  /** as it is written in a text, without the braces: `engines.main.stopHoldSeconds` */
  reference: string;
  /** the part it is of, by its own name */
  part: string;
  field: string;
  value: Span;
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
      typeof value === "number" || isRange(value) ? [{ reference: `${at}.${field}`, part: name, field, value }] : [],
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
