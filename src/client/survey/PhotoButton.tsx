"use client";
import { useTranslations } from "next-intl";
import { PhotoInput } from "../photos/PhotoInput";
import own from "./Survey.module.css";

/** Takes a photo with the phone's camera, and says how many there are. */
export function PhotoButton({
  name,
  word,
  count,
  fault,
  onTake,
}: {
  name: string;
  word?: string;
  count: number;
  fault: string | null;
  onTake: (file: File) => Promise<void>;
}) {
  const t = useTranslations("survey");
  return (
    <>
      <PhotoInput
        of={name}
        className={word === undefined ? own.photo : `${own.photo} ${own.first}`}
        camera
        onTake={(file) => void onTake(file)}
      >
        {count > 0 ? t("photos", { photos: count }) : (word ?? t("photo"))}
      </PhotoInput>
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}
