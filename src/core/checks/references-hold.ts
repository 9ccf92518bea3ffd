import { brokenReferences } from "../yacht/references";
import type { FileCheck } from "./check";

/** Nothing in the file points at nothing: places, fittings, tanks, procedures, figures in texts. */
export const referencesHold: FileCheck = {
  name: "references-hold",
  level: "error",
  find: (file) => brokenReferences(file).map(({ path, message }) => ({ path, message })),
};
