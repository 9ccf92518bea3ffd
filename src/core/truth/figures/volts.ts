import { chargingPractice } from "../../readings/charging";
import { practiceLimits } from "../../readings/battery-rest";
import { isBlank } from "../../yacht/parts/blank";
import type { FigureKind } from "./figure";

/**
 * Volts from which a bank is held to charge, by the rule that judges the reading, and volts below which a bank asks for
 * something, by the limits of its own file.
 */
export const volts: FigureKind = {
  name: "volts",
  units: ["V"],
  facts: ({ file }, { words }, { before, sentence }) => {
    const banks = Object.entries(file.batteries).filter(([, { chemistry }]) => !isBlank(chemistry));
    if (/\b(above|over|at least)\s*$/.test(before) && /\b(rise|revs|charg|alternator|running)/.test(sentence))
      return banks
        .filter(([, { duty }]) => duty === "service")
        .flatMap(([, { chemistry, nominalV }]) => {
          const from = (chargingPractice[chemistry].watchBelowV * nominalV) / 12;
          return [{ path: null, fits: ({ value }) => Math.abs(value - from) < 0.05 }];
        });
    if (!/\bbelow\s*$/.test(before)) return [];
    const named = banks.filter(([, { duty, name }]) =>
      new RegExp(`\\b(${duty}|${(name.en ?? duty).toLowerCase()})\\b`).test(words.toLowerCase()),
    );
    return named.flatMap(([key, { limits, chemistry, duty, nominalV }]) => {
      const scale = nominalV / 12;
      const practice = practiceLimits(chemistry, duty);
      const known = limits
        ? [limits.stopBelowV, limits.watchBelowV]
        : [practice.stopBelowV * scale, practice.watchBelowV * scale];
      return [
        {
          path: limits ? `/batteries/${key}/limits` : null,
          fits: ({ value }) => known.some((each) => Math.abs(each - value) < 0.01),
        },
      ];
    });
  },
};
