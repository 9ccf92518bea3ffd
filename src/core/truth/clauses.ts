const decimals = /(\d)\.(?=\d)/g;
/** Stands for the point of a decimal while a text is cut at its points. */
const point = "\u2024";

/** A text cut into sentences; a decimal point cuts nothing. */
export const sentencesOf = (text: string): string[] =>
  text
    .replace(decimals, `$1${point}`)
    .split(/(?<=[.!?])\s+|(?<=[.!?])$/)
    .map((each) => each.replaceAll(point, ".").trim())
    .filter((each) => each !== "");

/** A text cut into the shortest parts that say one thing. */
export const clausesOf = (text: string): string[] =>
  sentencesOf(text)
    .flatMap((sentence) => sentence.replace(decimals, `$1${point}`).split(/[.;:!?]\s*|,\s+|,$|\s+(?:then|but)\s+/))
    .map((each) => each.replaceAll(point, ".").trim())
    .filter((each) => each !== "");

/** The words of a text in small letters, without marks; what is joined by a hyphen is one. */
export const wordsIn = (text: string): string[] =>
  text.toLowerCase().match(/[\p{L}\p{N}]+(?:[-'’][\p{L}\p{N}]+)*/gu) ?? [];

/** A word without the end that its number or time gives it: enough to tell one thing from another. */
export const stem = (word: string): string =>
  word
    .replace(/['’]s$/, "")
    .replace(/ies$/, "y")
    .replace(/(?<=[^s])s$/, "");
