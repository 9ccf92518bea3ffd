import type { HandledBoat } from "../schema";
import { fenderM, fourLines, quayAt, type Scene, type SetScene } from "./scene";

/** How far she must be from where she lay, in lengths, to be clear. */
const clearLengths = 1.3;

/** Alongside, starboard side to the quay: away from it, with all lines aboard. */
function alongside(boat: HandledBoat, windFromDeg: number, windKn: number): SetScene {
  const { lengthM, beamM } = boat;
  const x = beamM / 2 + fenderM;
  return {
    input: {
      boat,
      wind: { fromDeg: windFromDeg, kn: windKn },
      start: { x: 0, y: 0, headingDeg: 0 },
      quay: [quayAt(x, lengthM)],
      lines: fourLines(boat, x),
    },
    others: [],
    viewM: [-2.4 * lengthM, -1.7 * lengthM, x + 0.25 * lengthM, 2 * lengthM],
    isDone: (motion, isFast) => !isFast && x - motion.x > clearLengths * lengthM,
  };
}

/** The wind blows her off the quay. */
export const windOff: Scene = {
  name: "wind-off",
  windFromDeg: 90,
  set: (boat, windKn) => alongside(boat, 90, windKn),
};

/** The wind pins her to the quay. */
export const windOn: Scene = {
  name: "wind-on",
  windFromDeg: 270,
  set: (boat, windKn) => alongside(boat, 270, windKn),
};
