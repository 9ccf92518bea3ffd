import { collectionFields, type FieldSpec } from "../yacht/draft/fields";
import { blankDay, isBlank } from "../yacht/parts/blank";
import { brokenFigures, textsOf } from "../yacht/figures";
import type { YachtFile } from "../yacht/schema";
import { untoldField } from "./untold-field";
import type { FileCheck } from "./check";

const fields = collectionFields();

/** Where a part of a file still waits for a fact: JSON pointers, in the order of its fields. */
function untoldIn(part: unknown, specs: readonly FieldSpec[], path: string): string[] {
  return specs.flatMap(({ name, mustBeTold, of }) => {
    const value = (part as Record<string, unknown>)[name];
    const at = `${path}/${name}`;
    if (mustBeTold) return isBlank(value) ? [at] : [];
    if (value === blankDay) return [at];
    if (!of || value === undefined) return [];
    return Array.isArray(value)
      ? value.flatMap((entry, i) => untoldIn(entry, of, `${at}/${i}`))
      : untoldIn(value, of, at);
  });
}

/** No fact was left blank: what must be true of the boat is told by somebody, and never guessed for them. */
export const factsTold: FileCheck = {
  name: "facts-told",
  level: "error",
  find: (file) =>
    [...new Set([...untoldFacts(file), ...untoldInTexts(file)])].map((path) => ({
      path,
      message: "Nobody has told this yet",
    })),
};

/** Facts that are blank. */
const untoldFacts = (file: YachtFile): string[] =>
  Object.entries(fields).flatMap(([collection, specs]) =>
    collection === "particulars"
      ? untoldIn(file.particulars, specs, "/particulars")
      : Object.entries(file[collection as "places"]).flatMap(([key, part]) =>
          untoldIn(part, specs, `/${collection}/${key}`),
        ),
  );

/** Facts that may be left out, and that a text takes. */
const untoldInTexts = (file: YachtFile): string[] =>
  textsOf(file).flatMap(({ text }) => brokenFigures(text, file).flatMap((names) => untoldField(file, names) ?? []));
