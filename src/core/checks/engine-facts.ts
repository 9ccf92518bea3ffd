import { named, type FileCheck } from "./check";

const facts = [
  ["neutral", "how neutral is proved"],
  ["stopHoldSeconds", "how long stop is held"],
  ["crankSeconds", "how long the starter may turn"],
  ["chargingRpm", "the revs for windlass and charging"],
  ["burn", "what it burns at several speeds"],
] as const;

/** The facts of an engine that differ from boat to boat are known. */
export const engineFacts: FileCheck = {
  name: "engine-facts",
  level: "warning",
  find: ({ engines }) =>
    Object.entries(engines).flatMap(([key, engine]) =>
      facts.flatMap(([fact, about]) =>
        engine[fact] === undefined
          ? [{ path: `/engines/${key}/${fact}`, message: `${named(engine, key)}: nobody has said ${about}` }]
          : [],
      ),
    ),
};
