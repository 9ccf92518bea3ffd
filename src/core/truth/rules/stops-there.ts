import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";
import type { TruthRule } from "./rule";

/** Where the procedures of a stop are done: at their own places, and wherever their steps send people. */
const placesOf = (file: YachtFile, topics: readonly string[]): ReadonlySet<string> =>
  new Set(
    topics.flatMap((key) => {
      const procedure = file.procedures[key];
      if (!procedure) return [];
      return [
        procedure.place,
        ...procedure.steps.flatMap(({ place, fitting }) => [
          ...(place === undefined ? [] : [place]),
          ...(fitting !== undefined && file.fittings[fitting] ? [file.fittings[fitting].place] : []),
        ]),
      ];
    }),
  );

/** A stop of the briefing is where something of what it takes up is done; a test is where something of its system is. */
export const stopsThere: TruthRule = {
  name: "stops-there",
  find: ({ file }) => [
    ...Object.entries(file.stops).flatMap(([key, { topics, place, system }]): Found[] => {
      const there = placesOf(file, topics ?? []);
      // where the lines lie one speaks of leaving the berth
      const holds = [...Object.values(file.fittings), ...Object.values(file.inventory)].some(
        (part) => part.place === place && part.system === system,
      );
      return there.size === 0 || there.has(place) || holds
        ? []
        : [{ path: `/stops/${key}/title`, code: "place-differs", fact: `/procedures/${topics?.[0]}/place` }];
    }),
    ...Object.entries(file.tests).flatMap(([key, { system, place }]): Found[] => {
      const spots = [
        ...Object.values(file.fittings),
        ...Object.values(file.procedures),
        ...Object.values(file.inventory),
      ];
      const like = spots.filter((part) => part.system === system);
      const first = Object.keys(file.fittings).find((fitting) => file.fittings[fitting]?.system === system);
      return first === undefined || like.some((part) => part.place === place)
        ? []
        : [{ path: `/tests/${key}/name`, code: "place-differs", fact: `/fittings/${first}/place` }];
    }),
  ],
};
