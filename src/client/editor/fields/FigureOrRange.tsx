"use client";
import { readSpan, writtenSpan, type Span } from "@/core/basics/span";
import { useEditing } from "../inputs/editing";
import { TextField } from "../inputs/TextField";
import type { FieldPart } from "./field-part";

/** A number, or a range with a dash between its ends: 1500, 1500-1800. */
export function FigureOrRange({ field, label, value, error, put }: FieldPart) {
  const { disabled } = useEditing();
  return (
    <TextField
      label={label}
      value={value === null ? "" : writtenSpan(value as Span)}
      error={error}
      disabled={disabled}
      onKeep={async (text) => {
        if (text.trim() === "" && field.optional) return put(null);
        const span = readSpan(text);
        return span === null ? false : put(span);
      }}
    />
  );
}
