import { humans } from "./human";
import { lain, windwardOf } from "./lie";
import type { BerthingInput, BerthingPlan, Spoilt, WayTried } from "./schema";
import { tryOnce, type Tried } from "./trial";
import type { Given, Way } from "./way";
import { ways } from "./ways";

const usualTrials = 20;
/** From so much wind on one waits rather than asks for a boat, kn. */
const muchWindKn = 12;

/**
 * Which way out of her berth is safest: the usual manoeuvres, each tried with the errors of a human. It shows what is
 * likely, and is no permission to go.
 *
 * @throws InputError for a berth that she does not fit in
 */
export function planBerthing(input: BerthingInput): BerthingPlan {
  const given = givenOf(input);
  const tried = ways.filter((way) => way.fits(given)).map((way) => tryWay(way, given, input));
  const best = bestOf(tried.map(({ told }) => told));
  const way = ways.find(({ name }) => name === best);
  const stops = stopsOf(input);
  return {
    ways: tried.map(({ told }) => told),
    best,
    advice: stops.length > 0 ? "wait" : best !== null ? "go" : input.wind.kn >= muchWindKn ? "wait" : "ask",
    stops,
    fenders: way ? [...way.fenders(given)] : [],
    steps: way ? way.steps(given).map(({ code, orders }) => ({ code, orders: [...orders] })) : [],
  };
}

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
  const room = ({ roomM }: WayTried) => roomM?.least ?? Number.POSITIVE_INFINITY;
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
