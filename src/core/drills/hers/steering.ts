import type { YachtFile } from "../../yacht/schema";
import { fittingsFor, one, type HerDrill } from "./her-drill";

export function pilotDrills(file: YachtFile): HerDrill[] {
  if (fittingsFor(file, "pilot-control").length === 0) return [];
  const isTiller = fittingsFor(file, "pilot-socket").length > 0;
  return [one("pilot", ["test"], { kind: isTiller ? "tiller" : undefined }, isTiller ? [] : ["plug", "arm"])];
}

export const tillerDrills = (file: YachtFile): HerDrill[] =>
  fittingsFor(file, "emergency-tiller").length === 0 ? [] : [one("tiller", ["steer"])];
