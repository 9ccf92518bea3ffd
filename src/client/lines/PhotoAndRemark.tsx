"use client";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import type { PartySide } from "@/core/basics/ids";
import { isFromGallery, isOlderPhoto } from "@/core/handover/photo-age";
import { photosOf, remarksOf } from "@/core/handover/state";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useCell, useHandover, useSubject } from "../store/handover-context";
import { Photo } from "../photos/Photo";
import { PhotoInput } from "../photos/PhotoInput";
import { useReadyPhoto } from "../photos/useReadyPhoto";
import styles from "./Row.module.css";
import { NoteOnLine } from "./NoteOnLine";

/** Photos and remarks on a line, a mark or a found thing; remarks stand by whose they are. */
export function PhotoAndRemark({ subject, name, more }: { subject: string; name: string; more?: ReactNode }) {
  const t = useTranslations();
  const store = useHandover();
  useSubject(subject);
  const [open, setOpen] = useState(false);
  const [side, setSide] = useState<PartySide | null>(null);
  const { fault, ready } = useReadyPhoto();
  const remarks = remarksOf(store.folded(), subject);
  const take = async (file: File, from: "camera" | "file") => {
    setOpen(false);
    const photo = await ready(file, from);
    if (photo) await store.attachPhoto(subject, photo);
    else setOpen(true);
  };
  return (
    <>
      <PhotosOf subject={subject} name={name} />
      {remarks.map((remark) => (
        <p key={remark.side} className={styles.said}>
          {t(`remark.said-${remark.side}`, { words: remark.words })}
        </p>
      ))}
      <Button
        look="quiet"
        className={styles.more}
        aria-expanded={open}
        aria-label={`${t("remark.more")}: ${name}`}
        onClick={() => setOpen(!open)}
      >
        {t("remark.more")}
      </Button>
      {open && (
        <div className={styles.extras}>
          <PhotoInput of={name} camera onTake={(file) => void take(file, "camera")}>
            {t("photo.take")}
          </PhotoInput>
          <PhotoInput of={name} onTake={(file) => void take(file, "file")}>
            {t("photo.gallery")}
          </PhotoInput>
          {(store.bundle.me.side === "base" ? (["base", "skipper"] as const) : (["skipper"] as const)).map((each) => (
            <Button
              key={each}
              onClick={() => setSide(side === each ? null : each)}
              aria-expanded={side === each}
              aria-label={`${t(`remark.${each}`)}: ${name}`}
            >
              {t(`remark.${each}`)}
            </Button>
          ))}
          {more}
          {subject.startsWith("line:") && store.bundle.slug !== undefined && (
            <NoteOnLine subject={subject} name={name} slug={store.bundle.slug} />
          )}
        </div>
      )}
      {fault && (
        <p className={styles.error} role="alert">
          {t(`photo.${fault}`)}
        </p>
      )}
      {side && (
        <RemarkField
          key={side}
          subject={subject}
          side={side}
          onDone={() => {
            setSide(null);
            setOpen(false);
          }}
        />
      )}
    </>
  );
}

/** The photos on it, and which of them were not taken now. */
function PhotosOf({ subject, name }: { subject: string; name: string }) {
  const t = useTranslations();
  const store = useHandover();
  const photos = photosOf(store.folded(), subject);
  if (photos.length === 0) return null;
  return (
    <div className={styles.photos}>
      {photos.map((hash, index) => (
        <figure key={hash}>
          <Photo hash={hash} alt={t("photo.of", { name, number: index + 1 })} />
          {isFromGallery(store.folded(), subject, hash) && (
            <figcaption>
              {t(isOlderPhoto(store.bundle.list, store.folded(), subject, hash) ? "photo.older" : "photo.from-gallery")}
            </figcaption>
          )}
        </figure>
      ))}
    </div>
  );
}

function RemarkField({ subject, side, onDone }: { subject: string; side: PartySide; onDone: () => void }) {
  const t = useTranslations();
  const store = useHandover();
  const cell = useCell(subject, `remark:${side}`);
  const [words, setWords] = useState(cell?.value?.words ?? "");
  const keep = () => {
    store.record(subject, `remark:${side}`, { words: words.trim() }, side);
    onDone();
  };
  return (
    <div className={styles.ask}>
      <Field label={t(`remark.ask-${side}`)}>
        {(ids) => (
          <textarea
            {...ids}
            rows={2}
            maxLength={1000}
            value={words}
            autoFocus
            onChange={(event) => setWords(event.target.value)}
          />
        )}
      </Field>
      <Button look="main" onClick={keep}>
        {t("common.keep")}
      </Button>
      <Button onClick={onDone}>{t("common.back")}</Button>
    </div>
  );
}
