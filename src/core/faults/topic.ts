import { topicsOf } from "../briefing/topics";
import type { YachtFile } from "../yacht/schema";
import type { Fault } from "./fault";

/** The stop of the briefing that takes up a fault: which looks at what it looks at, else which is of its system; null where none is. */
export function topicOfFault(file: YachtFile, { system, checks }: Pick<Fault, "system" | "checks">): string | null {
  const looked = new Set(checks.map(({ fitting }) => fitting));
  const ranked = topicsOf(file)
    .map(({ id, system: its, fittings }) => ({
      id,
      isOfSystem: its === system,
      shared: fittings.filter((fitting) => looked.has(fitting)).length,
    }))
    .filter(({ isOfSystem, shared }) => isOfSystem || shared > 0)
    .toSorted((a, b) => b.shared - a.shared || Number(b.isOfSystem) - Number(a.isOfSystem));
  return ranked[0]?.id ?? null;
}
