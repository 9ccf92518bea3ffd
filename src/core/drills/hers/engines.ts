import type { YachtFile } from "../../yacht/schema";
import { bowHeightM, chainKgPerM, dragAreaAirM2 } from "../../yacht/thumb";
import { mainTackle } from "../../yacht/main-tackle";
import { fittingsFor, inUse, least, most, one, type HerDrill } from "./her-drill";

export function engineDrills(file: YachtFile): HerDrill[] {
  const { engines } = file;
  const diesels = inUse(engines).filter(([, { kind }]) => kind === "diesel");
  const [first] = diesels;
  if (!first) return [];
  const keys = diesels.map(([key]) => key);
  const hasIsolator = fittingsFor(file, "engine-battery-switch").length > 0;
  const areTwins = keys.length === 2 && keys.includes("port") && keys.includes("starboard");
  const [, its] = first;
  const { panel, leverNeutral } = its;
  const engine = one(
    "engine",
    ["start-and-stop"],
    {
      sides: areTwins ? ["port", "starboard"] : undefined,
      ...{ crankSeconds: its.crankSeconds, restSeconds: most(its.crankRestSeconds) },
      ...{ coolingWaterSeconds: its.coolingWaterSeconds, stopHoldSeconds: its.stopHoldSeconds },
      ...{ idleRpm: least(its.idleRpm), maximumRpm: its.maximumRpm },
    },
    ["emergency-stop", ...(hasIsolator ? [] : ["isolator"])],
  );
  const looks = {
    ...(panel ? { power: panel.power, stop: panel.stop } : {}),
    ...(leverNeutral ? { lever: leverNeutral } : {}),
  };
  return [{ ...engine, looks }];
}

/** Only those that her file tells the kind of: one that comes down first is worked in another way. */
export function thrusterDrills(file: YachtFile): HerDrill[] {
  const controls = fittingsFor(file, "thruster-control").flatMap(([key, { name, runSeconds, thruster }]) =>
    thruster ? [{ key, name, runSeconds, thruster }] : [],
  );
  return controls.map(({ key, name, runSeconds, thruster }) => ({
    ...one(
      "thruster",
      ["try"],
      { burstSeconds: least(runSeconds), ...thruster },
      thruster.needsEngine ? [] : ["engine"],
    ),
    ...(controls.length > 1 ? { key: `thruster.${key}`, part: name } : {}),
  }));
}

/** How deep it is in the drill, m; the words of the task say so. */
const drillDepthM = 6;

export function windlassDrills(file: YachtFile): HerDrill[] {
  const tackle = mainTackle(file);
  if (!tackle?.windlass) return [];
  const { particulars, engines } = file;
  const breaker = fittingsFor(file, "windlass-breaker")[0]?.[1];
  const remote = fittingsFor(file, "windlass-remote")[0]?.[1];
  const chargingRpm = least(inUse(engines)[0]?.[1].chargingRpm);
  const bowM = particulars.bowHeightM ?? bowHeightM(particulars);
  // what lies out to be raised: as much as was let go in the other task
  const outM = Math.min(tackle.chainM, Math.ceil(3 * (drillDepthM + bowM)));
  return [
    one("windlass", ["lower", { task: "raise", setup: { outM } }], {
      depthM: drillDepthM,
      ...{ chainM: tackle.chainM, ropeM: tackle.ropeM, anchorKg: tackle.anchorKg },
      chainKgPerM: tackle.chainKgPerM ?? chainKgPerM(tackle.chainDiameterMm),
      bowM,
      dragAreaM2: particulars.dragAreaM2?.air ?? dragAreaAirM2(particulars),
      breakerA: breaker?.ratingA,
      breakerWaitSeconds: breaker?.waitMinutes === undefined ? undefined : breaker.waitMinutes * 60,
      chargingRpm: chargingRpm === 0 ? undefined : chargingRpm,
      remote: remote?.reversed ? "reversed" : undefined,
    }),
  ];
}

/** Her own outboard, else her tender's. */
export function outboardDrills({ engines, tenders }: YachtFile): HerDrill[] {
  const own = inUse(engines).find(([, { kind }]) => kind === "petrol-outboard")?.[1];
  const tender = inUse(tenders).find(([, { outboard }]) => outboard !== undefined)?.[1];
  if (!own && !tender) return [];
  return [
    {
      ...one("outboard", ["start-and-stop"], { jetSeconds: own?.coolingWaterSeconds }),
      part: own?.name ?? tender?.name ?? null,
      // a tender's tank stands beside it, on a hose
      ...(own ? {} : { looks: { "fuel-tap": "hose" } }),
    },
  ];
}
