import { airKgM3, msPerKn, toBody, vectorTo, type Force } from "./frames";
import type { HandledBoat, HandlingInput } from "./schema";

/** Where the wind takes hold, ahead of midships as shares of the length: in its mean, and by how far ahead it comes from. */
const holdsAt = 0.05;
const holdsByAngle = 0.25;

/** What the wind pushes with, from the air that moves past the boat; where no wind is told there is no air. */
export function windForce({ windageM2, lengthM }: HandledBoat, wind: HandlingInput["wind"]): Force {
  if (!wind) return () => ({ x: 0, y: 0, n: 0 });
  const [east, north] = vectorTo(wind.fromDeg + 180, wind.kn * msPerKn);
  return (motion) => {
    const [ahead, starboard] = toBody(motion, east, north);
    const x = ahead - motion.groundU;
    const y = starboard - motion.groundV;
    const speed = Math.hypot(x, y);
    if (speed === 0) return { x: 0, y: 0, n: 0 };
    const pressure = 0.5 * airKgM3 * speed;
    const across = pressure * windageM2.side * y;
    // off the bow: air that comes from ahead moves astern past her
    const cosOffBow = -x / speed;
    return {
      x: pressure * windageM2.front * x,
      y: across,
      n: across * (holdsAt + holdsByAngle * cosOffBow) * lengthM,
    };
  };
}
