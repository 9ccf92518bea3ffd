"use client";
import { useTranslations } from "next-intl";
import { useId } from "react";
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
  onTake: (file: File | undefined) => Promise<void>;
}) {
  const t = useTranslations("survey");
  const id = useId();
  return (
    <>
      <label htmlFor={id} className={word === undefined ? own.photo : `${own.photo} ${own.first}`}>
        {count > 0 ? t("photos", { photos: count }) : (word ?? t("photo"))}
        {name !== "" && <span className="visually-hidden">: {name}</span>}
        <input
          id={id}
          className="visually-hidden"
          type="file"
          accept="image/*"
          capture="environment"
          onChange={(event) => void onTake(event.target.files?.[0])}
        />
      </label>
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}
