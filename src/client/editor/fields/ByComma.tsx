"use client";
import { useTranslations } from "next-intl";
import { useEditing } from "../inputs/editing";
import { TextField } from "../inputs/TextField";
import type { FieldPart } from "./field-part";

/** Several short texts or keys in one field, a comma between them. */
export function ByComma({ field, label, value, error, put }: FieldPart) {
  const t = useTranslations("editor");
  const { disabled } = useEditing();
  return (
    <TextField
      label={`${label} (${t("by-comma")})`}
      value={((value as string[] | null) ?? []).join(", ")}
      error={error}
      disabled={disabled}
      onKeep={(text) => {
        const list = text
          .split(",")
          .map((each) => each.trim())
          .filter((each) => each !== "");
        return put(list.length === 0 && field.optional ? null : list);
      }}
    />
  );
}
