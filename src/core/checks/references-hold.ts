import { brokenReferences } from "../yacht/references";
import { untoldField } from "./untold-field";
import type { FileCheck } from "./check";

/** Nothing in the file points at nothing: places, fittings, tanks, procedures, figures in texts. */
export const referencesHold: FileCheck = {
  name: "references-hold",
  level: "error",
  find: (file) =>
    brokenReferences(file)
      // what nobody has told yet is asked for at its own field
      .filter(({ names }) => untoldField(file, names) === null)
      .map(({ path, message }) => ({ path, message })),
};
