import type { Words } from "../basics/words";
import { bowHeightM, chainKgPerM, dragAreaAirM2 } from "../yacht/thumb";
import { mainTackle } from "../yacht/main-tackle";
import type { YachtFile } from "../yacht/schema";
import type { FittingPurpose } from "../yacht/parts/purposes";

/** A device of hers that can be worked beforehand, with its setup from her file; what that is silent on is as usual. */
export interface HerDrill {
  /** as it stands in an address: `engine`, `head.fore` */
  key: string;
  device: string;
  /** which of several it is; null where there is one */
  part: Words | null;
  setup: Readonly<Record<string, unknown>>;
  tasks: readonly HerTask[];
  /** controls and outputs of the device that she has not got, or that her file does not tell of: they are not shown */
  lacks: readonly string[];
  /** how some of its controls are made on her: a key, a pull handle, a lever that lies level in neutral */
  looks: Readonly<Record<string, string>>;
  /** what she calls parts that stand behind the colon of a control or output: her tanks */
  names: Readonly<Record<string, Words>>;
}

/** A task, with what stands otherwise for it: chain that is out, gas that leaks. */
export interface HerTask {
  task: string;
  setup?: Readonly<Record<string, unknown>>;
  faults?: readonly string[];
}

/** Every device of hers that there is a drill for. */
export const drillsOf = (file: YachtFile): HerDrill[] => [
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
];

type Range = number | { from: number; to: number };
const least = (figure: Range | undefined): number | undefined => (typeof figure === "object" ? figure.from : figure);
const most = (figure: Range | undefined): number | undefined => (typeof figure === "object" ? figure.to : figure);

/** Only what is known: a device keeps its usual figure for the rest. */
const known = (figures: Readonly<Record<string, unknown>>): Record<string, unknown> =>
  Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== undefined));

const one = (
  device: string,
  tasks: readonly (string | HerTask)[],
  setup: Readonly<Record<string, unknown>> = {},
  lacks: readonly string[] = [],
): HerDrill => ({
  ...{ key: device, device, part: null, lacks, looks: {}, names: {} },
  tasks: tasks.map((task) => (typeof task === "string" ? { task } : task)),
  setup: known(setup),
});

const inUse = <T extends { outOfUse?: unknown }>(parts: Readonly<Record<string, T>>): [string, T][] =>
  Object.entries(parts).filter(([, { outOfUse }]) => outOfUse === undefined);

const fittingsFor = ({ fittings }: YachtFile, purpose: FittingPurpose) =>
  inUse(fittings).filter(([, fitting]) => fitting.purpose === purpose);

function engineDrills(file: YachtFile): HerDrill[] {
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
function thrusterDrills(file: YachtFile): HerDrill[] {
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

function windlassDrills(file: YachtFile): HerDrill[] {
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

function pilotDrills(file: YachtFile): HerDrill[] {
  if (fittingsFor(file, "pilot-control").length === 0) return [];
  const isTiller = fittingsFor(file, "pilot-socket").length > 0;
  return [one("pilot", ["test"], { kind: isTiller ? "tiller" : undefined }, isTiller ? [] : ["plug", "arm"])];
}

const generatorParts = [
  ...["feed-generator", "gen-start", "gen-stop", "gen-seacock", "gen-exhaust"],
  ...["generator", "genWaterLpm"],
];

function sourceDrills({ shoreCords, generators, inverters }: YachtFile): HerDrill[] {
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

function gasDrills({ gas, fittings }: YachtFile): HerDrill[] {
  const [its] = Object.values(gas);
  if (!its) return [];
  const tap = fittings[its.tap ?? ""];
  return [
    one("gas", ["cook", { task: "smell", faults: ["leak"] }], {
      shutOff: tap?.kind === "switch" ? "solenoid" : undefined,
    }),
  ];
}

function headDrills({ heads, tanks }: YachtFile): HerDrill[] {
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

function waterDrills({ tanks }: YachtFile): HerDrill[] {
  const hers = Object.entries(tanks).filter(([, { holds, valve }]) => holds === "water" && valve !== undefined);
  if (hers.length < 2) return [];
  const filled = hers.map(([id, { capacityL }]) => ({ id, capacityL, litres: capacityL }));
  const names = Object.fromEntries(hers.map(([id, { name }]) => [id, name]));
  return [{ ...one("water", ["change-tank"], { tanks: filled }, ["shower", "cap", "hose"]), names }];
}

function batteryDrills({ batteries }: YachtFile): HerDrill[] {
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

function lightDrills(file: YachtFile): HerDrill[] {
  const left = fittingsFor(file, "navigation-lights-switch").map(([, fitting]) => leftOf(fitting))[0] ?? null;
  if (left === null || fittingsFor(file, "anchor-light-switch").length === 0) return [];
  return [one("lights", ["show"], { left }, ["tricolour"])];
}

const slabParts = ["topping-lift", "winch", "clutch", "halyard", "tack", "clew", "ties"];

/** Only where her file says how the main is made smaller, and with the lines she has. */
function sailDrills({ sails, lines }: YachtFile): HerDrill[] {
  const hers = inUse(sails).map(([, sail]) => sail);
  const main = hers.find(({ kind }) => kind === "main-slab" || kind === "main-in-mast");
  if (!main) return [];
  const isSlab = main.kind === "main-slab";
  const rolls = hers.some(({ kind }) => kind === "furling-headsail");
  const hasLift = Object.values(lines).some(({ kind }) => kind === "topping-lift");
  return [
    one(
      "sails",
      rolls ? ["reef", "roll-headsail"] : ["reef"],
      { main: isSlab ? "slab" : "in-mast", areaM2: main.areaM2, boomHeld: !hasLift },
      [
        ...(isSlab ? ["outhaul", "furl"] : slabParts),
        ...(hasLift ? [] : ["topping-lift"]),
        ...(rolls ? [] : ["jib-sheet", "turns", "jib-furl", "rolled"]),
      ],
    ),
  ];
}

const tillerDrills = (file: YachtFile): HerDrill[] =>
  fittingsFor(file, "emergency-tiller").length === 0 ? [] : [one("tiller", ["steer"])];

function radioDrills(file: YachtFile): HerDrill[] {
  if (fittingsFor(file, "radio").length === 0) return [];
  const hasDistressButton = fittingsFor(file, "distress-button").length > 0;
  const lacks = hasDistressButton ? [] : ["cover", "distress"];
  return [one("radio", ["call", "distress"], { hasDistressButton }, lacks)];
}

function toiletDrills({ heads }: YachtFile): HerDrill[] {
  return Object.values(heads).some(({ kind }) => kind === "portable")
    ? [one("toilet", ["use-it", { task: "empty-it", setup: { startL: 15 } }])]
    : [];
}

/** Where she has a pump that starts by itself, and one for the hand. */
function bilgeDrills(file: YachtFile): HerDrill[] {
  if (["bilge-float", "bilge-pump-by-hand"].some((each) => fittingsFor(file, each as FittingPurpose).length === 0))
    return [];
  return [one("bilge", [{ task: "leak", faults: ["hose-off"] }])];
}

/** Her own outboard, else her tender's. */
function outboardDrills({ engines, tenders }: YachtFile): HerDrill[] {
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

function davitDrills({ procedures }: YachtFile): HerDrill[] {
  const has = Object.values(procedures).some(({ purpose }) => purpose === "davits");
  return has ? [one("davits", ["tender-down", { task: "tender-up", setup: { starts: "afloat" } }])] : [];
}

/** Only where her file says that it moves: steps in a stern do not. */
function platformDrills({ platforms }: YachtFile): HerDrill[] {
  const moving = Object.values(platforms).find(({ moves }) => moves !== undefined);
  return moving ? [one("platform", ["bathe"])] : [];
}
