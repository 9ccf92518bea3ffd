import { InputError } from "../../basics/calculation";
import { hasBit, type Bits } from "./bits";
import { distancesBetween, type Arc, type Distances } from "../../plan/distances";
import { closingPairs, precedenceOf, type Precedence } from "./precedence";
import type { WalkInput } from "./schema";

/** A walk to be planned, by numbers: places and stops are counted from 0 in the order of the input. */
export interface WalkProblem {
  input: WalkInput;
  /** of each stop */
  placeOf: number[];
  systemOf: number[];
  minutesOf: number[];
  systems: number;
  start: number;
  end: number | null;
  arcs: Arc[];
  distances: Distances;
  /** what must come before what, with what the asked order and ways in one direction add */
  precedence: Precedence;
  /** each stop that closes another: [opening, closing] */
  closing: [number, number][];
  /** in `deck-first`: stops below that a stop on deck depends on */
  exceptions: Set<number>;
}

/**
 * Looks the input over and brings it into numbers.
 *
 * @throws InputError for what cannot be planned, naming it
 */
export function walkProblem(input: WalkInput): WalkProblem {
  const places = numbersOf(input.places, "/places", "place");
  const stopNumbers = numbersOf(input.stops, "/stops", "stop");
  const placeNamed = (id: string, where: string, who: string) => known(places, id, where, `${who} the place`);
  const arcs = input.ways.flatMap(({ from, to, seconds, oneWay }, i): Arc[] => {
    const where = `/ways/${i}`;
    if (seconds < 0)
      throw new InputError(
        where,
        `the way from "${from}" to "${to}" takes ${seconds} seconds; it cannot be less than 0`,
      );
    const arc = {
      from: placeNamed(from, where, "a way leads from"),
      to: placeNamed(to, where, "a way leads to"),
      seconds,
    };
    return oneWay ? [arc] : [arc, { from: arc.to, to: arc.from, seconds }];
  });
  const name = (stop: number) => input.stops[stop]?.id ?? String(stop);
  const closedBy = new Map<number, number>();
  const systems = new Map<string, number>();
  const waits = input.stops.map(({ id, minutes, after = [], closes }, i) => {
    const where = `/stops/${i}`;
    if (minutes < 0) throw new InputError(where, `stop "${id}" takes ${minutes} minutes; it cannot be less than 0`);
    const stopNamed = (other: string) => known(stopNumbers, other, where, `stop "${id}" names the stop`);
    const closed = closes === undefined ? null : stopNamed(closes);
    if (closed !== null) {
      const other = closedBy.get(closed);
      if (other !== undefined)
        throw new InputError(
          where,
          `stop "${closes}" is closed by two: "${name(other)}" and "${id}"; at most one stop closes another`,
        );
      closedBy.set(closed, i);
    }
    return { after: after.map(stopNamed), closes: closed };
  });
  const placeOf = input.stops.map(({ place, id }, i) => placeNamed(place, `/stops/${i}`, `stop "${id}" is at`));
  const start = placeNamed(input.start, "/start", "the walk starts at");
  const end = input.end === null ? null : placeNamed(input.end, "/end", "the walk ends at");
  const distances = distancesBetween(places.size, arcs);
  const pairs = closingPairs(waits, name);
  const plain = precedenceOf(input.stops.length, pairs, name);
  const isDeck = (stop: number) => input.places[placeOf[stop] as number]?.level === "deck";
  const exceptions = new Set<number>();
  if (input.order === "deck-first") {
    input.stops.forEach((_, deck) => {
      if (!isDeck(deck)) return;
      input.stops.forEach((__, stop) => {
        if (!isDeck(stop) && hasBit(plain.ancestors[deck] as Bits, stop)) exceptions.add(stop);
      });
    });
    input.stops.forEach((_, deck) => {
      if (isDeck(deck))
        input.stops.forEach((__, stop) => !isDeck(stop) && !exceptions.has(stop) && pairs.push([deck, stop]));
    });
  }
  pairs.push(...oneWayPairs(input, distances, placeOf, start, end));
  return {
    input,
    placeOf,
    start,
    end,
    arcs,
    distances,
    exceptions,
    systemOf: input.stops.map(
      ({ system }) => systems.get(system) ?? (systems.set(system, systems.size), systems.size - 1),
    ),
    minutesOf: input.stops.map(({ minutes }) => minutes),
    get systems() {
      return systems.size;
    },
    precedence: reachable(input, pairs, name),
    closing: [...closedBy.entries()],
  };
}

/** Ways in one direction can contradict the order that is asked for: then some stop is never reached. */
function reachable(input: WalkInput, pairs: readonly [number, number][], name: (stop: number) => string): Precedence {
  try {
    return precedenceOf(input.stops.length, pairs, name);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw new InputError(
      "/stops",
      `in no allowed order can every stop be reached, as some ways lead one way only: ${error.message.replace(/^[^:]*: /, "")}`,
    );
  }
}

/** What ways in one direction add: who has gone where no way leads back can no more do what lies behind. */
function oneWayPairs(
  input: WalkInput,
  { seconds, size }: Distances,
  placeOf: readonly number[],
  start: number,
  end: number | null,
): [number, number][] {
  const leads = (from: number, to: number) => (seconds[from * size + to] as number) < Infinity;
  const placeName = (place: number) => input.places[place]?.id ?? "";
  const pairs: [number, number][] = [];
  placeOf.forEach((place, stop) => {
    const { id } = input.stops[stop] ?? { id: "" };
    if (!leads(start, place))
      throw new InputError(
        `/stops/${stop}`,
        `stop "${id}" cannot be reached: no way leads from "${input.start}" to "${placeName(place)}"`,
      );
    if (end !== null && !leads(place, end))
      throw new InputError(
        "/end",
        `the end "${placeName(end)}" cannot be reached: no way leads there from "${placeName(place)}", where stop "${id}" is`,
      );
    placeOf.forEach((other, otherStop) => {
      if (otherStop <= stop || other === place) return;
      const [there, back] = [leads(place, other), leads(other, place)];
      if (there && back) return;
      if (!there && !back)
        throw new InputError(
          `/stops/${otherStop}`,
          `stop "${input.stops[otherStop]?.id ?? ""}" cannot be reached in any allowed order: no way leads from it to stop "${id}", nor the other way`,
        );
      pairs.push(there ? [stop, otherStop] : [otherStop, stop]);
    });
  });
  if (end !== null && !leads(start, end))
    throw new InputError(
      "/end",
      `the end "${placeName(end)}" cannot be reached: no way leads there from "${input.start}"`,
    );
  return pairs;
}

function numbersOf(parts: readonly { id: string }[], where: string, what: string): Map<string, number> {
  const numbers = new Map<string, number>();
  parts.forEach(({ id }, i) => {
    if (numbers.has(id))
      throw new InputError(`${where}/${i}`, `the ${what} "${id}" is there twice; each has an id of its own`);
    numbers.set(id, i);
  });
  return numbers;
}

function known(numbers: ReadonlyMap<string, number>, id: string, where: string, who: string): number {
  const number = numbers.get(id);
  if (number === undefined) throw new InputError(where, `${who} "${id}", which is not among those given`);
  return number;
}
