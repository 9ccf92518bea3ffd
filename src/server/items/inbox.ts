import "server-only";
import type { TSchema } from "@sinclair/typebox";
import { AppError } from "@/api/app-error";
import type { ItemAnswer } from "@/api/schemas/book";
import { badText } from "@/formats/sound-text";
import { mismatch } from "@/formats/validate";
import { errorWords } from "@/messages/error-words";
import { englishTranslator } from "@/messages/translator";

/** What became of an item that was sound: it is here now, was here, came after a signature, or cannot be kept and why. */
export type Outcome = "kept" | "same" | "late" | AppError;

/** An item on its way into the database, with the hash of its content. */
export interface Arrived<T> {
  id: string;
  item: T;
  hash: string;
}

/**
 * One kind of thing that devices make under an id of their own and send until it is answered: entries, addenda, answers
 * of a study, notes.
 */
export interface ItemKind<T extends { id: string }> {
  schema: TSchema;
  hashOf: (item: T) => string;
  /** why an item of the right form cannot be kept, or null */
  check: (item: T) => Promise<AppError | null> | AppError | null;
  /** keeps items in the order they came; what is here already with the same hash has no effect */
  keep: (items: readonly Arrived<T>[]) => Promise<Outcome[]>;
}

/**
 * Takes what a device sent, each item by itself: one that was sent before has no effect again, one with a known id and
 * other content is refused, and a refused one blocks no other.
 */
export async function takeItems<T extends { id: string }>(
  kind: ItemKind<T>,
  items: readonly unknown[],
): Promise<ItemAnswer[]> {
  const answers: ItemAnswer[] = [];
  const sound: (Arrived<T> & { index: number })[] = [];
  for (const [index, each] of items.entries()) {
    const problem = formProblem(kind.schema, each) ?? (await kind.check(each as T));
    if (problem) answers[index] = answerOf(idOf(each), problem);
    else sound.push({ index, id: (each as T).id, item: each as T, hash: kind.hashOf(each as T) });
  }
  const outcomes = sound.length > 0 ? await kind.keep(sound) : [];
  sound.forEach(
    ({ index, id }, at) => (answers[index] = answerOf(id, outcomes[at] ?? new AppError("unforeseen", { request: "" }))),
  );
  return answers;
}

/**
 * Keeps items one after the other, for kinds that are few.
 *
 * @param find the hash of what is kept under an id, or null
 * @param add keeps one that is not here yet
 * @param room how many more may be kept, where there is an end to it
 */
export function oneByOne<T extends { id: string }>(
  find: (id: string) => Promise<string | null>,
  add: (arrived: Arrived<T>) => Promise<void>,
  room: () => Promise<number> = () => Promise.resolve(Infinity),
): ItemKind<T>["keep"] {
  return async (items) => {
    let left = await room();
    const keepOne = async (arrived: Arrived<T>): Promise<Outcome> => {
      const known = await find(arrived.id);
      if (known !== null) return known === arrived.hash ? "same" : new AppError("other-content");
      if (left <= 0) return new AppError("too-many-kept");
      left -= 1;
      await add(arrived);
      return "kept";
    };
    const outcomes: Outcome[] = [];
    for (const arrived of items) outcomes.push(await keepOne(arrived));
    return outcomes;
  };
}

function formProblem(schema: TSchema, item: unknown): AppError | null {
  const wrong = mismatch(schema, item);
  if (wrong) return new AppError("wrong-form", { what: wrong.message }, wrong.where);
  const place = badText(item);
  return place === null ? null : new AppError("wrong-text", { place }, place);
}

const idOf = (item: unknown): string => String((item as { id?: unknown } | null)?.id ?? "").slice(0, 100);

function answerOf(id: string, outcome: Outcome): ItemAnswer {
  if (outcome === "kept" || outcome === "same") return { id, status: outcome, code: null, message: null };
  const error = outcome === "late" ? new AppError("after-seal") : outcome;
  return {
    id,
    status: outcome === "late" ? "late" : "refused",
    code: error.code,
    message: errorWords(englishTranslator(), error),
  };
}
