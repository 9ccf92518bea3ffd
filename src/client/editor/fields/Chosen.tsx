"use client";
import { useTranslations } from "next-intl";
import { referredCollection } from "@/core/yacht/draft/fields";
import { blankDay, blankWords } from "@/core/yacht/parts/blank";
import { Field } from "@/ui/Field";
import { useEditing } from "../inputs/editing";
import { ManualField } from "../inputs/ManualField";
import { PhotoField } from "../inputs/PhotoField";
import { TextField } from "../inputs/TextField";
import { partName } from "../inputs/tree";
import type { FieldPart } from "./field-part";

/** One of a few words, or the key of another part of the file; else a text as it is, or a photo. */
export function Chosen(part: FieldPart) {
  const { path, field, label, value, error, put } = part;
  const { file, collection, disabled } = useEditing();
  const refers = field.kind === "text" ? referredCollection(collection, field.name) : null;
  const parts = refers === null ? null : (file as unknown as Record<string, Record<string, unknown>>)[refers];
  const options =
    field.options?.map((option) => ({ value: option, word: option.replaceAll("-", " ") })) ??
    (parts
      ? Object.entries(parts).map(([key, named]) => ({ value: key, word: `${partName(named, key)} (${key})` }))
      : null);
  if (options) return <Options {...part} options={options} />;
  const text = value === null || value === blankDay || value === blankWords ? "" : String(value as string);
  if (field.name === "manual")
    return (
      <ManualField label={label} value={value === null ? null : text} error={error} disabled={disabled} onKeep={put} />
    );
  if (field.name === "photo" || field.name === "photoShut")
    return (
      <PhotoField
        path={path}
        label={label}
        value={value === null ? null : text}
        error={error}
        disabled={disabled}
        onKeep={put}
      />
    );
  return (
    <TextField
      label={label}
      value={text}
      error={error}
      disabled={disabled}
      onKeep={(next) => put(next === "" && field.optional ? null : next)}
    />
  );
}

function Options({
  field,
  label,
  value,
  error,
  put,
  options,
}: FieldPart & { options: readonly { value: string; word: string }[] }) {
  const t = useTranslations("editor");
  const { disabled } = useEditing();
  const isUnchosen = value === null || value === blankWords;
  return (
    <Field label={label} error={error}>
      {(ids) => (
        <select
          {...ids}
          disabled={disabled}
          value={isUnchosen ? "" : String(value as string)}
          onChange={(event) =>
            void put(event.target.value !== "" ? event.target.value : field.mustBeTold ? blankWords : null)
          }
        >
          {(field.optional || isUnchosen) && <option value="">{t("nothing")}</option>}
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.word}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
