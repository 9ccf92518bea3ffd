import { vectorTo } from "../../handling/frames";
import { helm, slip, type Given, type Put, type Standing, type Step, type Way } from "../way";

/** Revs as shares of the lever: on a spring, more with every second that she does not turn, and away from the quay. */
const onSpring = { from: 0.35, aSecond: 0.02, most: 0.8 } as const;
const away = { from: 0.5, aKnot: 0.02, most: 0.85 } as const;
/** How far she is turned before the last line goes, degrees: more with every knot on to the quay. */
const sternOut = { from: 40, aKnot: 1.2, most: 65 } as const;
const bowOutDeg = { from: 25, aKnot: 1.2, most: 50 } as const;
/** A thruster in bursts, s of work and of rest. */
const burstS = 3;
const restS = 2;
/** From so much wind off the quay on it does the work, kn. */
const leastBlowKn = 6;

const isAlongside = ({ lain }: Given): boolean => lain.quaySide !== 0;
/** How much of the wind blows from the quay to the water, kn. */
function offQuayKn({ lain, wind }: Given): number {
  const [east, north] = vectorTo(wind.fromDeg + 180, wind.kn);
  return east * lain.out[0] + north * lain.out[1];
}
const onQuayKn = (given: Given): number => Math.max(0, -offQuayKn(given));
const more = ({ from, aKnot, most }: { from: number; aKnot: number; most: number }, given: Given): number =>
  Math.min(most, from + aKnot * onQuayKn(given));
const springing = (seconds: number): number => Math.min(onSpring.most, onSpring.from + onSpring.aSecond * seconds);
/** Turned so that her bow is to the water, degrees. */
const bowOut = ({ lain }: Given, { turnedDeg }: Standing): number => -lain.quaySide * turnedDeg;
const isClear =
  ({ lain }: Given) =>
  ({ fromQuayM }: Standing): boolean =>
    fromQuayM >= lain.clearM;
const neutral: Step = {
  ...{ code: "neutral", orders: [helm("neutral")], put: { lever: 0, wheel: 0 } },
  ...{ until: ({ seconds }: Standing) => seconds >= 1.5, mostS: 2 },
};
const has = ({ lain }: Given, id: string): boolean => (lain.boat.thrusters ?? []).some((each) => each.id === id);
const bursts = (seconds: number, way: number): number => (seconds % (burstS + restS) < burstS ? way : 0);
const singled = (...orders: Step["orders"]): Step => ({
  ...{ code: "single-up", orders: [helm("engine-warm"), ...orders], put: { lever: 0, wheel: 0 } },
  ...{ until: ({ seconds }: Standing) => seconds >= 2, mostS: 3 },
});
const ahead = (given: Given, orders: Step["orders"]): Step => ({
  ...{ code: "ahead", orders: [...orders, helm("ahead-slow")], put: { lever: more(away, given), wheel: 0 } },
  ...{ until: isClear(given), mostS: 60 },
});

/** Ahead against the fore spring with the wheel to the quay: the stern comes out, and she leaves astern. */
export const springSternOut: Way = {
  name: "spring-stern-out",
  fits: isAlongside,
  fenders: () => ["at-bow", "along-quay"],
  steps: (given) => [
    singled(slip("bow", "bow-line"), slip("stern", "stern-line"), slip("stern", "aft-spring")),
    {
      code: "ahead-on-spring",
      orders: [
        helm("ahead-wheel-to-quay"),
        { post: "bow", code: "watch-spring", line: "fore-spring" },
        { post: "middle", code: "hold-fender-bow" },
      ],
      put: { lever: onSpring.from, wheel: given.lain.quaySide * 35 },
      follow: ({ seconds }): Put => ({ lever: springing(seconds) }),
      until: (standing) => -bowOut(given, standing) >= more(sternOut, given),
      mostS: 45,
    },
    neutral,
    {
      code: "astern",
      orders: [slip("bow", "fore-spring"), helm("astern-clear")],
      put: { lever: -more(away, given), wheel: 0 },
      until: isClear(given),
      mostS: 60,
    },
  ],
};

/** Astern against the aft spring: the bow comes out, and she leaves ahead. */
export const springBowOut: Way = {
  name: "spring-bow-out",
  fits: isAlongside,
  fenders: () => ["at-quarter", "along-quay"],
  steps: (given) => [
    singled(slip("stern", "stern-line"), slip("bow", "bow-line"), slip("bow", "fore-spring")),
    {
      code: "astern-on-spring",
      orders: [
        helm("astern-on-spring"),
        { post: "stern", code: "watch-spring", line: "aft-spring" },
        { post: "middle", code: "hold-fender-quarter" },
      ],
      put: { lever: -onSpring.from, wheel: 0 },
      follow: ({ seconds }): Put => ({ lever: -springing(seconds) }),
      until: (standing) => bowOut(given, standing) >= more(bowOutDeg, given),
      mostS: 45,
    },
    neutral,
    ahead(given, [slip("stern", "aft-spring")]),
  ],
};

/** The bow thruster opens the angle while the stern line holds; she leaves ahead. */
export const thrusterOut: Way = {
  name: "thruster-out",
  fits: (given) => isAlongside(given) && has(given, "bow"),
  fenders: () => ["at-quarter", "along-quay"],
  steps: (given) => [
    singled(slip("bow", "fore-spring"), slip("stern", "aft-spring"), slip("bow", "bow-line")),
    {
      code: "thrust-bow",
      orders: [
        helm("thrust-bow-out"),
        { post: "stern", code: "watch-line", line: "stern-line" },
        { post: "middle", code: "hold-fender-quarter" },
      ],
      follow: ({ seconds }): Put => ({ "thruster:bow": bursts(seconds, -given.lain.quaySide) }),
      until: (standing) => bowOut(given, standing) >= more(bowOutDeg, given),
      mostS: 40,
    },
    { ...ahead(given, [slip("stern", "stern-line")]), put: { lever: more(away, given), wheel: 0, "thruster:bow": 0 } },
  ],
};

/** Bow and stern thruster together move her sideways; she leaves ahead. */
export const bothThrusters: Way = {
  name: "both-thrusters",
  fits: (given) => isAlongside(given) && has(given, "bow") && has(given, "stern"),
  fenders: () => ["along-quay"],
  steps: (given) => [
    singled(slip("bow", "fore-spring"), slip("stern", "aft-spring"), slip("bow", "bow-line")),
    {
      code: "thrust-both",
      orders: [slip("stern", "stern-line"), helm("thrust-both-out"), { post: "middle", code: "watch-neighbours" }],
      follow: ({ seconds }): Put => {
        const way = bursts(seconds, -given.lain.quaySide);
        return { "thruster:bow": way, "thruster:stern": way };
      },
      until: ({ fromQuayM }) => fromQuayM >= given.lain.boat.beamM,
      mostS: 60,
    },
    { ...ahead(given, []), put: { lever: more(away, given), wheel: 0, "thruster:bow": 0, "thruster:stern": 0 } },
  ],
};

/** The wind blows her off; she leaves ahead once she is clear of her neighbours' beam. */
export const blownOff: Way = {
  name: "blown-off",
  fits: (given) => isAlongside(given) && offQuayKn(given) >= leastBlowKn,
  fenders: () => ["along-quay"],
  steps: (given) => [
    singled(slip("bow", "fore-spring"), slip("stern", "aft-spring")),
    {
      code: "let-blow",
      orders: [slip("bow", "bow-line"), slip("stern", "stern-line"), helm("let-her-blow")],
      until: ({ fromQuayM }) => fromQuayM >= given.lain.boat.beamM,
      mostS: 90,
    },
    ahead(given, []),
  ],
};
