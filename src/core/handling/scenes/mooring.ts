import { placeOf } from "../frames";
import type { Scene } from "./scene";

const lengthsOff = 3;
const atBallM = 1.2;
const stoppedMs = 0.2;

/** A mooring picked up head to wind, from three lengths to leeward: stopped with the ball at the bow, never under it. */
export const mooring: Scene = {
  name: "mooring",
  windFromDeg: 0,
  set: (boat, windKn) => {
    const { lengthM } = boat;
    return {
      input: {
        boat,
        wind: { fromDeg: 0, kn: windKn },
        start: { x: 0.6 * lengthM, y: -(lengthsOff + 0.5) * lengthM, headingDeg: 350, speedKn: 2 },
      },
      others: [],
      ball: [0, 0],
      viewM: [-1.6 * lengthM, -(lengthsOff + 1.4) * lengthM, 1.6 * lengthM, 1.2 * lengthM],
      isDone: (motion) => {
        const [x, y] = placeOf(motion, [lengthM / 2, 0]);
        return Math.hypot(x, y) < atBallM && Math.hypot(motion.groundU, motion.groundV) < stoppedMs;
      },
    };
  },
};
