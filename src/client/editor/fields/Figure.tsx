"use client";
import { blankFigure } from "@/core/yacht/parts/blank";
import { useEditing } from "../inputs/editing";
import { TextField } from "../inputs/TextField";
import type { FieldPart } from "./field-part";

/** A number, with comma or point. */
export function Figure({ field, label, value, error, put }: FieldPart) {
  const { disabled } = useEditing();
  return (
    <TextField
      label={label}
      value={value === null || value === blankFigure ? "" : String(value as number)}
      error={error}
      disabled={disabled}
      number
      onKeep={async (text) => {
        if (text === "" && field.optional) return put(null);
        if (text === "" && field.mustBeTold) return put(blankFigure);
        const number = Number(text.replace(",", "."));
        return text.trim() !== "" && Number.isFinite(number) ? put(number) : false;
      }}
    />
  );
}
