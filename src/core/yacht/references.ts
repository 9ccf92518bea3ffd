import type { ReadingKind } from "./parts/reading-kinds";
import { brokenFigures, textsOf } from "./figures";
import type { YachtFile } from "./schema";

/** Something in a yacht file that points at nothing: where it stands, and what it names. */
export interface BrokenReference {
  path: string;
  names: string;
  message: string;
}

/** Collections whose parts stand at a place. */
const placed = [
  "fittings",
  "engines",
  "tanks",
  "batteries",
  "chargers",
  "generators",
  "inverters",
  "groundTackle",
  "heads",
  "platforms",
  "lines",
  "equipment",
  "procedures",
  "oddities",
  "inventory",
  "tests",
  "readings",
  "looks",
  "stops",
] as const satisfies readonly (keyof YachtFile)[];

/** Notes what a reference names that is not there, and what is missing altogether. */
interface Notes {
  broken: BrokenReference[];
  need: (collection: keyof typeof what, path: string, names: string | readonly string[] | undefined) => void;
  missing: (path: string, why: string) => void;
}

const what = {
  places: "place",
  fittings: "fitting",
  tanks: "tank",
  batteries: "battery",
  sails: "sail",
  lines: "line",
  inventory: "thing of the inventory",
  procedures: "procedure",
  stops: "stop",
} as const;

function needIn(
  broken: BrokenReference[],
  parts: object,
  called: string,
  path: string,
  names: string | readonly string[] | undefined,
): void {
  for (const name of typeof names === "string" ? [names] : (names ?? []))
    if (!Object.hasOwn(parts, name))
      broken.push({ path, names: name, message: `${path} names the ${called} "${name}", which is not in the file` });
}

/** Every reference of a yacht file that leads nowhere. An empty list means that all hold. */
export function brokenReferences(file: YachtFile): BrokenReference[] {
  const broken: BrokenReference[] = [];
  const notes: Notes = {
    broken,
    need: (collection, path, names) => needIn(broken, file[collection], what[collection], path, names),
    missing: (path, why) => broken.push({ path, names: "", message: `${path} is missing: ${why}` }),
  };
  placesOf(file, notes);
  systemsOf(file, notes);
  riggingOf(file, notes);
  doingOf(file, notes);
  handoverOf(file, notes);
  for (const { path, text } of textsOf(file)) {
    for (const names of brokenFigures(text, file))
      broken.push({ path, names, message: `${path} takes the figure {${names}}, which is not in the file` });
  }
  return broken;
}

function placesOf(file: YachtFile, { need }: Notes): void {
  for (const collection of placed)
    for (const [key, part] of Object.entries(file[collection]))
      need("places", `/${collection}/${key}/place`, part.place);
  for (const [key, way] of Object.entries(file.ways)) {
    need("places", `/ways/${key}/from`, way.from);
    need("places", `/ways/${key}/to`, way.to);
  }
}

function systemsOf(file: YachtFile, { need }: Notes): void {
  for (const [key, part] of Object.entries(file.fittings)) {
    need("fittings", `/fittings/${key}/notThis`, part.notThis);
    need("places", `/fittings/${key}/handle/place`, part.handle?.place);
  }
  for (const [key, part] of Object.entries(file.tanks)) {
    for (const end of ["filler", "valve", "gauge", "pump"] as const)
      need("fittings", `/tanks/${key}/${end}`, part[end]);
    need("fittings", `/tanks/${key}/gaugeSwitch/fitting`, part.gaugeSwitch?.fitting);
  }
  for (const [key, part] of Object.entries(file.engines)) need("batteries", `/engines/${key}/battery`, part.battery);
  for (const [key, part] of Object.entries(file.batteries)) need("fittings", `/batteries/${key}/works`, part.works);
  for (const [key, part] of Object.entries(file.chargers)) need("batteries", `/chargers/${key}/charges`, part.charges);
  for (const [key, part] of Object.entries(file.generators))
    need("fittings", `/generators/${key}/seacock`, part.seacock);
  for (const [key, part] of Object.entries(file.shoreCords)) need("fittings", `/shoreCords/${key}/inlet`, part.inlet);
  for (const [key, part] of Object.entries(file.groundTackle))
    for (const end of ["windlass", "reliefAt"] as const) need("fittings", `/groundTackle/${key}/${end}`, part[end]);
  for (const [key, part] of Object.entries(file.heads)) {
    need("tanks", `/heads/${key}/tank`, part.tank);
    need("fittings", `/heads/${key}/outlet`, part.outlet);
    need("fittings", `/heads/${key}/otherOutlets`, part.otherOutlets);
    need("fittings", `/heads/${key}/yValve/fitting`, part.yValve?.fitting);
  }
  for (const [key, part] of Object.entries(file.gas)) {
    need("places", `/gas/${key}/locker`, part.locker);
    need("fittings", `/gas/${key}/bottleValve`, part.bottleValve);
    need("fittings", `/gas/${key}/tap`, part.tap);
  }
}

function riggingOf(file: YachtFile, { need }: Notes): void {
  for (const [key, part] of Object.entries(file.lines)) {
    need("sails", `/lines/${key}/sail`, part.sail);
    for (const end of ["clutch", "winch"] as const) need("fittings", `/lines/${key}/${end}`, part[end]);
  }
  for (const [key, part] of Object.entries(file.reefs)) {
    need("sails", `/reefs/${key}/sail`, part.sail);
    need("lines", `/reefs/${key}/clewLine`, part.clewLine);
  }
  for (const [key, part] of Object.entries(file.sources))
    part.stands.forEach(({ fitting }, i) => need("fittings", `/sources/${key}/stands/${i}/fitting`, fitting));
  for (const [key, part] of Object.entries(file.equipment)) {
    need("fittings", `/equipment/${key}/fuse`, part.fuse);
    need("inventory", `/equipment/${key}/fuseSpare`, part.fuseSpare);
    need("inventory", `/equipment/${key}/spares`, part.spares);
  }
}

function doingOf(file: YachtFile, { need }: Notes): void {
  for (const [key, part] of Object.entries(file.procedures)) {
    need("procedures", `/procedures/${key}/after`, part.after);
    part.steps.forEach((step, i) => {
      need("places", `/procedures/${key}/steps/${i}/place`, step.place);
      need("fittings", `/procedures/${key}/steps/${i}/fitting`, step.fitting);
    });
  }
  for (const [key, part] of Object.entries(file.oddities)) need("fittings", `/oddities/${key}/fitting`, part.fitting);
  for (const [key, part] of Object.entries(file.stops)) {
    need("stops", `/stops/${key}/after`, part.after);
    need("stops", `/stops/${key}/closes`, part.closes);
    need("stops", `/stops/${key}/between/after`, part.between?.after);
    need("stops", `/stops/${key}/between/before`, part.between?.before);
    need("procedures", `/stops/${key}/topics`, part.topics);
  }
}

function handoverOf(file: YachtFile, { broken, missing, need }: Notes): void {
  for (const [key, reading] of Object.entries(file.readings)) {
    const path = `/readings/${key}/of`;
    const { parts, what: called, mayMiss } = readFrom(file, reading.kind);
    if (reading.of === undefined) {
      if (!mayMiss) missing(path, `a ${reading.kind} reading says what it belongs to`);
    } else needIn(broken, parts, called, path, reading.of);
    need("tanks", `/readings/${key}/with`, reading.with);
  }
  for (const [key, test] of Object.entries(file.tests))
    if (test.when === "may-wait" && test.waitHours === undefined)
      missing(`/tests/${key}/waitHours`, "a test that may wait says how many hours");
}

/** What a kind of reading is read from; where it is no engine, tank, bank or bottle, a reading need not say. */
function readFrom(file: YachtFile, kind: ReadingKind): { parts: object; what: string; mayMiss?: true } {
  switch (kind) {
    case "battery-rest":
    case "battery-cranking":
    case "charging":
    case "loaded-volts":
    case "state-of-charge":
      return { parts: file.batteries, what: "battery" };
    case "fuel":
    case "water":
    case "holding-tank":
      return { parts: file.tanks, what: "tank" };
    case "gas":
      return { parts: file.gas, what: "gas installation" };
    case "engine-hours":
    case "engine-oil":
    case "gearbox-oil":
    case "coolant":
    case "belt":
    case "cooling-water":
    case "strainer":
    case "exhaust-smoke":
    case "oil-pressure":
    case "engine-temperature":
    case "idle-revs":
    case "shaft-drip":
      return { parts: { ...file.engines, ...file.generators }, what: "engine or generator" };
    case "generator-output":
      return { parts: file.generators, what: "generator" };
    case "log-calibration":
    case "depth-calibration":
    case "bilge":
    case "dated-item":
    case "extinguisher":
    case "document":
      return {
        parts: { ...file.fittings, ...file.inventory, ...file.equipment },
        what: "fitting, thing of the inventory or equipment",
        mayMiss: true,
      };
  }
}
