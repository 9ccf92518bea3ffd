import { anyOf, exactly, type FigureKind } from "./figure";

/** Length and current of the cords to the quay. */
export const shore: FigureKind = {
  name: "shore",
  units: ["m", "A"],
  facts: (boat, text, { unit, sentence }) => {
    const about = `${text.title} ${sentence}`.toLowerCase();
    if (!/\b(shore|cord|quay|pedestal)\b/.test(about) || /\b(shore line|hose|line)\b/.test(about)) return [];
    if (text.collection === "fittings" && unit === "A" && boat.file.fittings[text.key]?.ratingA !== undefined)
      return [];
    return anyOf(
      Object.entries(boat.file.shoreCords).flatMap(([key, cord]) =>
        unit === "m"
          ? /\bcord\b/.test(about)
            ? exactly(`/shoreCords/${key}/lengthM`, cord.lengthM)
            : []
          : exactly(`/shoreCords/${key}/currentA`, cord.currentA),
      ),
    );
  },
};
