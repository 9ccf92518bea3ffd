import { anyOf, exactly, type FigureKind } from "./figure";
import { nameWords } from "../things";

const container = /\b(can|bottle|jar|bucket|flask|jerrycan|kettle|clean water|fresh water|oil|coolant)\b/;

/** Litres of a tank: what it holds, and one step of its gauge. */
export const tanks: FigureKind = {
  name: "tanks",
  units: ["l"],
  facts: (boat, text, { sentence, clause }) => {
    if (container.test(`${text.title} ${clause}`.toLowerCase())) return [];
    const words = nameWords(`${text.title} ${sentence}`);
    const isTank = /\b(tanks?|holds?|capacity|full)\b/.test(`${text.title} ${sentence}`.toLowerCase());
    if (!isTank && text.collection !== "tanks") return [];
    const all = Object.entries(boat.file.tanks);
    const fits = (name: string) => nameWords(name).every((word) => words.includes(word));
    const here = all.filter(
      ([key, tank]) => (text.collection === "tanks" && key === text.key) || fits(tank.name.en ?? key),
    );
    const like = all.filter(([, { holds }]) =>
      holds === "fuel"
        ? /\b(fuel|diesel|petrol)\b/.test(sentence) || /\b(fuel|diesel|petrol)\b/i.test(text.title)
        : new RegExp(`\\b${holds === "waste" ? "(holding|waste)" : "water"}\\b`, "i").test(`${text.title} ${sentence}`),
    );
    return anyOf(
      (here.length > 0 ? here : like).flatMap(([key, tank]) =>
        /\b(finer|step|eighth)/.test(sentence)
          ? exactly(`/tanks/${key}/gaugeStepL`, tank.gaugeStepL, 0.5)
          : exactly(`/tanks/${key}/capacityL`, tank.capacityL),
      ),
    );
  },
};
