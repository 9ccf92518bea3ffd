import { localize } from "../../basics/words";
import type { YachtFile } from "../../yacht/schema";
import { mixed, type Question } from "./question";

/** A place among three others of the same yacht. */
export function placeOptions(question: string, right: string, { places }: YachtFile): Question["options"] {
  const name = (place: string) => localize(places[place]?.name ?? { en: place });
  const others = mixed(
    question,
    Object.keys(places)
      .filter((place) => name(place) !== name(right))
      .map((id) => ({ id })),
  ).slice(0, 3);
  return [{ id: right }, ...others].map(({ id }) => ({ id, words: { text: name(id) } }));
}
