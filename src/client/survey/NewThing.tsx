"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { YachtNote } from "@/core/yacht/note/note";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "../book/Book.module.css";
import { ThingKind } from "../notes/ThingKind";
import type { ReadyPhoto } from "../store/ready-photo";
import { usePhotos } from "../photos/usePhotos";
import type { Keep } from "./keep";
import { PhotoButton } from "./PhotoButton";

/** A thing that is aboard and not in the file: what it is, how many or what kind, where, and how it is worked. */
export function NewThing({
  place,
  photographed,
  onKeep,
  onDone,
}: {
  place: string;
  photographed: readonly ReadyPhoto[];
  onKeep: Keep;
  onDone: () => void;
}) {
  const t = useTranslations("survey");
  const all = useTranslations();
  const { photos, fault, take } = usePhotos(photographed);
  const [name, setName] = useState("");
  const [thing, setThing] = useState("");
  const [count, setCount] = useState("1");
  const [where, setWhere] = useState("");
  const [how, setHow] = useState("");
  const [wrong, setWrong] = useState(false);
  const keep = async () => {
    if (name.trim() === "") return setWrong(true);
    const isFitting = thing !== "";
    await onKeep(
      {
        kind: "new",
        about: null,
        place,
        name: name.trim(),
        thing: isFitting ? (thing as YachtNote["thing"]) : null,
        count: isFitting || !/^\d{1,4}$/.test(count.trim()) ? null : Number(count),
        where: where.trim(),
        how: how.trim(),
      },
      photos,
    );
    onDone();
  };
  return (
    <section className={styles.report} aria-label={t("new")}>
      <Field label={t("name")} error={wrong ? t("say-name") : null}>
        {(ids) => <input {...ids} maxLength={200} value={name} onChange={(event) => setName(event.target.value)} />}
      </Field>
      <ThingKind value={thing} onChange={setThing} />
      {thing === "" && (
        <Field label={t("count")}>
          {(ids) => (
            <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />
          )}
        </Field>
      )}
      <Field label={t("where")}>
        {(ids) => <input {...ids} maxLength={500} value={where} onChange={(event) => setWhere(event.target.value)} />}
      </Field>
      {thing !== "" && (
        <Field label={t("how")}>
          {(ids) => <input {...ids} maxLength={500} value={how} onChange={(event) => setHow(event.target.value)} />}
        </Field>
      )}
      <div className={styles.links}>
        <PhotoButton
          name={t("new")}
          count={photos.length}
          fault={fault === null ? null : all(`photo.${fault}`)}
          onTake={take}
        />
        <Button look="main" onClick={() => void keep()}>
          {t("keep")}
        </Button>
        <Button onClick={onDone}>{t("back")}</Button>
      </div>
    </section>
  );
}
