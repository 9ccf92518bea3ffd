"use client";
import { useTranslations } from "next-intl";
import { useCallback, useRef, useState } from "react";
import type { Hit } from "@/core/yacht/finder/finder";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { FinderField } from "../finder/FinderField";
import { ResultDetail } from "../finder/ResultDetail";
import styles from "./Book.module.css";
import { BySystem } from "./BySystem";
import { EmergencyCards } from "../parts/EmergencyCards";
import { PlaceDetail } from "./PlaceDetail";
import { PlanPart } from "./plan/PlanPart";

type Shown = { at: "nothing" } | { at: "place" } | { at: "found"; hit: Pick<Hit, "kind" | "id"> };

/** A yacht on one page, at the desk: the finder over everything aboard, her plan, what is at each place, and the emergency cards. */
export function YachtBook({ file }: { file: YachtFile }) {
  const t = useTranslations("book");
  const [place, setPlace] = useState<string | null>(null);
  const [level, setLevel] = useState<Level>("deck");
  const [shown, setShown] = useState<Shown>({ at: "nothing" });
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
        <Detail {...{ file, shown, place }} onFound={showFound} onFitting={showFitting} />
      </section>
      <BySystem
        file={file}
        onFitting={showFitting}
        onProcedure={(id) => showFound({ kind: "procedure", id, place: file.procedures[id]?.place ?? null })}
      />
      <section className={styles.cards}>
        <h2>{t("emergency")}</h2>
        <EmergencyCards file={file} />
      </section>
    </div>
  );
}

type Found = Pick<Hit, "kind" | "id" | "place">;

/** What was picked on the plan or found. */
function Detail({
  file,
  shown,
  place,
  onFound,
  onFitting,
}: {
  file: YachtFile;
  shown: Shown;
  place: string | null;
  onFound: (hit: Found) => void;
  onFitting: (fitting: string) => void;
}) {
  const t = useTranslations();
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
    </>
  );
}
