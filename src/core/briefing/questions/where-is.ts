import { localizeFigures } from "../../yacht/figures";
import type { FittingKind } from "../../yacht/parts/fittings";
import { placeOptions } from "./place-options";
import type { QuestionKind } from "./question";

/** What is asked for first when it is needed, in the order in which it is asked about. */
const wanted: readonly FittingKind[] = [
  "life-raft",
  "extinguisher",
  "cut-off",
  "valve",
  "seacock",
  "pump",
  "breaker",
  "handle",
  "locker",
  "remote",
  "control",
  "switch",
  "socket",
];

/** Where a thing is that one must find at night. */
export const whereIs: QuestionKind = {
  name: "where-is",
  make: (topic, file) => {
    if (!topic.safety) return [];
    const used = topic.procedures.flatMap(
      (key) => file.procedures[key]?.steps.flatMap((step) => (step.fitting ? [step.fitting] : [])) ?? [],
    );
    const [key] = [...new Set([...used, ...topic.fittings])]
      .filter((each) => wanted.includes(file.fittings[each]?.kind as FittingKind))
      .sort(
        (a, b) =>
          wanted.indexOf(file.fittings[a]?.kind as FittingKind) -
            wanted.indexOf(file.fittings[b]?.kind as FittingKind) || (a < b ? -1 : 1),
      );
    const fitting = key === undefined ? undefined : file.fittings[key];
    if (key === undefined || !fitting) return [];
    const id = `where-is-${key}`;
    return [
      {
        id,
        topic: topic.id,
        ask: "where-is",
        values: { what: localizeFigures(file, fitting.name) },
        right: fitting.place,
        options: placeOptions(id, fitting.place, file),
      },
    ];
  },
};
