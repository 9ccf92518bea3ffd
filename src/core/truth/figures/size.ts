import { exactly, type FigureKind } from "./figure";

/** How large and heavy she is, how fast she may go, and when she wants a reef. */
export const size: FigureKind = {
  name: "size",
  units: ["m", "t", "kg", "kn"],
  facts: ({ file: { particulars, reefs } }, text, { unit, value, clause, sentence }) => {
    if (unit === "t")
      // spoken weights are round: nine tonnes are 8.5 to 9.5
      return [
        {
          path: "/particulars/displacementKg",
          fits: () => Math.abs(value * 1000 - particulars.displacementKg) <= Math.max(500, value * 50),
        },
      ];
    if (unit === "kg")
      // nothing that lies aboard weighs as much as a boat
      return value >= 500 || /\b(displaces|weighs|she is)\b/.test(clause)
        ? exactly("/particulars/displacementKg", particulars.displacementKg, 100)
        : [];
    if (unit === "kn") {
      if (/\breef/.test(sentence)) {
        const rows = Object.entries(reefs).sort(([, a], [, b]) => a.order - b.order);
        const row = /\bsecond\b/.test(clause)
          ? rows[1]
          : /\b(first|reef at|early)\b/.test(clause)
            ? rows[0]
            : undefined;
        return row ? exactly(`/reefs/${row[0]}/fromKn`, row[1].fromKn) : [];
      }
      return /\b(cruising|under engine|limited|base limits)\b/.test(sentence)
        ? exactly("/particulars/limitedSpeedKn", particulars.limitedSpeedKn)
        : [];
    }
    if (/\b(air draught|mast|bridge|clearance)\b/.test(clause) && /\b(high|height|air draught|under)\b/.test(clause))
      return exactly("/particulars/airDraughtM", particulars.airDraughtM, 0.05);
    if (/\b(draught|draws|deep)\b/.test(clause) && !/\bwater\b/.test(clause))
      return exactly("/particulars/draughtM", particulars.draughtM, 0.05);
    if (/\b(she is|her length|long overall)\b/.test(clause) && /\blong|length\b/.test(clause))
      return exactly("/particulars/lengthM", particulars.lengthM, 0.05);
    return /\b(beam|wide)\b/.test(clause) ? exactly("/particulars/beamM", particulars.beamM, 0.05) : [];
  },
};
