import { anyOf, exactly, type FigureKind } from "./figure";
import { isOfGenerator } from "./engines";

/** Minutes to wait after a trip, and minutes without load before a generator is stopped. */
export const waits: FigureKind = {
  name: "waits",
  units: ["min"],
  facts: (boat, text, { clause, sentence }) => {
    if (isOfGenerator(boat, text) && /\b(without|no load|cool|unloaded)\b/.test(sentence))
      return Object.entries(boat.file.generators).flatMap(([key, generator]) =>
        exactly(`/generators/${key}/coolDownMinutes`, generator.coolDownMinutes),
      );
    if (!/\b(wait|trip|tripped|breaker|push|back|reset)\b/.test(sentence) || /\bsleeps?\b/.test(clause)) return [];
    return anyOf(
      boat
        .fittingsOf(text)
        .flatMap((key) => exactly(`/fittings/${key}/waitMinutes`, boat.file.fittings[key]?.waitMinutes)),
    );
  },
};
