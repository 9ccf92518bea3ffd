import { valueAt } from "../yacht/draft/pointer";
import type { YachtFile } from "../yacht/schema";

/** Units as texts write them, by the ending of the fields that carry them. */
const written: readonly (readonly [ending: string, words: string])[] = [
  ["Seconds", "seconds?|secs?|s"],
  ["Minutes", "minutes?|mins?"],
  ["Rpm", "revs|rpm|revolutions"],
  ["Kg", "kg|kilos?|kilograms?"],
  ["Kn", "kn|knots?"],
  ["L", "l|litres?"],
  ["A", "A|amps?|amperes?"],
  ["M", "m|metres?"],
];
const number = "\\d+(?:[.,]\\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty";

/**
 * A text with its figure taken from the file: the first one with the fact's unit.
 *
 * @param fact JSON pointer of a number of the file
 * @returns null where the fact is no number, or no figure of its unit stands in the text
 * @example withReference(file, "Hold stop four seconds.", "/engines/main/stopHoldSeconds") // "Hold stop {engines.main.stopHoldSeconds} seconds."
 */
export function withReference(file: YachtFile, text: string, fact: string): string | null {
  if (typeof valueAt(file, fact) !== "number") return null;
  const unit = written.find(([ending]) => fact.endsWith(ending))?.[1];
  if (unit === undefined) return null;
  const figure = new RegExp(`(?<![\\p{L}\\d.,{])(?:${number})(?=[\\s-]*(?:full )?(?:${unit})(?![\\p{L}]))`, "iu");
  return figure.test(text) ? text.replace(figure, `{${fact.slice(1).replaceAll("/", ".")}}`) : null;
}
