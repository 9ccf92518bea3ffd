import type { Area, Position } from "./area";
import { distanceNm } from "./bearing";

/** What is wrong with an area that has the right form: where, and a code whose words stand in the catalogue. */
export interface AreaFault {
  /** JSON pointer */
  path: string;
  code: "off-the-earth" | "ring-open" | "shape-wrong" | "far-away" | "name-twice" | "nothing-drawn";
  name: string;
}

/** Further from the base than any charter of a week goes: more likely latitude and longitude the wrong way round. */
const farNm = 300;
/** A berth of the base is no farther from it than this. */
const berthNm = 5;
const isOnEarth = ([lon = NaN, lat = NaN]: Position) => Math.abs(lon) <= 180 && Math.abs(lat) <= 90;

/** Everything that would be drawn wrongly or could not be steered for; empty where the area can be used. */
export function areaFaults(area: Area): AreaFault[] {
  const faults: AreaFault[] = [];
  const home = area.base.position;
  if (!isOnEarth(home)) faults.push({ path: "/base/position", code: "off-the-earth", name: area.name });
  if (!area.features.some(({ properties: { kind } }) => kind === "coast"))
    faults.push({ path: "/features", code: "nothing-drawn", name: area.name });
  const seen = new Map<string, number>();
  area.features.forEach(({ geometry, properties: { kind, name } }, i) => {
    const path = `/features/${i}`;
    const isGround = kind === "coast" || kind === "no-go";
    if (isGround === (geometry.type === "Point")) faults.push({ path: `${path}/geometry`, code: "shape-wrong", name });
    const rings =
      geometry.type === "Point"
        ? []
        : geometry.type === "Polygon"
          ? geometry.coordinates
          : geometry.coordinates.flatMap((polygon) => polygon);
    const positions = geometry.type === "Point" ? [geometry.coordinates] : rings.flat();
    if (!positions.every(isOnEarth)) faults.push({ path: `${path}/geometry`, code: "off-the-earth", name });
    else if (isOnEarth(home) && positions.some((at) => distanceNm(home, at) > farNm))
      faults.push({ path: `${path}/geometry`, code: "far-away", name });
    if (rings.some((ring) => ring[0]?.[0] !== ring.at(-1)?.[0] || ring[0]?.[1] !== ring.at(-1)?.[1]))
      faults.push({ path: `${path}/geometry`, code: "ring-open", name });
    const same = `${kind} ${name.trim().toLowerCase()}`;
    if (seen.has(same) && !isGround) faults.push({ path: `${path}/properties/name`, code: "name-twice", name });
    seen.set(same, i);
  });
  const called = new Set<string>();
  (area.berths ?? []).forEach(({ name, position }, i) => {
    const path = `/berths/${i}`;
    const at = name.trim().toLowerCase();
    if (called.has(at)) faults.push({ path: `${path}/name`, code: "name-twice", name });
    called.add(at);
    if (!isOnEarth(position)) faults.push({ path: `${path}/position`, code: "off-the-earth", name });
    else if (isOnEarth(home) && distanceNm(home, position) > berthNm)
      faults.push({ path: `${path}/position`, code: "far-away", name });
  });
  return faults;
}
