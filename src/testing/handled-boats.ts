import type { HandledBoat } from "../core/handling/schema";

/** Three boats with figures as their kind has them: a cruising yacht, a catamaran, a day boat. */
export const yacht: HandledBoat = {
  ...{ lengthM: 11.6, beamM: 3.9, draughtM: 1.95, displacementKg: 8000 },
  engines: [{ id: "main", atM: [-3.5, 0], thrustAheadN: 3600, thrustAsternN: 2300, walkN: -350 }],
  rudders: [{ atM: [-4.6, 0], areaM2: 0.75 }],
  thrusters: [{ id: "bow", atM: 4.6, thrustN: 500 }],
  windageM2: { front: 9, side: 26 },
};
export const catamaran: HandledBoat = {
  ...{ lengthM: 12.8, beamM: 7.1, draughtM: 1.25, displacementKg: 12_500, hull: "catamaran" },
  engines: [
    { id: "port", atM: [-4.5, -2.9], thrustAheadN: 3000, thrustAsternN: 1900, walkN: -200 },
    { id: "starboard", atM: [-4.5, 2.9], thrustAheadN: 3000, thrustAsternN: 1900, walkN: 200 },
  ],
  rudders: [
    { atM: [-5.4, -2.9], areaM2: 0.45 },
    { atM: [-5.4, 2.9], areaM2: 0.45 },
  ],
  windageM2: { front: 22, side: 45 },
};
export const dayBoat: HandledBoat = {
  ...{ lengthM: 6.7, beamM: 2.5, draughtM: 1.2, displacementKg: 1300, hull: "day-boat" },
  engines: [{ id: "motor", atM: [-3.3, 0], thrustAheadN: 700, thrustAsternN: 400, walkN: 0 }],
  rudders: [{ atM: [-3.2, 0], areaM2: 0.3 }],
  windageM2: { front: 3, side: 9 },
};
