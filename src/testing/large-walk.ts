import type { WalkInput, WalkOrder } from "../core/briefing/walk/schema";

/** A yacht larger than any: 120 stops at 30 places, made of numbers in a row that is always the same. */
export function largeWalk(order: WalkOrder): WalkInput {
  let state = 12345;
  const random = (below: number) => (state = (Math.imul(state, 1103515245) + 12345) >>> 0) % below;
  return {
    places: Array.from({ length: 30 }, (_, i) => ({ id: `p${i}`, level: random(2) === 0 ? "deck" : "below" })),
    ways: [
      ...Array.from({ length: 29 }, (_, i) => ({
        from: `p${i + 1}`,
        to: `p${random(i + 1)}`,
        seconds: 2 + random(12),
      })),
      ...Array.from({ length: 6 }, () => ({ from: `p${random(30)}`, to: `p${random(30)}`, seconds: 4 + random(20) })),
    ],
    stops: Array.from({ length: 120 }, (_, i) => ({
      id: `s${i}`,
      place: `p${random(30)}`,
      system: `y${random(15)}`,
      minutes: 1,
      after: i > 0 && random(3) === 0 ? [`s${random(i)}`] : [],
      safety: false,
    })),
    start: "p0",
    end: "p1",
    order,
  };
}
