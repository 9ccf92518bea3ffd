"use client";
import { useTranslations } from "next-intl";
import { useId, useState, type ReactNode } from "react";
import type { PartySide } from "@/core/basics/ids";
import { isFromGallery, isOlderPhoto } from "@/core/handover/photo-age";
import { photosOf, remarksOf } from "@/core/handover/state";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useCell, useHandover, useSubject } from "../store/handover-context";
import { Photo } from "../photos/Photo";
import styles from "./Row.module.css";
import { NoteOnLine } from "./NoteOnLine";

/** Photos and remarks on a line, a mark or a found thing; remarks stand by whose they are. */
export function PhotoAndRemark({ subject, name, more }: { subject: string; name: string; more?: ReactNode }) {
  const t = useTranslations();
  const store = useHandover();
  useSubject(subject);
  const [open, setOpen] = useState(false);
  const [side, setSide] = useState<PartySide | null>(null);
  const [fault, setFault] = useState<"too-large" | "no-photo" | null>(null);
  const fileId = useId();
  const photos = photosOf(store.folded(), subject);
  const remarks = remarksOf(store.folded(), subject);
  const take = async (file: File | undefined, from: "camera" | "file") => {
    if (!file) return;
    setFault(null);
    setOpen(false);
    const { readyPhoto, PhotoError } = await import("../photos/re-encode");
    try {
      await store.attachPhoto(subject, await readyPhoto(file, from));
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setFault(error.reason);
      setOpen(true);
    }
  };
  return (
    <>
      {photos.length > 0 && (
        <div className={styles.photos}>
          {photos.map((hash, index) => (
            <figure key={hash}>
              <Photo hash={hash} alt={t("photo.of", { name, number: index + 1 })} />
              {isFromGallery(store.folded(), subject, hash) && (
                <figcaption>
                  {t(
                    isOlderPhoto(store.bundle.list, store.folded(), subject, hash)
                      ? "photo.older"
                      : "photo.from-gallery",
                  )}
                </figcaption>
              )}
            </figure>
          ))}
        </div>
      )}
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
          <label htmlFor={fileId}>
            {t("photo.take")}
            <span className="visually-hidden">: {name}</span>
            <input
              id={fileId}
              className="visually-hidden"
              type="file"
              accept="image/*"
              capture="environment"
              onChange={(event) => void take(event.target.files?.[0], "camera")}
            />
          </label>
          <label htmlFor={`${fileId}-gallery`}>
            {t("photo.gallery")}
            <span className="visually-hidden">: {name}</span>
            <input
              id={`${fileId}-gallery`}
              className="visually-hidden"
              type="file"
              accept="image/*"
              onChange={(event) => void take(event.target.files?.[0], "file")}
            />
          </label>
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
