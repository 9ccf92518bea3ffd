import { textsOf } from "../yacht/figures";
import { blankWords } from "../yacht/parts/blank";
import type { FileCheck } from "./check";

/** No text was begun and left, or is blank: what the editor puts in for a new entry has been written over. */
export const textsWritten: FileCheck = {
  name: "texts-written",
  level: "error",
  find: (file) =>
    textsOf(file).flatMap(({ path, text }) =>
      text === blankWords || text.trim() === "" ? [{ path, message: "This text is still to be written" }] : [],
    ),
};
