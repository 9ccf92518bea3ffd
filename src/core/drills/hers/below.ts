import type { YachtFile } from "../../yacht/schema";
import type { FittingPurpose } from "../../yacht/parts/purposes";
import { fittingsFor, one, type HerDrill } from "./her-drill";

export function gasDrills({ gas, fittings }: YachtFile): HerDrill[] {
  const [its] = Object.values(gas);
  if (!its) return [];
  const tap = fittings[its.tap ?? ""];
  return [
    one("gas", ["cook", { task: "smell", faults: ["leak"] }], {
      shutOff: tap?.kind === "switch" ? "solenoid" : undefined,
    }),
  ];
}

export function headDrills({ heads, tanks }: YachtFile): HerDrill[] {
  const pumped = Object.entries(heads).filter(([, { kind }]) => kind !== "portable");
  return pumped.map(([key, its]) => ({
    ...one(
      "head",
      ["flush"],
      {
        kind: its.kind,
        leadsTo: its.yValve ? "y" : its.tank ? "tank" : "sea",
        ...{ strokesFrom: its.strokes?.from, holdSeconds: its.holdSeconds },
        tankL: tanks[its.tank ?? ""]?.capacityL,
      },
      [
        "macerator",
        ...(its.kind === "electric" ? ["stroke", "side"] : ["flush"]),
        ...(its.yValve ? [] : ["y-valve"]),
        ...(its.tank ? [] : ["tankL", "gauge"]),
      ],
    ),
    ...(pumped.length > 1 ? { key: `head.${key}`, part: its.name } : {}),
  }));
}

export function toiletDrills({ heads }: YachtFile): HerDrill[] {
  return Object.values(heads).some(({ kind }) => kind === "portable")
    ? [one("toilet", ["use-it", { task: "empty-it", setup: { startL: 15 } }])]
    : [];
}

export function waterDrills({ tanks }: YachtFile): HerDrill[] {
  const hers = Object.entries(tanks).filter(([, { holds, valve }]) => holds === "water" && valve !== undefined);
  if (hers.length < 2) return [];
  const filled = hers.map(([id, { capacityL }]) => ({ id, capacityL, litres: capacityL }));
  const names = Object.fromEntries(hers.map(([id, { name }]) => [id, name]));
  return [{ ...one("water", ["change-tank"], { tanks: filled }, ["shower", "cap", "hose"]), names }];
}

/** Where she has a pump that starts by itself, and one for the hand. */
export function bilgeDrills(file: YachtFile): HerDrill[] {
  if (["bilge-float", "bilge-pump-by-hand"].some((each) => fittingsFor(file, each as FittingPurpose).length === 0))
    return [];
  return [one("bilge", [{ task: "leak", faults: ["hose-off"] }])];
}
