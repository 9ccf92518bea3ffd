import { anyOf, exactly, type FigureKind } from "./figure";

/** Amperes of a breaker or fuse, and of what charges. */
export const ratings: FigureKind = {
  name: "ratings",
  units: ["A"],
  facts: (boat, text, { sentence }) => {
    if (/\b(alternator|charger|solar|panel gives)\b/.test(sentence) && !/\bfuse\b/.test(sentence))
      return anyOf(
        Object.entries(boat.file.chargers)
          .filter(([, { kind }]) => sentence.includes(kind === "shore-charger" ? "charger" : kind))
          .flatMap(([key, charger]) => exactly(`/chargers/${key}/outputA`, charger.outputA)),
      );
    if (!/\b(breaker|fuse)\b/.test(`${text.title} ${sentence}`.toLowerCase())) return [];
    return anyOf(
      boat.fittingsOf(text).flatMap((key) => exactly(`/fittings/${key}/ratingA`, boat.file.fittings[key]?.ratingA)),
    );
  },
};
