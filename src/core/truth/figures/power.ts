import { anyOf, exactly, type FigureKind } from "./figure";

/** Watts of inverter and generator, kilowatts of an outboard. */
export const power: FigureKind = {
  name: "power",
  units: ["W", "kW"],
  facts: ({ file }, text, { unit, sentence }) => {
    const about = `${text.title} ${text.key} ${sentence}`.toLowerCase();
    if (unit === "kW")
      return /\boutboard\b/.test(about)
        ? anyOf(
            Object.entries(file.tenders).flatMap(([key, { outboard }]) =>
              exactly(`/tenders/${key}/outboard/powerKw`, outboard?.powerKw),
            ),
          )
        : [];
    const of = /\binverter\b|from the batteries/.test(about)
      ? "inverters"
      : /\bgenerator\b/.test(about)
        ? "generators"
        : null;
    return of === null
      ? []
      : anyOf(Object.entries(file[of]).flatMap(([key, part]) => exactly(`/${of}/${key}/powerW`, part.powerW)));
  },
};
