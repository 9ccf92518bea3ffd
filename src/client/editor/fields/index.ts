import type { FC } from "react";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { ByComma } from "./ByComma";
import { Chosen } from "./Chosen";
import { Entries } from "./Entries";
import type { FieldPart } from "./field-part";
import { Figure } from "./Figure";
import { FigureOrRange } from "./FigureOrRange";
import { Inner } from "./Inner";
import { OnThePlan } from "./OnThePlan";
import { Written } from "./Written";
import { YesNo } from "./YesNo";

/** The input of each kind of field. */
export const fieldInputs: Readonly<Record<FieldSpec["kind"], FC<FieldPart>>> = {
  "yes-no": YesNo,
  choice: Chosen,
  text: Chosen,
  words: Written,
  number: Figure,
  span: FigureOrRange,
  keys: ByComma,
  texts: ByComma,
  part: Inner,
  list: Entries,
  other: OnThePlan,
};

export type { FieldPart } from "./field-part";
