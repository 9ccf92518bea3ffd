"use client";
import { useTranslations, type AppConfig } from "next-intl";
import { localize } from "@/core/basics/words";
import type { ReadField } from "@/core/readings/rule";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import styles from "./Row.module.css";

type FieldName = Exclude<keyof AppConfig["Messages"]["field"], symbol>;

/** A value read off, as it stands in its field. */
export const typedField = (value: number | string | boolean | undefined): string =>
  value === undefined ? "" : typeof value === "boolean" ? (value ? "yes" : "no") : String(value);

/** What was typed or tapped, as the value it stands for. */
export function parsedField(field: ReadField, typed: string): "empty" | "wrong" | { value: number | string | boolean } {
  const text = typed.trim();
  if (text === "") return "empty";
  if (field.type === "choice") return { value: text };
  if (field.type === "yes-no") return { value: text === "yes" };
  if (field.type === "date") return /^\d{4}-\d{2}(-\d{2})?$/.test(text) ? { value: text } : "wrong";
  const number = Number(text.replace(",", "."));
  return Number.isFinite(number) && number >= field.least && number <= field.most ? { value: number } : "wrong";
}

/** One thing to be read off: typed, tapped among a few words, or tapped where the thing itself is marked. */
export function ReadFieldInput({
  field,
  value,
  isWrong,
  onType,
  onKeep,
}: {
  field: ReadField;
  value: string;
  isWrong: boolean;
  onType: (text: string) => void;
  /** without a text: what was typed until now */
  onKeep: (text?: string) => void;
}) {
  const t = useTranslations();
  const label = t(`field.${field.name as FieldName}`);
  if (field.type === "choice" || field.type === "yes-no")
    return (
      <div className={styles.free}>
        <p aria-hidden="true">{label}</p>
        <Choice
          label={label}
          options={
            field.type === "yes-no"
              ? (["yes", "no"] as const).map((option) => ({ value: option as string, word: t(`option.${option}`) }))
              : field.options.map((option) => ({
                  value: option,
                  word: t(`option.${field.name}-${option}` as "option.looks-clean"),
                }))
          }
          value={value || null}
          onChoose={onKeep}
        />
      </div>
    );
  const taps = field.type === "number" ? (field.taps ?? []) : [];
  return (
    <>
      {taps.length > 0 && (
        <div className={styles.taps}>
          <Choice
            label={label}
            options={taps.map((tap) => ({ value: String(tap.value), word: localize(tap.words) }))}
            value={taps.some((tap) => String(tap.value) === value) ? value : null}
            onChoose={onKeep}
          />
        </div>
      )}
      <Field label={label} error={isWrong ? t(`field.wrong-${field.type}`) : null}>
        {(ids) => (
          <input
            {...ids}
            type={field.type === "date" ? "month" : "text"}
            inputMode={field.type === "number" ? "decimal" : undefined}
            placeholder={field.type === "date" ? "2027-06" : undefined}
            autoComplete="off"
            value={value}
            onChange={(event) => (field.type === "date" ? onKeep : onType)(event.target.value)}
            onBlur={() => onKeep()}
            onKeyDown={(event) => {
              if (event.key === "Enter") onKeep();
            }}
          />
        )}
      </Field>
    </>
  );
}
