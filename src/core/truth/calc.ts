import { Type, type Static } from "@sinclair/typebox";
import { InputError, type Calculation } from "../basics/calculation";
import { resolveYacht } from "../yacht/resolve";
import { YachtFile, YachtOfClass } from "../yacht/schema";
import { upgradeYachtFile } from "../yacht/upgrade";
import { checkTexts, type TextsChecked } from "./check-texts";

/** A document before its form is looked at: one of an earlier form is read as one of today. */
const Document = Type.Record(Type.String(), Type.Unknown());
const CheckInput = Type.Union([
  Type.Object({ class: Document, yacht: YachtOfClass }, { additionalProperties: false }),
  Type.Object({ file: Document }, { additionalProperties: false }),
]);

/** Says where a value has not the form of a schema, or null. */
export type FormFault = (schema: typeof YachtFile, value: unknown) => string | null;

function soundFile(document: unknown, where: string, check: FormFault): YachtFile {
  const file = upgradeYachtFile(document);
  const fault = check(YachtFile, file);
  if (fault !== null) throw new InputError(where, `this is no yacht file: ${fault}`);
  return file as YachtFile;
}

/** `./brinecove calc check`: every text of a yacht file that her own facts contradict. */
export const checkCalculation: Calculation<Static<typeof CheckInput>, TextsChecked, { check: FormFault }> = {
  name: "check",
  about: "texts of a yacht file that her own facts contradict, and what she has to have and has not",
  schema: CheckInput,
  run: (input, { check }) => {
    if ("file" in input) return checkTexts(soundFile(input.file, "/file", check));
    const classFile = soundFile(input.class, "/class", check);
    return checkTexts(soundFile(resolveYacht(classFile, input.yacht.patch), "/yacht", check), [classFile]);
  },
};
