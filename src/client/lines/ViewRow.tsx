"use client";
import { useTranslations } from "next-intl";
import { lazy, Suspense, useId, useState } from "react";
import { lineSubject, type MarkLine, type ViewLine } from "@/core/handover/lines";
import { Button } from "@/ui/Button";
import { useHandover } from "../store/handover-context";
import { MarkRow } from "./MarkRow";
import { Photo } from "../photos/Photo";
import { Row } from "./Row";
import { hasCamera } from "../photos/has-camera";
import styles from "./Row.module.css";

const GuidedCamera = lazy(() => import("../photos/GuidedCamera").then((part) => ({ default: part.GuidedCamera })));

/**
 * One side of the yacht, looked at as a whole: the earlier picture beside the camera, one tap with one photo for "nothing
 * new here", and the small known marks of that side, which need no word each unless one looks worse.
 */
export function ViewRow({ line, onMark }: { line: ViewLine; onMark: (surface?: string) => void }) {
  const t = useTranslations();
  const store = useHandover();
  const subject = lineSubject(line.id);
  const [fault, setFault] = useState<"too-large" | "no-photo" | null>(null);
  const fileId = useId();
  const marks = store.bundle.list.lines.filter(
    (each): each is MarkLine => each.kind === "mark" && each.view === line.id,
  );
  const surface = t(`surface.${line.surface}`);
  const [guided, setGuided] = useState(false);
  const take = async (file: File | undefined, takenAt?: string) => {
    if (!file) return;
    setFault(null);
    const { readyPhoto, PhotoError } = await import("../photos/re-encode");
    try {
      const photo = await readyPhoto(file, "camera");
      await store.attachPhoto(subject, { ...photo, takenAt: photo.takenAt ?? takenAt ?? null });
      store.recordLine(line, { nothingNew: true, photo: photo.hash });
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setFault(error.reason);
    }
  };
  return (
    <Row
      line={{ ...line, name: { en: t("view.name", { surface }) } }}
      how={t("view.how", { marks: marks.length })}
      wide
      below={
        marks.length > 0 && (
          <details className={styles.known}>
            <summary>{t("view.marks", { marks: marks.length })}</summary>
            <ul>
              {marks.map((mark) => (
                <MarkRow key={mark.id} line={mark} />
              ))}
            </ul>
          </details>
        )
      }
    >
      {() => (
        <div className={styles.view}>
          {line.photos.length > 0 && (
            <div className={styles.photos}>
              {line.photos.map((hash) => (
                <Photo key={hash} hash={hash} alt={t("view.before", { surface })} />
              ))}
            </div>
          )}
          {line.photos.length > 0 && hasCamera() && (
            <Button className={styles.take} onClick={() => setGuided(true)}>
              {t("view.guided")}
              <span className="visually-hidden">: {surface}</span>
            </Button>
          )}
          {guided && (
            <Suspense>
              <GuidedCamera
                title={t("view.name", { surface })}
                earlier={line.photos}
                alt={t("view.before", { surface })}
                onClose={() => setGuided(false)}
                onTake={(picture) => {
                  setGuided(false);
                  void take(picture, new Date().toISOString());
                }}
              />
            </Suspense>
          )}
          <label htmlFor={fileId} className={styles.take}>
            {t("view.nothing-new")}
            <span className="visually-hidden">: {surface}</span>
            <input
              id={fileId}
              className="visually-hidden"
              type="file"
              accept="image/*"
              capture="environment"
              onChange={(event) => void take(event.target.files?.[0])}
            />
          </label>
          <Button
            aria-label={`${t("view.by-eye")}: ${surface}`}
            onClick={() => store.recordLine(line, { nothingNew: true, photo: null })}
          >
            {t("view.by-eye")}
          </Button>
          <Button onClick={() => onMark(line.surface)}>{t("look.set-mark")}</Button>
          {fault && (
            <p className={styles.error} role="alert">
              {t(`photo.${fault}`)}
            </p>
          )}
        </div>
      )}
    </Row>
  );
}
