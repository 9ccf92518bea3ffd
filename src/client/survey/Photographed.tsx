"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { Expected } from "@/core/yacht/note/seen";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import styles from "../book/Book.module.css";
import { usePhotos } from "../photos/usePhotos";
import { DifferentThing } from "./DifferentThing";
import { nothing, type Keep } from "./keep";
import { NewThing } from "./NewThing";
import { PhotoButton } from "./PhotoButton";
import own from "./Survey.module.css";
import { whereInFile } from "./where-in-file";

interface Props {
  place: string;
  /** what belongs here and nobody has said anything about: it is most likely one of these */
  unseen: readonly Expected[];
  others: readonly Expected[];
  /** what the class has here and her file has not */
  absent: readonly Expected[];
  file: YachtFile;
  onKeep: Keep;
}

/** A thing is photographed first; then one says what it is, from what belongs here, and whether it is as in the file. */
export function Photographed({ place, unseen, others, absent, file, onKeep }: Props) {
  const t = useTranslations("survey");
  const all = useTranslations();
  const [round, setRound] = useState(0);
  const { photos, fault, take, clear } = usePhotos();
  const [chosen, setChosen] = useState<Expected | "new" | null>(null);
  const next = () => {
    clear();
    setChosen(null);
    setRound(round + 1);
  };
  const asWritten = async (thing: Expected) => {
    await onKeep(
      {
        ...nothing,
        kind: absent.includes(thing) ? "as-class" : "as-in-file",
        about: { collection: thing.collection, key: thing.key },
        place,
      },
      photos,
    );
    next();
  };
  if (photos.length === 0)
    return (
      <PhotoButton
        key={round}
        name=""
        word={t("photograph")}
        count={0}
        fault={fault === null ? null : all(`photo.${fault}`)}
        onTake={take}
      />
    );
  return (
    <section className={styles.report} aria-label={t("what-is-it")}>
      {chosen === null && <WhatIsIt {...{ unseen, others, absent }} onChoose={setChosen} onBack={next} />}
      {chosen === "new" && <NewThing place={place} photographed={photos} onKeep={onKeep} onDone={next} />}
      {chosen !== null && chosen !== "new" && (
        <>
          <p>
            <strong>{chosen.name}</strong>
            {whereInFile(file, chosen)}
          </p>
          <Button look="main" onClick={() => void asWritten(chosen)}>
            {t(absent.includes(chosen) ? "here-after-all" : "as-written")}
          </Button>
          {absent.includes(chosen) ? (
            <Button onClick={next}>{t("back")}</Button>
          ) : (
            <DifferentThing thing={chosen} photographed={photos} onKeep={onKeep} onDone={next} />
          )}
        </>
      )}
    </section>
  );
}

/** What the photograph shows: one of what belongs here, or none of these. */
function WhatIsIt({
  unseen,
  others,
  absent,
  onChoose,
  onBack,
}: Pick<Props, "unseen" | "others" | "absent"> & {
  onChoose: (chosen: Expected | "new") => void;
  onBack: () => void;
}) {
  const t = useTranslations("survey");
  return (
    <>
      <h3>{t("what-is-it")}</h3>
      <ThingButtons things={unseen} onChoose={onChoose} />
      {absent.length > 0 && (
        <>
          <p>{t("absent")}</p>
          <ThingButtons things={absent} onChoose={onChoose} />
        </>
      )}
      <div className={styles.links}>
        <Button onClick={() => onChoose("new")}>{t("none-of-these")}</Button>
        <Button onClick={onBack}>{t("back")}</Button>
      </div>
      {others.length > 0 && (
        <details>
          <summary className={own.summary}>{t("seen", { things: others.length })}</summary>
          <ThingButtons things={others} onChoose={onChoose} />
        </details>
      )}
    </>
  );
}

function ThingButtons({ things, onChoose }: { things: readonly Expected[]; onChoose: (thing: Expected) => void }) {
  return (
    <div className={styles.links}>
      {things.map((thing) => (
        <Button key={`${thing.collection} ${thing.key}`} onClick={() => onChoose(thing)}>
          {thing.name}
        </Button>
      ))}
    </div>
  );
}
