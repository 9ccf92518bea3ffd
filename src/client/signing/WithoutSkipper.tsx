"use client";
import { useTranslations } from "next-intl";
import type { MissingSigner } from "@/core/handover/seal";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";

interface Props {
  without: MissingSigner | null;
  witness: string;
  onChange: (without: MissingSigner | null) => void;
  onWitness: (name: string) => void;
}

/** Says that the other side does not sign, why, and who is the witness. */
export function WithoutSkipper({ without, witness, onChange, onWitness }: Props) {
  const t = useTranslations("without");
  return (
    <div style={{ display: "grid", gap: 12 }}>
      <Choice
        label={t("who")}
        value={without === null ? "signs" : without.reason}
        options={(["signs", "absent", "refuses"] as const).map((value) => ({ value, word: t(`choose-${value}`) }))}
        onChoose={(next) => onChange(next === "signs" ? null : { reason: next, words: without?.words ?? "" })}
      />
      {without && (
        <>
          <p>{t("explain")}</p>
          <Field label={t("why")}>
            {(ids) => (
              <input
                {...ids}
                maxLength={1000}
                value={without.words}
                onChange={(event) => onChange({ ...without, words: event.target.value })}
              />
            )}
          </Field>
          <Field label={t("witness")}>
            {(ids) => (
              <input
                {...ids}
                maxLength={120}
                autoComplete="off"
                value={witness}
                onChange={(event) => onWitness(event.target.value)}
              />
            )}
          </Field>
        </>
      )}
    </div>
  );
}
