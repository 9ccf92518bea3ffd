import type { TruthRule } from "./rule";

/** A sheet or halyard winch turns clockwise, as all do; the clutch of a windlass is none. */
export const winchesTurn: TruthRule = {
  name: "winches-turn",
  find: (boat) =>
    boat.texts
      .filter(
        ({ collection, key, fitting, words }) =>
          /\banti-?clockwise\b/i.test(words) &&
          boat.file.fittings[fitting ?? (collection === "fittings" ? key : "")]?.kind === "winch" &&
          !/clutch|lowers|keel/i.test(words),
      )
      .map(({ path }) => ({ path, code: "says-other" as const, fact: null })),
};
