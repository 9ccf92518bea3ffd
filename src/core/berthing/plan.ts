import { humans } from "./human";
import { lain, windwardOf } from "./lie";
import type { BerthingInput, BerthingPlan, Spoilt, WayTried } from "./schema";
import { tryOnce, type Tried } from "./trial";
import type { Given, Way } from "./way";
import { ways } from "./ways";

const usualTrials = 20;
/** Room that differs by less is the same to who stands there, m. */
const sameRoomM = 0.2;
/** From so much wind on one waits rather than asks for a boat, kn. */
const muchWindKn = 12;

/** A plan with what it rests on. */
export interface Reckoned {
  plan: BerthingPlan;
  given: Given;
  /** each manoeuvre with its trials, the first without a human's error */
  tried: { way: string; trials: Tried[] }[];
}

/**
 * Which way out of her berth is safest: the usual manoeuvres, each tried with the errors of a human. It shows what is
 * likely, and is no permission to go.
 *
 * @param told called after each manoeuvre, with how many of how many are done
 * @throws InputError for a berth that she does not fit in
 */
export function reckonBerthing(
  input: BerthingInput,
  told: (done: number, of: number) => void = () => undefined,
): Reckoned {
  const given = givenOf(input);
  const fitting = ways.filter((way) => way.fits(given));
  const tried = fitting.map((way, at) => {
    const its = tryWay(way, given, input);
    told(at + 1, fitting.length);
    return { way, ...its };
  });
  const best = bestOf(tried.map((each) => each.told));
  const way = ways.find(({ name }) => name === best);
  const stops = stopsOf(input);
  return {
    given,
    tried: tried.map(({ way: { name }, trials }) => ({ way: name, trials })),
    plan: {
      ways: tried.map((each) => each.told),
      best,
      advice: stops.length > 0 ? "wait" : best !== null ? "go" : input.wind.kn >= muchWindKn ? "wait" : "ask",
      stops,
      fenders: way ? [...way.fenders(given)] : [],
      steps: way ? way.steps(given).map(({ code, orders }) => ({ code, orders: [...orders] })) : [],
    },
  };
}

/** The plan alone. */
export const planBerthing = (input: BerthingInput): BerthingPlan => reckonBerthing(input).plan;

/** What every manoeuvre of hers is played with. */
export function givenOf(input: BerthingInput): Given {
  const lies = lain(input);
  const windward = windwardOf(lies, input.wind);
  return { lain: lies, wind: input.wind, windward, leeward: windward === "port" ? "starboard" : "port" };
}

/** Tries one manoeuvre with every human: what is told of it, and each trial. */
export function tryWay(
  way: Way,
  given: Given,
  { current, trials = usualTrials }: BerthingInput,
): { told: WayTried; trials: Tried[] } {
  const all = humans(trials).map((human) => tryOnce(given, way.steps(given), human, current));
  const rooms = all.map(({ roomM }) => roomM).toSorted((a, b) => a - b);
  const seconds = all.map((each) => each.seconds).toSorted((a, b) => a - b);
  const counts = new Map<Spoilt, number>();
  for (const { spoilt } of all) if (spoilt) counts.set(spoilt, (counts.get(spoilt) ?? 0) + 1);
  return {
    told: {
      ...{ way: way.name, trials: all.length, clear: all.filter(({ spoilt }) => spoilt === null).length },
      roomM: given.lain.others.length === 0 ? null : { least: rooms[0] ?? 0, median: middle(rooms) },
      seconds: middle(seconds),
      spoilt: [...counts].map(([code, count]) => ({ code, trials: count })).toSorted((a, b) => b.trials - a.trials),
    },
    trials: all,
  };
}

const middle = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)] ?? 0;

/** Of those that stay clear every time, the one with most room; of equal room the quickest. Null where none does. */
function bestOf(tried: readonly WayTried[]): string | null {
  const clear = tried.filter(({ clear: times, trials }) => times === trials);
  const room = ({ roomM }: WayTried) => (roomM ? Math.round(roomM.least / sameRoomM) : Number.POSITIVE_INFINITY);
  const [best] = clear.toSorted((a, b) => (room(a) === room(b) ? a.seconds - b.seconds : room(b) - room(a)));
  return best?.way ?? null;
}

function stopsOf({ wind, crew, isDark = false, limits = {} }: BerthingInput): BerthingPlan["stops"] {
  return [
    ...(limits.windKn !== undefined && wind.kn > limits.windKn ? (["wind"] as const) : []),
    ...(limits.crew !== undefined && crew < limits.crew ? (["crew"] as const) : []),
    ...(limits.byDay === true && isDark ? (["dark"] as const) : []),
  ];
}
