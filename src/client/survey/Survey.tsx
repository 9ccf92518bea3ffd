"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import type { SurveyBundle } from "@/api/schemas/draft";
import { expectedAt, unseenAt, type Expected } from "@/core/yacht/note/seen";
import { Button } from "@/ui/Button";
import styles from "../book/Book.module.css";
import { NoSignalState } from "../offline/NoSignalState";
import { AbsentThings } from "./AbsentThings";
import { NewThing } from "./NewThing";
import { Photographed } from "./Photographed";
import { PlaceChoice } from "./PlaceChoice";
import own from "./Survey.module.css";
import { ThingList } from "./ThingList";
import { useSurvey } from "./useSurvey";

const nameOf = ({ collection, key }: Expected) => `${collection} ${key}`;

/** Standing in a place of the yacht: what should be here, what was said of it, and what is here besides. */
export function Survey({ bundle, isKept }: { bundle: SurveyBundle; isKept: boolean }) {
  const t = useTranslations();
  const { notes, declined, absent, waiting, ofOthers, refused, saidOf, keep } = useSurvey(bundle);
  const { file } = bundle;
  const places = useMemo(() => Object.entries(file.places).sort(([, a], [, b]) => a.order - b.order), [file]);
  const [place, setPlace] = useState(places[0]?.[0] ?? "");
  // what was seen before one came here stands below; what is said now stays where it is, so that a second tap hits nothing else
  const [seenBefore, setSeenBefore] = useState<ReadonlySet<string>>(new Set());
  const [adding, setAdding] = useState(false);
  const left = Object.fromEntries(places.map(([key]) => [key, unseenAt(file, key, notes).length]));
  const here = expectedAt(file, place);
  const absentHere = absent.filter((thing) => thing.place === place);
  const unseen = here.filter((thing) => !seenBefore.has(nameOf(thing)));
  const seen = here.filter((thing) => seenBefore.has(nameOf(thing)));
  const stand = (next: string) => {
    setPlace(next);
    setSeenBefore(new Set(expectedAt(file, next).flatMap((thing) => (saidOf(thing).note ? [nameOf(thing)] : []))));
  };
  const said = { place, file, saidOf, onKeep: keep };
  return (
    <div className={styles.page}>
      <header className={styles.top}>
        <div>
          <h1>{t("survey.title", { yacht: file.particulars.name })}</h1>
          <p role="status">{waiting !== null && t("survey.waiting", { waiting })}</p>
        </div>
      </header>
      <main className={styles.part}>
        {isKept && <p role="status">{t("survey.kept-from")}</p>}
        <NoSignalState shell="/survey" bytes={JSON.stringify(bundle).length} />
        {ofOthers > 0 && <p role="status">{t("survey.of-others", { notes: ofOthers })}</p>}
        {refused && <p role="alert">{t("survey.refused", { message: refused })}</p>}
        <PlaceChoice {...{ file, places, place, left }} onStand={stand} />
        <h2>
          {file.places[place]?.name.en}: {t("survey.left", { left: left[place] ?? 0 })}
        </h2>
        <Photographed
          key={place}
          place={place}
          unseen={unseen.filter((thing) => !saidOf(thing).note)}
          others={here.filter((thing) => saidOf(thing).note)}
          absent={absentHere}
          file={file}
          onKeep={keep}
        />
        <ul className={own.things} aria-label={t("survey.not-seen")}>
          <ThingList things={unseen} {...said} />
          {notes
            .filter((note) => note.kind === "new" && note.place === place)
            .map((note) => (
              <li key={note.id} aria-label={note.name}>
                <p>
                  <strong>{note.name}</strong>: {t("survey.said-new")}
                </p>
                {declined
                  .filter((each) => each.note === note.id)
                  .map(({ by, words }) => (
                    <p key={words}>{t("survey.declined", { by, words })}</p>
                  ))}
              </li>
            ))}
        </ul>
        {seen.length > 0 && (
          <details>
            <summary className={own.summary}>{t("survey.seen", { things: seen.length })}</summary>
            <ul className={own.things}>
              <ThingList things={seen} {...said} />
            </ul>
          </details>
        )}
        <AbsentThings things={absentHere} place={place} saidOf={saidOf} onKeep={keep} />
        {adding ? (
          <NewThing place={place} photographed={[]} onKeep={keep} onDone={() => setAdding(false)} />
        ) : (
          <Button onClick={() => setAdding(true)}>{t("survey.new")}</Button>
        )}
      </main>
    </div>
  );
}
