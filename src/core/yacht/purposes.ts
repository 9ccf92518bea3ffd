import type { FittingPurpose, ProcedurePurpose } from "./parts/purposes";
import type { YachtFile } from "./schema";

/** Whether one of these procedures is for that, whatever the base calls it. */
export const servesPurpose = (
  { procedures }: Pick<YachtFile, "procedures">,
  keys: readonly string[],
  ...purposes: ProcedurePurpose[]
): boolean =>
  keys.some((key) => {
    const purpose = procedures[key]?.purpose;
    return purpose !== undefined && purposes.includes(purpose);
  });

/** Whether a stop takes a fitting up: it is at its place and of its system. */
export const takesUp = (
  stop: Pick<YachtFile["stops"][string], "place" | "system">,
  fitting: Pick<YachtFile["fittings"][string], "place" | "system">,
): boolean => stop.place === fitting.place && stop.system === fitting.system;

/** Keys of the fittings that work or feed that. */
export const fittingsFor = ({ fittings }: Pick<YachtFile, "fittings">, purpose: FittingPurpose): string[] =>
  Object.keys(fittings).filter((key) => fittings[key]?.purpose === purpose);
