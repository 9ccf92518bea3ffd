"use client";
import { useTranslations } from "next-intl";
import { sailedBefore } from "@/core/imports/crew";
import { Field } from "@/ui/Field";
import styles from "../Book.module.css";
import type { TypedPerson } from "./crew-typed";

interface Props {
  number: number;
  person: TypedPerson;
  fault: "name" | "weight" | null;
  onChange: (change: Partial<TypedPerson>) => void;
}

/** One of the crew: what a jacket and the briefing need, and what somebody wishes to tell besides. */
export function CrewPerson({ number, person, fault, onChange }: Props) {
  const t = useTranslations("own-crew");
  const text = (field: "name" | "weight" | "speaks" | "toKnow", label: string, error: string | null = null) => (
    <Field label={label} error={error}>
      {(ids) => (
        <input
          {...ids}
          autoComplete="off"
          maxLength={{ name: 120, weight: 3, speaks: 60, toKnow: 200 }[field]}
          inputMode={field === "weight" ? "numeric" : undefined}
          value={person[field]}
          onChange={(event) => onChange({ [field]: event.target.value })}
        />
      )}
    </Field>
  );
  const tick = (field: "isChild" | "swims", label: string) => (
    <label className={styles.tick}>
      <input
        type="checkbox"
        checked={person[field]}
        onChange={(event) => onChange({ [field]: event.target.checked })}
      />
      {label}
    </label>
  );
  return (
    <fieldset className={styles.person}>
      <legend>{t("person", { number })}</legend>
      {text("name", t("name"), fault === "name" ? t("name-missing") : null)}
      <div className={styles.beside}>
        {text("weight", t("weight"), fault === "weight" ? t("weight-wrong") : null)}
        {tick("isChild", t("child"))}
        {tick("swims", t("swims"))}
      </div>
      <details>
        <summary>{t("more")}</summary>
        {text("speaks", t("speaks"))}
        <Field label={t("sailed")}>
          {(ids) => (
            <select
              {...ids}
              value={person.sailed}
              onChange={(event) => onChange({ sailed: sailedBefore.find((each) => each === event.target.value) ?? "" })}
            >
              <option value="">{t("sailed-none")}</option>
              {sailedBefore.map((each) => (
                <option key={each} value={each}>
                  {t(`sailed-${each}`)}
                </option>
              ))}
            </select>
          )}
        </Field>
        {text("toKnow", t("to-know"))}
      </details>
    </fieldset>
  );
}
