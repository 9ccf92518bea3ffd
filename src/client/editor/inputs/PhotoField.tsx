"use client";
import { putPhoto } from "@/api/photos";
import { AppError } from "@/api/app-error";
import { call } from "../../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";
import { PhotoStrip } from "../../desk/PhotoStrip";

interface Props {
  path: string;
  label: string;
  /** the hash of a photo, or a drawn sample's name */
  value: string | null;
  error: string | null;
  disabled: boolean;
  onKeep: (to: string | null) => Promise<boolean>;
}

/** The photo of a fitting: shown, changed for another one, or taken out. */
export function PhotoField({ path, label, value, error, disabled, onKeep }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setFault(null);
    const { readyPhoto, PhotoError } = await import("../../photos/re-encode");
    try {
      const { hash, bytes } = await readyPhoto(file, "file");
      await call(putPhoto, { params: { hash }, body: bytes });
      await onKeep(hash);
    } catch (caught) {
      setFault(
        caught instanceof PhotoError
          ? all(`photo.${caught.reason}`)
          : caught instanceof AppError
            ? caught.message
            : all("desk.no-signal"),
      );
    }
  };
  const isDrawn = value?.startsWith("drawn:") ?? false;
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <Field
        label={`${label}: ${value === null ? t("photo-none") : isDrawn ? t("photo-drawn") : t("photo-take")}`}
        error={error ?? fault}
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept="image/*"
            disabled={disabled}
            onChange={(event) => void take(event.target.files?.[0])}
          />
        )}
      </Field>
      {value !== null && !isDrawn && <PhotoStrip photos={[value]} name={path.split("/")[2] ?? ""} />}
      {value !== null && !disabled && <Button onClick={() => void onKeep(null)}>{t("take-out")}</Button>}
    </Box>
  );
}
