import type { YachtFile } from "../yacht/schema";
import { named, type FileCheck } from "./check";

type Engine = YachtFile["engines"][string];

const burns = ({ kind }: Engine) => kind === "diesel" || kind === "petrol-outboard";
const inboard = ({ kind }: Engine) => kind === "diesel";
const electric = (engine: Engine) => !burns(engine);

const facts = [
  ["neutral", "how neutral is proved", () => true],
  ["coolingWaterSeconds", "within how many seconds cooling water must be seen", burns],
  ["stopHoldSeconds", "how long stop is held", burns],
  ["crankSeconds", "how long the starter may turn", burns],
  ["chargingRpm", "the revs for windlass and charging", burns],
  ["burnLph", "what it burns at cruising revs", burns],
  ["burn", "what it burns at several speeds", burns],
  ["belt", "how its belt is judged", inboard],
  ["battery", "which bank it runs on", electric],
] as const satisfies readonly (readonly [keyof Engine, string, (engine: Engine) => boolean])[];

/** The facts of an engine that differ from boat to boat are known: those of its kind, and none of another. */
export const engineFacts: FileCheck = {
  name: "engine-facts",
  level: "warning",
  find: ({ engines }) =>
    Object.entries(engines).flatMap(([key, engine]) => [
      ...facts.flatMap(([fact, about, concerns]) =>
        concerns(engine) && engine[fact] === undefined
          ? [{ path: `/engines/${key}/${fact}`, message: `${named(engine, key)}: nobody has said ${about}` }]
          : [],
      ),
      ...(engine.kind === "electric-drive"
        ? (["coolingWaterSeconds", "crankSeconds", "burnLph", "burn", "belt"] as const).flatMap((fact) =>
            engine[fact] !== undefined
              ? [
                  {
                    path: `/engines/${key}/${fact}`,
                    message: `${named(engine, key)}: an electric drive has no such thing; take it out`,
                  },
                ]
              : [],
          )
        : []),
    ]),
};
