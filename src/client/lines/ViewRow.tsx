"use client";
import { useTranslations } from "next-intl";
import { lazy, Suspense, useState } from "react";
import { lineSubject, type MarkLine, type ViewLine } from "@/core/handover/lines";
import { Button } from "@/ui/Button";
import { useHandover } from "../store/handover-context";
import { MarkRow } from "./MarkRow";
import { Photo } from "../photos/Photo";
import { Row } from "./Row";
import { hasCamera } from "../photos/has-camera";
import { PhotoInput } from "../photos/PhotoInput";
import { useReadyPhoto } from "../photos/useReadyPhoto";
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
  const { fault, ready } = useReadyPhoto();
  const marks = store.bundle.list.lines.filter(
    (each): each is MarkLine => each.kind === "mark" && each.view === line.id,
  );
  const surface = t(`surface.${line.surface}`);
  const take = async (file: File, takenAt: string | null = null) => {
    const photo = await ready(file, "camera");
    if (!photo) return;
    await store.attachPhoto(subject, { ...photo, takenAt: photo.takenAt ?? takenAt });
    store.recordLine(line, { nothingNew: true, photo: photo.hash });
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
          <EarlierPictures
            line={line}
            surface={surface}
            onTake={(picture) => void take(picture, new Date().toISOString())}
          />
          <PhotoInput of={surface} className={styles.take} camera onTake={(file) => void take(file)}>
            {t("view.nothing-new")}
          </PhotoInput>
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

/** How this side looked before, and the camera that shows it beside the picture that is taken now. */
function EarlierPictures({
  line,
  surface,
  onTake,
}: {
  line: ViewLine;
  surface: string;
  onTake: (picture: File) => void;
}) {
  const t = useTranslations();
  const [guided, setGuided] = useState(false);
  if (line.photos.length === 0) return null;
  return (
    <>
      <div className={styles.photos}>
        {line.photos.map((hash) => (
          <Photo key={hash} hash={hash} alt={t("view.before", { surface })} />
        ))}
      </div>
      {hasCamera() && (
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
              onTake(picture);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
