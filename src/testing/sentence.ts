import { AppError } from "../api/app-error";
import { errorWords } from "../messages/error-words";
import { englishTranslator } from "../messages/translator";

/** What a person reads when something is refused; fails where nothing is. */
export async function sentenceOf(work: Promise<unknown>): Promise<string> {
  const error: unknown = await work.then(
    () => null,
    (thrown: unknown) => thrown,
  );
  if (!(error instanceof AppError)) throw new Error(`nothing was refused: ${String(error)}`);
  return errorWords(englishTranslator(), error);
}
