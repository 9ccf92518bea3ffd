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
  const need = (path: string, collection: object, names: string, what: string) => {
    if (!Object.hasOwn(collection, names)) broken.push({ path, names, message: `${path} names the ${what} "${names}", which is not in the file` });
  };
  const placed = { fittings: file.fittings, engines: file.engines, tanks: file.tanks, batteries: file.batteries, oddities: file.oddities, inventory: file.inventory, tests: file.tests, readings: file.readings, looks: file.looks };
  for (const [collection, parts] of Object.entries(placed)) {
    for (const [key, part] of Object.entries(parts)) need(`/${collection}/${key}/place`, file.places, part.place, "place");
  }
  for (const [key, way] of Object.entries(file.ways)) {
    need(`/ways/${key}/from`, file.places, way.from, "place");
    need(`/ways/${key}/to`, file.places, way.to, "place");
  }
  for (const [key, reading] of Object.entries(file.readings)) {
    const path = `/readings/${key}/of`;
    const collection = sourceOf(file, reading.kind);
    if (!collection) continue;
    if (reading.of === undefined) broken.push({ path, names: "", message: `${path} is missing: a ${reading.kind} reading says what it belongs to` });
    else need(path, collection.parts, reading.of, collection.what);
  }
  for (const [key, test] of Object.entries(file.tests)) {
    if (test.when === "may-wait" && test.waitHours === undefined) {
      const path = `/tests/${key}/waitHours`;
      broken.push({ path, names: "", message: `${path} is missing: a test that may wait says how many hours` });
    }
  }
  return broken;
}

function sourceOf(file: YachtFile, kind: string): { parts: object; what: string } | null {
  if (kind === "battery-rest") return { parts: file.batteries, what: "battery" };
  if (kind === "fuel" || kind === "water") return { parts: file.tanks, what: "tank" };
  if (kind === "engine-hours" || kind === "engine-oil" || kind === "coolant") return { parts: file.engines, what: "engine" };
  return null;
}
