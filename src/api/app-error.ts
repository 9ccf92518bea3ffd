import { errors, type ErrorCode } from "./errors";

/** A sum of money in a sentence; the reader's language decides how it is written. */
export interface MoneyParam {
  minor: number;
  currency: string;
}

/** What an error's sentence needs besides its code. */
export type ErrorParams = Readonly<Record<string, string | number | MoneyParam>>;

/**
 * A request that is refused for a reason the person can do something about. Nothing was changed. It speaks in a code and
 * values; the sentence for people stands in the catalogue.
 */
export class AppError extends Error {
  override readonly name = "AppError";
  constructor(
    readonly code: ErrorCode,
    readonly params: ErrorParams = {},
    /** where in the input, as a JSON pointer or a field's name */
    readonly where: string | null = null,
    /** the sentence, where it is known already: on a device, as the base said it */
    sentence?: string,
    /** as the wire had it, where that is not the code's own: a proxy that answers for us */
    private readonly answered?: number,
  ) {
    super(sentence ?? code);
  }

  get status(): number {
    return this.answered ?? errors[this.code];
  }
}

/** Whether a word is one of our error codes. */
export const isErrorCode = (word: string): word is ErrorCode => Object.hasOwn(errors, word);
