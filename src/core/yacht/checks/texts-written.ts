import { blankWords } from "../draft/blank";
import { textsOf } from "../figures";
import type { FileCheck } from "./check";

/** No text was begun and left: what the editor puts in for a new entry has been written over. */
export const textsWritten: FileCheck = {
  name: "texts-written",
  level: "error",
  find: (file) =>
    textsOf(file).flatMap(({ path, text }) =>
      text === blankWords ? [{ path, message: "This text is still to be written" }] : [],
    ),
};
