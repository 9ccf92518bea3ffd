import "server-only";
import { ZxcvbnFactory } from "@zxcvbn-ts/core";
import * as common from "@zxcvbn-ts/language-common";
import * as english from "@zxcvbn-ts/language-en";
import { AppError } from "@/api/app-error";

/** Characters from which on a password is long enough, whatever it is made of. */
const longEnough = 12;
/** Of 0 to 4: more than ten thousand million guesses. Three lets a name with a year pass. */
const goodScore = 4;

/** Each word of what is known by itself: a password is guessed by its parts. */
const knownWords = (known: readonly string[]): string[] =>
  [
    ...new Set([...known, ...known.flatMap((each) => each.split(/[^\p{L}\p{N}]+/u))].map((word) => word.toLowerCase())),
  ].filter((word) => word.length > 2);

let checker: ZxcvbnFactory | undefined;
const zxcvbn = () =>
  (checker ??= new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
  }));

/**
 * Refuses a password that is short, or that is guessed before long: by its words, dates, rows of keys, and what everybody
 * at the base knows.
 *
 * @param known name, address and base of who it is for
 * @throws AppError `weak-password`
 */
export function needGoodPassword(password: string, known: readonly string[]): void {
  if (password.length < longEnough) throw new AppError("weak-password", { why: "short" }, "password");
  // the longest that is looked at: beyond it nobody guesses, and looking takes long
  const { score } = zxcvbn().check(password.slice(0, 100), knownWords(known));
  if (score < goodScore) throw new AppError("weak-password", { why: "guessed" }, "password");
}
