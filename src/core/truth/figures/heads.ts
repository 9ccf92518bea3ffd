import { exactly, within, type FigureKind } from "./figure";
import type { Boat } from "../boat";
import type { Text } from "../texts";

const isOfHead = (text: Text): boolean => /\b(head|toilet|bowl)\b/i.test(`${text.title} ${text.words}`);

/** The heads of the place that a text is for, else all. */
function headsOf(boat: Boat, text: Text): [string, Boat["file"]["heads"][string]][] {
  const all = Object.entries(boat.file.heads);
  const there = all.filter(([, head]) => head.place === text.place);
  return there.length > 0 ? there : all;
}

/** Strokes of a head's pump, and the seconds for which an electric one is held. */
export const heads: FigureKind = {
  name: "heads",
  units: ["strokes", "s"],
  facts: (boat, text, { unit, clause }) => {
    if (!isOfHead(text) || /bilge/i.test(text.title)) return [];
    return headsOf(boat, text).flatMap(([key, head]) =>
      unit === "strokes"
        ? within(`/heads/${key}/strokes`, head.strokes)
        : /\b(flush|hold|held)\b/.test(clause)
          ? exactly(`/heads/${key}/holdSeconds`, head.holdSeconds)
          : [],
    );
  },
};
