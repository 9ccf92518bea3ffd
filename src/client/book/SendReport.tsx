"use client";
import { useTranslations } from "next-intl";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "./Book.module.css";
import type { usePhotos } from "../photos/usePhotos";

/** The end of every report to the base: photos, sending it, or leaving it. */
export function SendReport({
  photos: { photos, fault, take },
  onSend,
  onDone,
}: {
  photos: ReturnType<typeof usePhotos>;
  onSend: () => Promise<void>;
  onDone: () => void;
}) {
  const t = useTranslations();
  return (
    <>
      <Field
        label={t("mark.photo")}
        hint={photos.length > 0 ? t("after.photos-ready", { photos: photos.length }) : t("photo.hint")}
        error={fault ? t(`photo.${fault}`) : null}
      >
        {(ids) => (
          <input {...ids} type="file" accept="image/*" onChange={(event) => void take(event.target.files?.[0])} />
        )}
      </Field>
      <div className={styles.links}>
        <Button look="main" large onClick={() => void onSend()}>
          {t("after.send")}
        </Button>
        <Button onClick={onDone}>{t("common.back")}</Button>
      </div>
    </>
  );
}
