import { geoDistance } from "d3-geo";
import type { Position } from "./area";

const earthNm = 6_371_008.8 / 1852;
const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Nautical miles along the great circle, on a sphere of the earth's mean radius (IUGG: 6,371.0088 km). */
export const distanceNm = ([lonA = 0, latA = 0]: Position, [lonB = 0, latB = 0]: Position): number =>
  geoDistance([lonA, latA], [lonB, latB]) * earthNm;

/**
 * The true bearing at which the great circle to a position sets out, 0 up to 360 degrees; the usual formula
 * atan2(sin Δλ · cos φ₂, cos φ₁ · sin φ₂ − sin φ₁ · cos φ₂ · cos Δλ).
 */
export function bearingDeg([lonA = 0, latA = 0]: Position, [lonB = 0, latB = 0]: Position): number {
  const [phiA, phiB, byLambda] = [radians(latA), radians(latB), radians(lonB - lonA)];
  const angle = Math.atan2(
    Math.sin(byLambda) * Math.cos(phiB),
    Math.cos(phiA) * Math.sin(phiB) - Math.sin(phiA) * Math.cos(phiB) * Math.cos(byLambda),
  );
  return ((angle * 180) / Math.PI + 360) % 360;
}
