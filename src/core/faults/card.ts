import type { CardPurpose } from "../yacht/parts/purposes";
import type { YachtFile } from "../yacht/schema";

/** Her card for that danger; where she has none, the one for calling for help; null where she has not even that. */
export function cardFor(
  { emergencyCards }: Pick<YachtFile, "emergencyCards">,
  purpose: CardPurpose,
): YachtFile["emergencyCards"][string] | null {
  const cards = Object.values(emergencyCards);
  const of = (wanted: CardPurpose) => cards.find((card) => card.purpose === wanted);
  return of(purpose) ?? of("distress") ?? null;
}
