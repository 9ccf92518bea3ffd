import { fenderM, fourLines, quayAt, type Scene } from "./scene";

const currentKn = 1.2;
const clearLengths = 1.1;
/** How far she may be set along before she lies on whoever is next, in lengths. */
const setLengths = 1.5;

/** Off the quay with the stream along it, from ahead: the bow goes out by itself once it is let go. */
export const withCurrent: Scene = {
  name: "with-current",
  windFromDeg: 0,
  set: (boat, windKn) => {
    const { lengthM, beamM } = boat;
    const x = beamM / 2 + fenderM;
    return {
      input: {
        boat,
        wind: { fromDeg: 0, kn: windKn },
        current: { toDeg: 180, kn: currentKn },
        start: { x: 0, y: 0, headingDeg: 0 },
        quay: [quayAt(x, lengthM)],
        lines: fourLines(boat, x),
      },
      others: [],
      viewM: [-2.4 * lengthM, -2 * lengthM, x + 0.25 * lengthM, 1.8 * lengthM],
      isDone: (motion, isFast) =>
        !isFast && x - motion.x > clearLengths * lengthM && Math.abs(motion.y) < setLengths * lengthM,
    };
  },
};
