import { anyOf, exactly, type FigureKind } from "./figure";

/** What things aboard are told by: the tender's length, the kilograms of a gas bottle, who the raft and the tender are for. */
export const stowed: FigureKind = {
  name: "stowed",
  units: ["m", "kg", "persons"],
  facts: ({ file }, text, { unit, clause, sentence, value }) => {
    const about = `${text.title} ${sentence}`.toLowerCase();
    if (unit === "kg")
      return /\bgas\b/.test(about)
        ? anyOf(Object.entries(file.gas).flatMap(([key, gas]) => exactly(`/gas/${key}/bottleKg`, gas.bottleKg)))
        : [];
    if (unit === "m")
      return /^(rigid |rubber |inflatable )?(tender|dinghy)\b/.test(text.title.toLowerCase()) &&
        /^\W*(tender|dinghy)?\W*[\d.,]+ m/.test(clause)
        ? anyOf(
            Object.entries(file.tenders).flatMap(([key, tender]) => exactly(`/tenders/${key}/lengthM`, tender.lengthM)),
          )
        : [];
    const own = text.collection === "inventory" ? file.inventory[text.key]?.raftPlaces : undefined;
    if (own !== undefined) return exactly(`/inventory/${text.key}/raftPlaces`, own);
    if (/\braft\b/.test(about))
      return [{ path: "/particulars/maximumAboard", fits: () => value >= file.particulars.maximumAboard }];
    if (/\b(tender|dinghy)\b/.test(about) && /\b(carries|for|at most|holds|takes|no more|aboard)\b/.test(clause))
      return anyOf(
        Object.entries(file.tenders).flatMap(([key, tender]) =>
          exactly(`/tenders/${key}/maximumAboard`, tender.maximumAboard),
        ),
      );
    return /\b(at most|maximum|aboard|no more than)\b/.test(clause)
      ? exactly("/particulars/maximumAboard", file.particulars.maximumAboard)
      : [];
  },
};
