import { radPerDeg, type Point } from "../frames";
import { fenderM, quayAt, type Scene } from "./scene";

const gapLengths = 1.6;
const stoppedMs = 0.15;
const besideM = 1.2;
const straightDeg = 12;

/** Alongside into a gap between two boats, from astern, in what wind there is from ahead. */
export const intoAGap: Scene = {
  name: "into-a-gap",
  windFromDeg: 0,
  set: (boat, windKn) => {
    const { lengthM, beamM } = boat;
    const x = beamM / 2 + fenderM;
    const half = (gapLengths * lengthM) / 2;
    const west = -beamM / 2;
    // what she can touch of the others: their side, and the end that faces the gap
    const ahead: [number, number][] = [
      [x, half],
      [west, half],
      [west, half + lengthM],
    ];
    const astern: [number, number][] = [
      [x, -half],
      [west, -half],
      [west, -half - lengthM],
    ];
    const box = (south: number): Point[] => [
      [west, south],
      [x - 0.1, south],
      [x - 0.1, south + lengthM],
      [west, south + lengthM],
    ];
    return {
      input: {
        boat,
        wind: { fromDeg: 0, kn: windKn },
        start: { x: -1.5 * beamM, y: -2.4 * lengthM, headingDeg: 0, speedKn: 2 },
        quay: [quayAt(x, lengthM), ahead, astern],
      },
      others: [box(half), box(-half - lengthM)],
      viewM: [-2.2 * lengthM, -3 * lengthM, x + 0.25 * lengthM, 2 * lengthM],
      isDone: ({ x: atX, y, heading, groundU, groundV }) =>
        Math.abs(y) < half &&
        x - atX - beamM / 2 < besideM &&
        Math.cos(heading) > Math.cos(straightDeg * radPerDeg) &&
        Math.hypot(groundU, groundV) < stoppedMs,
    };
  },
};
