"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";

/** What has no field of its own, as JSON. */
export function JsonField({
  label,
  value,
  error,
  disabled,
  onKeep,
}: {
  label: string;
  value: unknown;
  error: string | null;
  disabled: boolean;
  onKeep: (to: unknown) => Promise<boolean>;
}) {
  const t = useTranslations("editor");
  const standing = value === null ? "" : JSON.stringify(value);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const keep = async () => {
    if (typed === null || typed === standing) return setTyped(null);
    let to: unknown = null;
    try {
      to = typed.trim() === "" ? null : (JSON.parse(typed) as unknown);
    } catch {
      return setWrong(true);
    }
    setWrong(false);
    if (await onKeep(to)) setTyped(null);
  };
  return (
    <Field label={label} error={error ?? (wrong ? t("json-wrong") : null)}>
      {(ids) => (
        <textarea
          {...ids}
          rows={2}
          disabled={disabled}
          value={typed ?? standing}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => void keep()}
        />
      )}
    </Field>
  );
}
