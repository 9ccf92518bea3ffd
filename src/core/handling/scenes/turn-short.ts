import { quayAt, type Scene } from "./scene";

const roomLengths = 2.4;
const turned = -0.9;

/** Turned round in a lane between two quays, where no circle fits. */
export const turnShort: Scene = {
  name: "turn-short",
  windFromDeg: 0,
  set: (boat, windKn) => {
    const { lengthM } = boat;
    const half = (roomLengths * lengthM) / 2;
    return {
      input: {
        boat,
        wind: { fromDeg: 0, kn: windKn },
        start: { x: 0, y: -lengthM, headingDeg: 0, speedKn: 1.5 },
        quay: [quayAt(half, lengthM), quayAt(-half, lengthM)],
      },
      others: [],
      viewM: [-half - 0.2 * lengthM, -2 * lengthM, half + 0.2 * lengthM, 2.4 * lengthM],
      isDone: ({ heading }) => Math.cos(heading) < turned,
    };
  },
};
