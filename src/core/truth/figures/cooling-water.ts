import { exactly, type FigureKind } from "./figure";
import { enginesOf, isOfGenerator } from "./engines";

const water = /\b(water|jet|nothing)\b/;

/** Seconds within which cooling water must be seen. */
export const coolingWater: FigureKind = {
  name: "cooling-water",
  units: ["s"],
  facts: (boat, text, { clause, before, sentence }) => {
    if (!water.test(clause) || !/\b(within|after|in|for)\b/.test(before)) return [];
    if (/\b(hold|press|flush|tap)\b/.test(before) || /\b(tank|hot|filler|taps?)\b/.test(sentence)) return [];
    if (isOfGenerator(boat, text))
      return Object.entries(boat.file.generators).flatMap(([key, generator]) =>
        exactly(`/generators/${key}/coolingWaterSeconds`, generator.coolingWaterSeconds),
      );
    return enginesOf(boat, text).flatMap(([key, engine]) =>
      exactly(`/engines/${key}/coolingWaterSeconds`, engine.coolingWaterSeconds),
    );
  },
};
