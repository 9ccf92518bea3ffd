"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { YachtNote } from "@/core/yacht/note/note";
import type { Expected } from "@/core/yacht/note/seen";
import type { YachtFile } from "@/core/yacht/schema";
import type { SurveyBundle } from "@/api/schemas/draft";
import { Button } from "@/ui/Button";
import styles from "../book/Book.module.css";
import { DifferentThing } from "./DifferentThing";
import { nothing, type Keep } from "./keep";
import { whereInFile } from "./where-in-file";

/** One thing that belongs at a place: here, not aboard, or different, each with a tap. */
export function Thing({
  thing,
  said,
  declined,
  file,
  onKeep,
}: {
  thing: Expected;
  said: YachtNote | null;
  declined: SurveyBundle["declined"][number] | null;
  file: YachtFile;
  onKeep: Keep;
}) {
  const t = useTranslations("survey");
  const [different, setDifferent] = useState(false);
  const about = { collection: thing.collection, key: thing.key };
  return (
    <li aria-label={thing.name}>
      <p>
        <strong>{thing.name}</strong>
        {whereInFile(file, thing)}
        {said &&
          ` · ${t(`said-${said.kind}`)}${said.photos.length > 0 ? `, ${t("photos", { photos: said.photos.length })}` : ""}`}
      </p>
      {declined && <p>{t("declined", { by: declined.by, words: declined.words })}</p>}
      {!different && (
        <div className={styles.links}>
          <Button
            look={said?.kind === "as-in-file" ? "chosen" : "plain"}
            onClick={() => void onKeep({ ...nothing, kind: "as-in-file", about, place: thing.place }, [])}
            aria-label={`${t("here")}: ${thing.name}`}
          >
            {t("here")}
          </Button>
          <Button
            look={said?.kind === "not-here" ? "chosen" : "plain"}
            onClick={() => void onKeep({ ...nothing, kind: "not-here", about, place: thing.place }, [])}
            aria-label={`${t("not-here")}: ${thing.name}`}
          >
            {t("not-here")}
          </Button>
          <Button
            look={said?.kind === "different" ? "chosen" : "plain"}
            onClick={() => setDifferent(true)}
            aria-label={`${t("different")}: ${thing.name}`}
          >
            {t("different")}
          </Button>
        </div>
      )}
      {different && (
        <DifferentThing thing={thing} photographed={[]} onKeep={onKeep} onDone={() => setDifferent(false)} />
      )}
    </li>
  );
}
