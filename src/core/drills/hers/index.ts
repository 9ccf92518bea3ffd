import type { YachtFile } from "../../yacht/schema";
import { bilgeDrills, gasDrills, headDrills, toiletDrills, waterDrills } from "./below";
import { davitDrills, platformDrills, sailDrills } from "./deck";
import { drawnControls } from "./drawn";
import { batteryDrills, lightDrills, radioDrills, sourceDrills } from "./electrics";
import { engineDrills, outboardDrills, thrusterDrills, windlassDrills } from "./engines";
import type { HerDrill } from "./her-drill";
import { pilotDrills, tillerDrills } from "./steering";

export type { DrawnControl } from "./drawn";
export type { HerDrill, HerTask } from "./her-drill";

/** Every device of hers that there is a drill for. */
export const drillsOf = (file: YachtFile): HerDrill[] =>
  [
    ...engineDrills(file),
    ...thrusterDrills(file),
    ...windlassDrills(file),
    ...sailDrills(file),
    ...pilotDrills(file),
    ...tillerDrills(file),
    ...radioDrills(file),
    ...sourceDrills(file),
    ...gasDrills(file),
    ...headDrills(file),
    ...toiletDrills(file),
    ...waterDrills(file),
    ...bilgeDrills(file),
    ...batteryDrills(file),
    ...lightDrills(file),
    ...outboardDrills(file),
    ...davitDrills(file),
    ...platformDrills(file),
  ].map((drill) => ({ ...drill, drawn: drawnControls(file, drill) }));
