import { anyOf, exactly, type Fact, type FigureKind } from "./figure";
import type { Boat } from "../boat";
import type { Text } from "../texts";

type Tackle = Boat["file"]["groundTackle"][string];
const second = /\b(second|spare|kedge|stern)\b/i;

/** The anchor that a text speaks of: the second where it says so, else the first. */
function tackleOf(boat: Boat, text: Text): [string, Tackle][] {
  const all = Object.entries(boat.file.groundTackle);
  if (text.collection === "groundTackle") return all.filter(([key]) => key === text.key);
  const isSecond = second.test(`${text.title} ${text.words}`);
  const fitting = all.filter(([key, { name }]) => second.test(`${key} ${name.en ?? ""}`) === isSecond);
  return fitting.length > 0 ? fitting : isSecond ? [] : all;
}

/** How far the marks of a chain lie apart, where they lie evenly. */
const spacing = ({ marks }: Tackle): number | undefined =>
  marks.length > 1 && marks.every(({ atM }, i) => Math.abs(atM - (i + 1) * marks[0]!.atM) < 0.001)
    ? marks[0]!.atM
    : undefined;

function factsOf(path: string, tackle: Tackle, unit: string, before: string, after: string, clause: string): Fact[] {
  if (unit === "kg")
    return /\banchors?\b/.test(clause) || /^\s*$/.test(before) ? exactly(`${path}/anchorKg`, tackle.anchorKg) : [];
  if (unit === "mm") return exactly(`${path}/chainDiameterMm`, tackle.chainDiameterMm);
  if (/\b(each|every)\s*$/.test(before)) return exactly(`${path}/marks`, spacing(tackle));
  if (/^\s*(of )?(rope|line|warp)\b/.test(after)) return exactly(`${path}/ropeM`, tackle.ropeM);
  if (/^\s*(of )?(the )?chain\b/.test(after) || /\bchain( is)?\s*$/.test(before) || /^\s*of \d+ mm/.test(after))
    return exactly(`${path}/chainM`, tackle.chainM);
  if (/\bchain\b/.test(clause) && /\b(all|carries|aboard|whole|length)\b/.test(clause))
    return anyOf([...exactly(`${path}/chainM`, tackle.chainM), ...exactly(`${path}/ropeM`, tackle.ropeM)]);
  return [];
}

/** Weight, lengths and marks of anchor, chain and rope. */
export const groundTackle: FigureKind = {
  name: "ground-tackle",
  units: ["kg", "m", "mm"],
  facts: (boat, text, { unit, before, after, clause, sentence }) => {
    const about = `${text.title} ${sentence}`.toLowerCase();
    if (!/\b(anchor|chain|rode)\b/.test(about) || /\bmooring|spring line|gas\b/.test(about)) return [];
    // of "Second anchor, 14 kg" the clause of the figure is empty but for it: the title says what it is
    const said = text.field === "name" ? `${text.title.toLowerCase().split(/\d/)[0] ?? ""} ${before}` : before;
    return tackleOf(boat, text).flatMap(([key, tackle]) =>
      factsOf(
        `/groundTackle/${key}`,
        tackle,
        unit,
        text.field === "name" ? said.replace(/[,\s]+$/, "") : before,
        after,
        `${clause} ${text.field === "name" ? said : ""}`,
      ),
    );
  },
};
