"use client";
import { useTranslations } from "next-intl";
import { fittingKinds } from "@/core/yacht/parts/fittings";
import { Field } from "@/ui/Field";

/** What kind of fitting a new thing is; empty for something stowed. */
export function ThingKind({ value, onChange }: { value: string; onChange: (kind: string) => void }) {
  const t = useTranslations();
  return (
    <Field label={t("survey.thing")}>
      {(ids) => (
        <select {...ids} value={value} onChange={(event) => onChange(event.target.value)}>
          <option value="">{t("survey.stowed")}</option>
          {fittingKinds.map((kind) => (
            <option key={kind} value={kind}>
              {t(`fitting-kind.${kind}`)}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
