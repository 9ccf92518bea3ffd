import { v7 as uuid } from "uuid";
import { ruledStops } from "@/core/briefing/stops/rules";
import type { YachtFile } from "@/core/yacht/schema";
import type { PlaceOnWalk } from "@/ui/plan/WalkOnPlan";

export type Stops = YachtFile["stops"];
export type Stop = Stops[string];

/** What of a stop is tuned here. */
const tuned = ["minutes", "pin", "between"] as const;
type Tuned = (typeof tuned)[number];
export type StopChange = { [Field in Tuned]?: Stop[Field] | undefined };

const isSame = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** The stops with one of them changed; what is set to nothing is taken out. */
export function changeStop(stops: Stops, id: string, change: StopChange): Stops {
  const stop = stops[id];
  if (!stop) return stops;
  const next = Object.entries({ ...stop, ...change }).filter(([, value]) => value !== undefined);
  return { ...stops, [id]: Object.fromEntries(next) as Stop };
}

/** A stop moved in the walk: after what stands before its new place, before what stands after it. */
export function moveStop(stops: Stops, sequence: readonly string[], from: number, to: number): Stops {
  const id = sequence[from];
  if (id === undefined) return stops;
  const others = sequence.filter((_, at) => at !== from);
  const [after, before] = [others[to - 1], others[to]];
  return changeStop(stops, id, {
    pin: undefined,
    between: { ...(after === undefined ? {} : { after }), ...(before === undefined ? {} : { before }) },
  });
}

/** What each stop waits for by what must be, whatever the base has pinned or placed. */
export function waitsByRule(file: YachtFile): ReadonlyMap<string, readonly string[]> {
  const free = Object.fromEntries(
    Object.entries(file.stops).map(([id, { pin: _pin, between: _between, ...stop }]) => [id, stop]),
  );
  return new Map(ruledStops({ ...file, stops: free }).map((each) => [each.id, [...each.after]]));
}

/** The places of a walk in the order they are gone to, each with the numbers of the stops taken there. */
export function placesOnWalk(stops: Stops, sequence: readonly string[]): PlaceOnWalk[] {
  const walk: PlaceOnWalk[] = [];
  sequence.forEach((id, index) => {
    const place = stops[id]?.place;
    if (place === undefined) return;
    const here = walk.at(-1);
    if (here?.place === place) here.last = index + 1;
    else walk.push({ place, first: index + 1, last: index + 1 });
  });
  return walk;
}

/** What was tuned, as edits of the yacht's draft. */
export const editsOf = (before: Stops, after: Stops) =>
  Object.keys(after).flatMap((id) =>
    tuned.flatMap((field) => {
      const [from, to] = [before[id]?.[field] ?? null, after[id]?.[field] ?? null];
      return isSame(from, to)
        ? []
        : [{ id: uuid(), path: `/stops/${id}/${field}`, from, to, undoes: null, source: null }];
    }),
  );
