import type { FittingPurpose, ProcedurePurpose } from "../yacht/parts/purposes";
import { fittingsFor, takesUp } from "../yacht/purposes";
import type { YachtFile } from "../yacht/schema";
import { named, type FileCheck, type Finding } from "./check";

const some = (parts: object) => Object.keys(parts).length > 0;
const hasFitting = (purpose: FittingPurpose) => (file: YachtFile) => fittingsFor(file, purpose).length > 0;

/** What order and depth of a briefing go by, besides the safety topics: what is aboard has a procedure that says what it is for. */
export const expectedPurposes: readonly {
  purpose: ProcedurePurpose;
  about: string;
  concerns: (file: YachtFile) => boolean;
}[] = [
  { purpose: "engine-start", about: "starting the engine", concerns: ({ engines }) => some(engines) },
  {
    purpose: "twin-engines",
    about: "turning her with two engines",
    concerns: ({ engines }) => Object.values(engines).filter(({ kind }) => kind === "diesel").length > 1,
  },
  { purpose: "thruster", about: "the thruster", concerns: hasFitting("thruster-control") },
  { purpose: "autopilot", about: "the autopilot", concerns: hasFitting("pilot-control") },
  { purpose: "generator-start", about: "the generator", concerns: ({ generators }) => some(generators) },
  { purpose: "shore-power", about: "shore power", concerns: ({ shoreCords }) => some(shoreCords) },
  {
    purpose: "main-hoist",
    about: "hoisting the mainsail",
    concerns: ({ sails }) => Object.values(sails).some(({ kind }) => kind.startsWith("main-")),
  },
  { purpose: "reefing", about: "reefing", concerns: ({ reefs }) => some(reefs) },
];

/** Fittings that rules go by, told by system and kind: each says which it is. */
const asked: Readonly<Record<string, readonly string[]>> = {
  "pilot-and-thruster": ["control", "remote", "switch"],
  anchoring: ["switch"],
};

/**
 * The rules of a briefing go by what a part is for, never by what a base calls it. Where a rule needs a purpose and none
 * is named, the rule would be lost in silence.
 */
export const purposesNamed: FileCheck = {
  name: "purposes-named",
  level: "error",
  find: (file) => [
    ...expectedPurposes
      .filter(
        ({ purpose, concerns }) =>
          concerns(file) && !Object.values(file.procedures).some((procedure) => procedure.purpose === purpose),
      )
      .map(({ purpose, about }): Finding => ({
        path: "/procedures",
        message: `${about}: no procedure has the purpose ${purpose}, by which it is briefed in order and in depth`,
      })),
    ...Object.entries(file.fittings)
      .filter(([, { system, kind, purpose }]) => purpose === undefined && asked[system]?.includes(kind))
      .map(([key, fitting]): Finding => ({
        path: `/fittings/${key}/purpose`,
        message: `${named(fitting, key)} does not say what it works or feeds: choose its purpose`,
      })),
    ...fittingsFor(file, "windlass-switch").flatMap((key): Finding[] => {
      const fitting = file.fittings[key];
      return !fitting || Object.values(file.stops).some((stop) => takesUp(stop, fitting))
        ? []
        : [
            {
              path: `/fittings/${key}`,
              message: `${named(fitting, key)} is at no stop of the briefing: the windlass would be tried with its switch off`,
            },
          ];
    }),
  ],
};
