import { expectedPurposes } from "../../checks/purposes-named";
import { safetyTopics } from "../../checks/safety-topics";
import { missing, type Needed } from "./needed";

/** Purposes that her kind of boat has, what takes the load off a windlass, and a reef table. */
export const rigging: Needed = {
  name: "rigging",
  find: (file) => [
    ...[...safetyTopics, ...expectedPurposes]
      .filter(
        ({ concerns, purpose }) =>
          concerns(file) && !Object.values(file.procedures).some((procedure) => procedure.purpose === purpose),
      )
      .map(({ purpose }) => missing(`/procedures/${purpose}`)),
    ...Object.entries(file.groundTackle)
      .filter(([, { windlass, relief }]) => windlass !== undefined && relief === "none")
      .map(([key]) => missing(`/groundTackle/${key}/relief`)),
    ...(Object.keys(file.reefs).length === 0 && Object.values(file.sails).some(({ kind }) => kind.startsWith("main-"))
      ? [missing("/reefs")]
      : []),
  ],
};
