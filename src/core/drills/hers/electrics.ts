import type { YachtFile } from "../../yacht/schema";
import { fittingsFor, inUse, one, type HerDrill } from "./her-drill";

const generatorParts = [
  ...["feed-generator", "gen-start", "gen-stop", "gen-seacock", "gen-exhaust"],
  ...["generator", "genWaterLpm"],
];

export function sourceDrills({ shoreCords, generators, inverters }: YachtFile): HerDrill[] {
  const [cord] = Object.values(shoreCords);
  if (!cord) return [];
  const generator = inUse(generators)[0]?.[1];
  const inverter = inUse(inverters)[0]?.[1];
  return [
    one(
      "sources",
      generator ? ["shore", "generator"] : ["shore"],
      {
        shoreA: cord.currentA,
        ...{ generatorW: generator?.powerW, coolingWaterSeconds: generator?.coolingWaterSeconds },
        coolDownSeconds: generator ? generator.coolDownMinutes * 60 : undefined,
        inverterW: inverter?.powerW,
      },
      [...(generator ? [] : generatorParts), ...(inverter ? [] : ["feed-inverter"])],
    ),
  ];
}

export function batteryDrills({ batteries }: YachtFile): HerDrill[] {
  const all = Object.values(batteries);
  const service = all.find(({ duty }) => duty === "service");
  if (!service || !all.some(({ duty }) => duty === "starter")) return [];
  return [one("batteries", ["start"], { serviceAh: service.capacityAh }, ["parallel"])];
}

/** A switch of three stands whose left one is named: which lights it shows; null where her file does not say. */
function leftOf({ positions }: YachtFile["fittings"][string]): "motoring" | "sailing" | null {
  if (positions?.stands.length !== 3) return null;
  const name = positions.stands.find(({ at }) => at === "left")?.name.en ?? "";
  return /motor/i.test(name) ? "motoring" : /sail/i.test(name) ? "sailing" : null;
}

export function lightDrills(file: YachtFile): HerDrill[] {
  const left = fittingsFor(file, "navigation-lights-switch").map(([, fitting]) => leftOf(fitting))[0] ?? null;
  if (left === null || fittingsFor(file, "anchor-light-switch").length === 0) return [];
  return [one("lights", ["show"], { left }, ["tricolour"])];
}

export function radioDrills(file: YachtFile): HerDrill[] {
  if (fittingsFor(file, "radio").length === 0) return [];
  const hasDistressButton = fittingsFor(file, "distress-button").length > 0;
  const lacks = hasDistressButton ? [] : ["cover", "distress"];
  return [one("radio", ["call", "distress"], { hasDistressButton }, lacks)];
}
