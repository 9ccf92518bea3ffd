"use client";
import { useTranslations } from "next-intl";
import type { Fitting } from "@/core/yacht/parts/fittings";
import { KeptPhoto } from "../photos/KeptPhoto";
import styles from "./FittingStates.module.css";

/** The photos that the base took of a fitting: of both its states where there are two. A drawn sample is no photo and is not shown. */
export function FittingPhotos({ fitting, name }: { fitting: Fitting; name: string }) {
  const t = useTranslations("finder");
  const isTaken = (photo: string | undefined): photo is string => photo !== undefined && !photo.startsWith("drawn:");
  const { photo, photoShut } = fitting;
  const both = isTaken(photo) && isTaken(photoShut);
  const photos = [
    ...(isTaken(photo) ? [{ hash: photo, words: both ? t("photo-open", { name }) : name }] : []),
    ...(isTaken(photoShut) ? [{ hash: photoShut, words: t("photo-shut", { name }) }] : []),
  ];
  if (photos.length === 0) return null;
  return (
    <div className={styles.photos}>
      {photos.map(({ hash, words }) => (
        <figure key={hash}>
          <KeptPhoto hash={hash} alt="" />
          <figcaption>{words}</figcaption>
        </figure>
      ))}
    </div>
  );
}
