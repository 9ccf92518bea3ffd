"use client";
import { putPhoto } from "@/api/photos";
import { AppError } from "@/api/app-error";
import { call } from "../../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";
import { PhotoStrip } from "../../desk/PhotoStrip";
import { useReadyPhoto } from "../../photos/useReadyPhoto";

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
  const [refused, setRefused] = useState<string | null>(null);
  const { fault, ready } = useReadyPhoto();
  const take = async (file: File | undefined) => {
    setRefused(null);
    const photo = file && (await ready(file, "file"));
    if (!photo) return;
    try {
      await call(putPhoto, { params: { hash: photo.hash }, body: photo.bytes });
      await onKeep(photo.hash);
    } catch (caught) {
      setRefused(caught instanceof AppError ? caught.message : all("desk.no-signal"));
    }
  };
  const isDrawn = value?.startsWith("drawn:") ?? false;
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <Field
        label={`${label}: ${value === null ? t("photo-none") : isDrawn ? t("photo-drawn") : t("photo-take")}`}
        error={error ?? (fault === null ? refused : all(`photo.${fault}`))}
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
