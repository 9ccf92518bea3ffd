"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { AppError } from "@/api/app-error";
import { putManual, readManual } from "@/api/manuals";
import { sha256Hex } from "@/core/basics/digest";
import { Field } from "@/ui/Field";
import { call, href } from "../../api/call";

interface Props {
  label: string;
  /** the hash of a PDF that was kept */
  value: string | null;
  error: string | null;
  disabled: boolean;
  onKeep: (to: string | null) => Promise<boolean>;
}

/** The manual of a device as PDF: looked at, changed for another one, or taken out. */
export function ManualField({ label, value, error, disabled, onKeep }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [refused, setRefused] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    setRefused(null);
    if (!file) return;
    if (file.size > 20_000_000) return setRefused(t("manual-large"));
    try {
      const bytes = new Uint8Array(await file.arrayBuffer());
      const hash = sha256Hex(bytes);
      await call(putManual, { params: { hash }, body: new Blob([bytes], { type: "application/pdf" }) });
      await onKeep(hash);
    } catch (caught) {
      setRefused(caught instanceof AppError ? caught.message : all("desk.no-signal"));
    }
  };
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <Field label={`${label}: ${t(value === null ? "manual-none" : "manual-other")}`} error={error ?? refused}>
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept="application/pdf,.pdf"
            disabled={disabled}
            onChange={(event) => void take(event.target.files?.[0])}
          />
        )}
      </Field>
      {value !== null && (
        <a href={href(readManual, { params: { hash: value } })} target="_blank" rel="noreferrer">
          {t("manual-open")}
        </a>
      )}
      {value !== null && !disabled && <Button onClick={() => void onKeep(null)}>{t("take-out")}</Button>}
    </Box>
  );
}
