import { brokenFigures, textsOf } from "./figures";
import type { YachtFile } from "./schema";

/** Something in a yacht file that points at nothing: where it stands, and what it names. */
export interface BrokenReference {
  path: string;
  names: string;
  message: string;
}

/** Every reference of a yacht file that leads nowhere. An empty list means that all hold. */
export function brokenReferences(file: YachtFile): BrokenReference[] {
  const broken: BrokenReference[] = [];
  const needIn =
    (collection: object, what: string) => (path: string, names: string | readonly string[] | undefined) => {
      for (const name of typeof names === "string" ? [names] : (names ?? [])) {
        if (!Object.hasOwn(collection, name))
          broken.push({ path, names: name, message: `${path} names the ${what} "${name}", which is not in the file` });
      }
    };
  const place = needIn(file.places, "place");
  const fitting = needIn(file.fittings, "fitting");
  const tank = needIn(file.tanks, "tank");
  const battery = needIn(file.batteries, "battery");
  const procedure = needIn(file.procedures, "procedure");
  const stop = needIn(file.stops, "stop");
  const missing = (path: string, why: string) =>
    broken.push({ path, names: "", message: `${path} is missing: ${why}` });

  const {
    fittings,
    engines,
    tanks,
    batteries,
    chargers,
    generators,
    inverters,
    groundTackle,
    heads,
    platforms,
    procedures,
    oddities,
    inventory,
    tests,
    readings,
    looks,
    stops,
  } = file;
  const placed = {
    fittings,
    engines,
    tanks,
    batteries,
    chargers,
    generators,
    inverters,
    groundTackle,
    heads,
    platforms,
    procedures,
    oddities,
    inventory,
    tests,
    readings,
    looks,
    stops,
  };
  for (const [collection, parts] of Object.entries(placed))
    for (const [key, part] of Object.entries(parts)) place(`/${collection}/${key}/place`, part.place);
  for (const [key, way] of Object.entries(file.ways)) {
    place(`/ways/${key}/from`, way.from);
    place(`/ways/${key}/to`, way.to);
  }
  for (const [key, part] of Object.entries(fittings)) {
    fitting(`/fittings/${key}/notThis`, part.notThis);
    place(`/fittings/${key}/handle/place`, part.handle?.place);
  }
  for (const [key, part] of Object.entries(tanks))
    for (const end of ["filler", "valve", "gauge", "pump"] as const) fitting(`/tanks/${key}/${end}`, part[end]);
  for (const [key, part] of Object.entries(chargers)) battery(`/chargers/${key}/charges`, part.charges);
  for (const [key, part] of Object.entries(generators)) fitting(`/generators/${key}/seacock`, part.seacock);
  for (const [key, part] of Object.entries(file.shoreCords)) fitting(`/shoreCords/${key}/inlet`, part.inlet);
  for (const [key, part] of Object.entries(groundTackle)) fitting(`/groundTackle/${key}/windlass`, part.windlass);
  for (const [key, part] of Object.entries(heads)) {
    tank(`/heads/${key}/tank`, part.tank);
    fitting(`/heads/${key}/outlet`, part.outlet);
  }
  for (const [key, part] of Object.entries(file.gas)) {
    place(`/gas/${key}/locker`, part.locker);
    fitting(`/gas/${key}/bottleValve`, part.bottleValve);
    fitting(`/gas/${key}/tap`, part.tap);
  }
  for (const [key, part] of Object.entries(procedures)) {
    procedure(`/procedures/${key}/after`, part.after);
    part.steps.forEach((step, i) => {
      place(`/procedures/${key}/steps/${i}/place`, step.place);
      fitting(`/procedures/${key}/steps/${i}/fitting`, step.fitting);
    });
  }
  for (const [key, part] of Object.entries(oddities)) fitting(`/oddities/${key}/fitting`, part.fitting);
  for (const [key, part] of Object.entries(stops)) {
    stop(`/stops/${key}/after`, part.after);
    stop(`/stops/${key}/closes`, part.closes);
    procedure(`/stops/${key}/topics`, part.topics);
  }
  for (const [key, reading] of Object.entries(readings)) {
    const path = `/readings/${key}/of`;
    const source = sourceOf(file, reading.kind);
    if (!source) continue;
    if (reading.of === undefined) missing(path, `a ${reading.kind} reading says what it belongs to`);
    else needIn(source.parts, source.what)(path, reading.of);
  }
  for (const [key, test] of Object.entries(tests))
    if (test.when === "may-wait" && test.waitHours === undefined)
      missing(`/tests/${key}/waitHours`, "a test that may wait says how many hours");
  for (const { path, text } of textsOf(file)) {
    for (const names of brokenFigures(text, file))
      broken.push({ path, names, message: `${path} takes the figure {${names}}, which is not in the file` });
  }
  return broken;
}

function sourceOf(file: YachtFile, kind: string): { parts: object; what: string } | null {
  if (kind === "battery-rest") return { parts: file.batteries, what: "battery" };
  if (kind === "fuel" || kind === "water") return { parts: file.tanks, what: "tank" };
  if (kind === "engine-hours" || kind === "engine-oil" || kind === "coolant")
    return { parts: { ...file.engines, ...file.generators }, what: "engine or generator" };
  return null;
}
