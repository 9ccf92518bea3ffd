import { named, type FileCheck } from "./check";

/** One can walk from the first place of the run to every other, along ways that go there. */
export const placesReached: FileCheck = {
  name: "places-reached",
  level: "error",
  find: ({ places, ways }) => {
    const first = Object.entries(places).sort(([, a], [, b]) => a.order - b.order)[0]?.[0];
    if (first === undefined) return [{ path: "/places", message: "there is no place aboard yet" }];
    const next = new Map<string, string[]>();
    const join = (from: string, to: string) => next.set(from, [...(next.get(from) ?? []), to]);
    for (const { from, to, oneWay } of Object.values(ways)) {
      join(from, to);
      if (!oneWay) join(to, from);
    }
    const reached = new Set([first]);
    for (const place of reached) for (const neighbour of next.get(place) ?? []) reached.add(neighbour);
    return Object.entries(places)
      .filter(([key]) => !reached.has(key))
      .map(([key, place]) => ({
        path: `/places/${key}`,
        message: `nobody can walk to ${named(place, key)}: no way leads there`,
      }));
  },
};
