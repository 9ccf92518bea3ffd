import type { Words } from "../basics/words";
import type { YachtFile } from "./schema";

/** What a fitting is to another part of the yacht. */
export type FittingRole =
  | { role: "outlet" | "own-bank" | "relief"; of: Words }
  | { role: "gauge-switch"; of: Words; stands: Words }
  | { role: "y-valve"; of: Words; toTank: Words; toSea: Words };

/** What a fitting is to heads, banks, ground tackle and tanks, as the file says it there and not at the fitting itself. */
export function fittingRoles(
  file: Pick<YachtFile, "heads" | "batteries" | "groundTackle" | "tanks">,
  fitting: string,
): FittingRole[] {
  return [
    ...Object.values(file.heads).flatMap(({ name, outlet, otherOutlets = [], yValve }): FittingRole[] => [
      ...(outlet === fitting || otherOutlets.includes(fitting) ? [{ role: "outlet" as const, of: name }] : []),
      ...(yValve?.fitting === fitting
        ? [{ role: "y-valve" as const, of: name, toTank: yValve.toTank, toSea: yValve.toSea }]
        : []),
    ]),
    ...Object.values(file.batteries).flatMap(({ name, works = [] }): FittingRole[] =>
      works.includes(fitting) ? [{ role: "own-bank", of: name }] : [],
    ),
    ...Object.values(file.groundTackle).flatMap(({ name, reliefAt }): FittingRole[] =>
      reliefAt === fitting ? [{ role: "relief", of: name }] : [],
    ),
    ...Object.values(file.tanks).flatMap(({ name, gaugeSwitch }): FittingRole[] =>
      gaugeSwitch?.fitting === fitting ? [{ role: "gauge-switch", of: name, stands: gaugeSwitch.stands }] : [],
    ),
  ];
}
