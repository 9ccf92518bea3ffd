import { InputError } from "../basics/calculation";
import { walkInput } from "../briefing/stops/walk-input";
import { walkProblem } from "../briefing/walk/problem";
import { localize } from "../basics/words";
import { titleOf } from "../briefing/topics";
import type { YachtFile } from "../yacht/schema";
import type { FileCheck } from "./check";

/** The briefing can be walked: no stop waits for itself by way of the rules, and every one can be reached. */
export const walkPossible: FileCheck = {
  name: "walk-possible",
  level: "error",
  find: (file) => {
    try {
      walkProblem(walkInput(file, "deck-first"));
      return [];
    } catch (error) {
      if (error instanceof InputError)
        return [{ path: "/stops", message: `the briefing cannot be walked: ${withTitles(file, error.message)}` }];
      throw error;
    }
  },
};

/** The planner knows stops and places by their keys; who reads this knows them by title and name. */
function withTitles(file: YachtFile, message: string): string {
  const named = (key: string) =>
    key in file.stops
      ? `“${localize(titleOf(file, key))}”`
      : key in file.places
        ? `“${localize(file.places[key]?.name ?? {})}”`
        : key;
  return message.replaceAll(
    /"([a-z0-9-]+)"|(?<=circle: .*)([a-z0-9-]+)/g,
    (_all, quoted: string | undefined, listed: string | undefined) => named(quoted ?? listed ?? ""),
  );
}
