import { radPerDeg } from "../../handling/frames";
import { helm, slip, type Given, type Put, type Standing, type Step, type Way } from "../way";

/** Revs as shares of the lever, ahead and astern: more with every knot across or against her, so that she is out before she has drifted. */
const revs = { ahead: 0.4, astern: 0.55, aKnot: 0.03, most: 0.85 } as const;
/** How far she is held up into a wind across, degrees a knot and at most. */
const leadDeg = { aKnot: 0.3, most: 6 } as const;
/** How far she may be turned before a thruster pushes her back, degrees. */
const thrustFromDeg = 3;
/** So long lazy lines sink before anything turns near them, s: at the bow, and where the propeller is. */
const sinkS = { bow: 4, stern: 8 } as const;

const isAtEnd = ({ lain }: Given): boolean => lain.quaySide === 0;
const hasLazies = ({ lain }: Given): boolean => lain.lines.some(({ id }) => id.startsWith("lazy-"));
/** The end that is at the quay, and the one that is not. */
const innerPost = ({ lain }: Given) => (lain.lies === "stern-to" ? "stern" : "bow");
const outerPost = ({ lain }: Given) => (lain.lies === "stern-to" ? "bow" : "stern");
const wayOut = ({ lain }: Given): 1 | -1 => (lain.lies === "stern-to" ? 1 : -1);
/** How much of the wind blows across her, kn: from starboard above 0. */
const acrossKn = ({ lain, wind }: Given): number =>
  wind.kn * Math.sin((wind.fromDeg - lain.start.headingDeg) * radPerDeg);
/** How much of it blows against her way out, kn. */
const againstKn = (given: Given): number => {
  const { lain, wind } = given;
  return Math.max(0, wayOut(given) * wind.kn * Math.cos((wind.fromDeg - lain.start.headingDeg) * radPerDeg));
};
const share = (given: Given): number => {
  const from = wayOut(given) > 0 ? revs.ahead : revs.astern;
  return wayOut(given) * Math.min(revs.most, from + revs.aKnot * (Math.abs(acrossKn(given)) + againstKn(given)));
};
/** Where her heading is held against how she lay, degrees: up into the wind, with her outer end. */
const aimedDeg = (given: Given): number => {
  const across = acrossKn(given);
  return wayOut(given) * Math.sign(across) * Math.min(leadDeg.most, leadDeg.aKnot * Math.abs(across));
};
const thruster = ({ lain }: Given) => lain.boat.thrusters?.find(({ atM }) => atM > 0)?.id;

/** The wheel against what she turns; it works only while she moves. */
const steer =
  (given: Given) =>
  ({ turnedDeg }: Standing): Put => ({
    wheel: Math.max(-35, Math.min(35, 3 * wayOut(given) * (aimedDeg(given) - turnedDeg))),
  });

/** The bow held where it was, by bursts. */
const hold =
  (given: Given) =>
  ({ turnedDeg }: Standing): Put => {
    const id = thruster(given);
    if (id === undefined) return {};
    const offDeg = aimedDeg(given) - turnedDeg;
    return { [`thruster:${id}`]: Math.abs(offDeg) < thrustFromDeg ? 0 : Math.sign(offDeg) };
  };

const out = (given: Given, orders: Step["orders"], follow: Step["follow"]): Step => ({
  code: wayOut(given) > 0 ? "ahead" : "astern",
  orders: [
    ...orders,
    helm(wayOut(given) > 0 ? "ahead-straight" : "astern-straight"),
    { post: "middle", code: "roving-fender" },
  ],
  put: { lever: share(given) },
  ...(follow ? { follow } : {}),
  until: ({ fromQuayM }) => fromQuayM >= given.lain.clearM,
  mostS: 90,
});

const lazy = (given: Given, side: "port" | "starboard") => slip(outerPost(given), `lazy-${side}`);
const inner = (given: Given, side: "port" | "starboard") => slip(innerPost(given), `line-${side}`);

function sunk(given: Given, orders: Step["orders"], follow?: Step["follow"]): Step {
  const seconds = sinkS[outerPost(given)];
  return {
    ...{ code: "drop-lazies", orders: [...orders, helm("neutral-while-they-sink")], put: { lever: 0, wheel: 0 } },
    ...(follow ? { follow } : {}),
    until: (standing) => standing.seconds >= seconds,
    mostS: seconds + 1,
  };
}

/** Everything off in order, windward last, and straight out. */
export const straight: Way = {
  name: "straight",
  fits: isAtEnd,
  fenders: () => ["both-sides"],
  steps: (given) => {
    const { windward, leeward } = given;
    return [
      ...(hasLazies(given) ? [sunk(given, [lazy(given, leeward), lazy(given, windward)])] : []),
      out(given, [inner(given, leeward), inner(given, windward)], steer(given)),
    ];
  },
};

/** The same with the thruster holding the bow while nothing else does. */
export const straightThruster: Way = {
  name: "straight-thruster",
  fits: (given) => isAtEnd(given) && thruster(given) !== undefined,
  fenders: () => ["both-sides"],
  steps: (given) => {
    const { windward, leeward } = given;
    const both = (standing: Standing): Put => ({ ...steer(given)(standing), ...hold(given)(standing) });
    return [
      ...(hasLazies(given) ? [sunk(given, [lazy(given, leeward), lazy(given, windward)], hold(given))] : []),
      out(given, [inner(given, leeward), inner(given, windward)], both),
    ];
  },
};

/** The windward lazy line holds her up until she moves; it goes once the bow is past the neighbours' middle. */
export const windwardLast: Way = {
  name: "windward-last",
  fits: (given) => isAtEnd(given) && hasLazies(given) && given.lain.lies === "stern-to",
  fenders: () => ["both-sides"],
  steps: (given) => {
    const { windward, leeward } = given;
    return [
      sunk(given, [lazy(given, leeward)]),
      {
        code: "ahead-on-lazy",
        orders: [
          inner(given, leeward),
          inner(given, windward),
          helm("ahead-straight"),
          { post: "bow", code: "keep-tight", line: `lazy-${windward}` },
        ],
        put: { lever: share(given) },
        follow: steer(given),
        until: ({ fromQuayM }) => fromQuayM >= given.lain.boat.lengthM * 0.35,
        mostS: 30,
      },
      {
        code: "drop-lazies",
        orders: [lazy(given, windward), helm("neutral-while-they-sink")],
        put: { lever: 0 },
        follow: steer(given),
        until: ({ seconds }) => seconds >= sinkS.bow,
        mostS: 5,
      },
      out(given, [], steer(given)),
    ];
  },
};
