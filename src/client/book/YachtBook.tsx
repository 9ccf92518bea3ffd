"use client";
import { useTranslations } from "next-intl";
import { useCallback, useRef, useState } from "react";
import { localize } from "@/core/basics/words";
import type { Hit } from "@/core/yacht/finder/finder";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { FinderField } from "../finder/FinderField";
import { ResultDetail } from "../finder/ResultDetail";
import styles from "./Book.module.css";
import { BySystem } from "./BySystem";
import { EmergencyCard } from "../parts/EmergencyCard";
import { PlaceDetail } from "./PlaceDetail";
import { NoteInBook } from "./NoteInBook";
import { PlanPart } from "./plan/PlanPart";

type Shown = { at: "nothing" } | { at: "place" } | { at: "found"; hit: Pick<Hit, "kind" | "id"> };

/** Where a label's address leads: a place, or one fitting. */
export interface StartAt {
  place?: string;
  fitting?: string;
}

function firstShown(file: YachtFile, { place, fitting }: StartAt): { shown: Shown; place: string | null } {
  const found = fitting === undefined ? undefined : file.fittings[fitting];
  if (fitting !== undefined && found)
    return { shown: { at: "found", hit: { kind: "fitting", id: fitting } }, place: found.place };
  return place !== undefined && file.places[place]
    ? { shown: { at: "place" }, place }
    : { shown: { at: "nothing" }, place: null };
}

/** The part of the file that something found is, where one can say that it is wrong. */
function notedPart({
  kind,
  id,
}: Pick<Hit, "kind" | "id">): { collection: "fittings" | "inventory"; key: string } | null {
  const collection = kind === "fitting" ? "fittings" : kind === "inventory" ? "inventory" : null;
  return collection && { collection, key: id };
}

/** A yacht: the finder over everything aboard, her plan, what is at each place, and the emergency cards. What is shown first may come from the address; with `tells`, the yacht's short name, one can say where the file is wrong. */
export function YachtBook({ file, start = {}, tells }: { file: YachtFile; start?: StartAt; tells?: string }) {
  const [first] = useState(() => firstShown(file, start));
  const [place, setPlace] = useState<string | null>(first.place);
  const [level, setLevel] = useState<Level>((place && file.places[place]?.level) || "deck");
  const [shown, setShown] = useState<Shown>(first.shown);
  const here = useRef<HTMLElement>(null);
  const goTo = useCallback(
    (to: string | null | undefined) => {
      if (!to) return;
      setPlace(to);
      const there = file.places[to]?.level;
      if (there) setLevel(there);
    },
    [file],
  );
  const pickPlace = useCallback(
    (to: string) => {
      goTo(to);
      setShown({ at: "place" });
    },
    [goTo],
  );
  const showFound = useCallback(
    (hit: Pick<Hit, "kind" | "id" | "place">) => {
      goTo(hit.place);
      setShown({ at: "found", hit });
      // on a phone the answer lies below the list it was chosen from
      requestAnimationFrame(() => here.current?.scrollIntoView({ block: "nearest" }));
    },
    [goTo],
  );
  const showFitting = useCallback(
    (id: string) => showFound({ kind: "fitting", id, place: file.fittings[id]?.place ?? null }),
    [file, showFound],
  );
  return (
    <div className={styles.yacht}>
      <div className={styles.find}>
        <FinderField
          file={file}
          chosen={shown.at === "found" ? `${shown.hit.kind}:${shown.hit.id}` : null}
          onChoose={showFound}
        />
      </div>
      <PlanPart
        {...{ file, place, level }}
        lit={shown.at === "found" && shown.hit.kind === "fitting" ? shown.hit.id : null}
        onLevel={setLevel}
        onPick={pickPlace}
        onFitting={showFitting}
      />
      <section className={styles.here} aria-live="polite" ref={here}>
        <Detail {...{ file, shown, place, tells }} onFound={showFound} onFitting={showFitting} />
      </section>
      <BySystem
        file={file}
        onFitting={showFitting}
        onProcedure={(id) => showFound({ kind: "procedure", id, place: file.procedures[id]?.place ?? null })}
      />
      <EmergencyCards file={file} />
    </div>
  );
}

type Found = Pick<Hit, "kind" | "id" | "place">;

/** What was picked on the plan or found, and where it can be said that the file is wrong about it. */
function Detail({
  file,
  shown,
  place,
  tells,
  onFound,
  onFitting,
}: {
  file: YachtFile;
  shown: Shown;
  place: string | null;
  tells?: string;
  onFound: (hit: Found) => void;
  onFitting: (fitting: string) => void;
}) {
  const t = useTranslations();
  const about = shown.at === "found" ? notedPart(shown.hit) : null;
  return (
    <>
      {shown.at === "nothing" && <p>{t("book.pick")}</p>}
      {shown.at === "place" && place && (
        <PlaceDetail
          file={file}
          place={place}
          onFitting={onFitting}
          onItem={(id) => onFound({ kind: "inventory", id, place })}
          onProcedure={(id) => onFound({ kind: "procedure", id, place: file.procedures[id]?.place ?? null })}
        />
      )}
      {shown.at === "found" && (
        <ResultDetail key={`${shown.hit.kind}:${shown.hit.id}`} file={file} hit={shown.hit} onFitting={onFitting} />
      )}
      {tells !== undefined && about && (
        <NoteInBook
          key={`${about.collection}:${about.key}`}
          yacht={tells}
          about={about}
          name={localize(file[about.collection][about.key]?.name ?? { en: about.key })}
        />
      )}
    </>
  );
}

function EmergencyCards({ file }: { file: YachtFile }) {
  const t = useTranslations();
  return (
    <section className={styles.cards} id="cards">
      <h2>{t("book.emergency")}</h2>
      {Object.entries(file.emergencyCards)
        .sort(([, a], [, b]) => a.order - b.order)
        .map(([id, card]) => (
          <EmergencyCard key={id} file={file} card={card} />
        ))}
    </section>
  );
}
