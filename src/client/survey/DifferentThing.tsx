"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Expected } from "@/core/yacht/note/seen";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "../book/Book.module.css";
import type { ReadyPhoto } from "../store/ready-photo";
import { usePhotos } from "../photos/usePhotos";
import { nothing, type Keep } from "./keep";
import { PhotoButton } from "./PhotoButton";

/** How a thing is otherwise than the file has it: where exactly, how it is worked, how many. */
export function DifferentThing({
  thing,
  photographed,
  onKeep,
  onDone,
}: {
  thing: Expected;
  photographed: readonly ReadyPhoto[];
  onKeep: Keep;
  onDone: () => void;
}) {
  const t = useTranslations("survey");
  const all = useTranslations();
  const { photos, fault, take } = usePhotos(photographed);
  const [where, setWhere] = useState("");
  const [how, setHow] = useState("");
  const [count, setCount] = useState("");
  const [wrong, setWrong] = useState(false);
  const keepDifferent = async () => {
    if (where.trim() === "" && how.trim() === "" && count.trim() === "" && photos.length === 0) return setWrong(true);
    const about = { collection: thing.collection, key: thing.key };
    await onKeep(
      {
        ...nothing,
        kind: "different",
        about,
        place: thing.place,
        where: where.trim(),
        how: how.trim(),
        count: /^\d{1,4}$/.test(count.trim()) ? Number(count) : null,
      },
      photos,
    );
    onDone();
  };
  return (
    <div className={styles.report}>
      <Field label={t("where")} error={wrong ? t("say") : null}>
        {(ids) => <input {...ids} maxLength={500} value={where} onChange={(event) => setWhere(event.target.value)} />}
      </Field>
      {thing.collection === "fittings" && (
        <Field label={t("how")}>
          {(ids) => <input {...ids} maxLength={500} value={how} onChange={(event) => setHow(event.target.value)} />}
        </Field>
      )}
      {thing.collection === "inventory" && (
        <Field label={t("count")}>
          {(ids) => (
            <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />
          )}
        </Field>
      )}
      <div className={styles.links}>
        <PhotoButton
          name={thing.name}
          count={photos.length}
          fault={fault === null ? null : all(`photo.${fault}`)}
          onTake={take}
        />
        <Button look="main" onClick={() => void keepDifferent()}>
          {t("keep")}
        </Button>
        <Button onClick={onDone}>{t("back")}</Button>
      </div>
    </div>
  );
}
