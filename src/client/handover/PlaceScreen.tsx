"use client";
import { useTranslations } from "next-intl";
import { memo, useEffect, useRef } from "react";
import { localize } from "@/core/basics/words";
import { walkState } from "@/core/handover/walk/walk-state";
import { takenAspect, takenPlaces } from "@/core/handover/taken";
import { foundThings, newMarks } from "@/core/handover/state";
import { markWords } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { Chip } from "@/ui/Chip";
import { HullIcon } from "@/ui/plan/HullIcon";
import { Oddities } from "../parts/Oddities";
import { BoatData } from "../lines/BoatData";
import { useHandover, useVersion } from "../store/handover-context";
import { LineRow } from "../lines/LineRow";
import { PhotoAndRemark } from "../lines/PhotoAndRemark";
import { TogetherRow } from "../lines/TogetherRow";
import styles from "./PlaceScreen.module.css";

interface Props {
  place: string;
  next: string | null;
  onOverview: () => void;
  onFound: () => void;
  onMark: (surface?: string) => void;
  onPlan: () => void;
  /** to the crew's code, on a device of the base */
  onCrew: (() => void) | null;
  /** to the briefing walk, where this handover has one */
  onWalk: ((stop?: string) => void) | null;
}

/** One place of the yacht: what is odd there, and everything to count, try, read and look at in one visit. */
export const PlaceScreen = memo(function PlaceScreen({
  place,
  next,
  onOverview,
  onFound,
  onMark,
  onPlan,
  onCrew,
  onWalk,
}: Props) {
  const t = useTranslations();
  const store = useHandover();
  const { list, file } = store.bundle;
  const here = list.places.find((each) => each.id === place);
  // small known marks are seen with their side
  const lines = list.lines.filter((line) => line.place === place && !(line.kind === "mark" && line.view !== undefined));
  const oddities = Object.keys(file.oddities).filter((key) => file.oddities[key]?.place === place);
  const nextPlace = list.places.find((each) => each.id === next);
  const main = useRef<HTMLElement>(null);
  // coming back to a place that is half done, the first open line is what one wants to see
  useEffect(() => {
    const open = main.current?.querySelector("[data-open]");
    if (open && main.current?.querySelector("[data-line]") !== open) open.scrollIntoView({ block: "center" });
  }, []);
  if (!here) return null;
  return (
    <main className={styles.main} id="lines" ref={main}>
      <header className={styles.head}>
        <div className={styles.titles}>
          <p className={styles.yacht}>
            {list.yacht.name} · {t(`kind.${list.kind}`)}
          </p>
          <h1 id="place-title" tabIndex={-1}>
            {localize(here.name)}
          </h1>
        </div>
        <button type="button" className={styles.planButton} onClick={onPlan}>
          <HullIcon particulars={file.particulars} tone="on-dark" width={64} />
          <span>{t(list.kind === "prep" ? "prep.sections" : "place.plan")}</span>
        </button>
        <div className={styles.actions}>
          {onWalk && <Button onClick={() => onWalk()}>{t("walk.to-walk")}</Button>}
          {onCrew && <Button onClick={onCrew}>{t("crew-join.button")}</Button>}
          <Button onClick={onOverview}>{t("place.find")}</Button>
          <Button onClick={onFound}>{t("place.not-on-list")}</Button>
          {list.kind !== "prep" && <Button onClick={() => onMark()}>{t("place.mark")}</Button>}
        </div>
      </header>
      <TakenLine place={place} />
      <HereLine place={place} next={nextPlace ? localize(nextPlace.name) : null} reach={localize(here.reach)} />
      <div className={styles.lines}>
        <Oddities file={file} keys={oddities} />
        {lines.length === 0 && <p className={styles.empty}>{t("place.nothing")}</p>}
        {onWalk && <ToShow place={place} onStop={onWalk} />}
        {!store.isSealed && <BoatData lines={lines} />}
        {chunksOf(lines).map((chunk) => (
          <ul key={chunk[0]?.id} className={styles.rows}>
            {chunk.map((line) => (
              <LineRow key={line.id} line={line} onMark={onMark} />
            ))}
          </ul>
        ))}
        <TogetherRow lines={lines} />
        <MadeHere place={place} />
      </div>
    </main>
  );
});

/** A long place in parts: what is not near the screen is passed over as one, at every tap. */
function chunksOf<T>(lines: readonly T[]): T[][] {
  return Array.from({ length: Math.ceil(lines.length / linesTogether) }, (_, i) =>
    lines.slice(i * linesTogether, (i + 1) * linesTogether),
  );
}
const linesTogether = 16;

/** Who counts here; on a device of the crew, the way to take a place. */
function TakenLine({ place }: { place: string }) {
  const t = useTranslations("crew-join");
  const store = useHandover();
  useVersion();
  const { me } = store.bundle;
  const by = takenPlaces(store.folded()).get(place);
  if (by !== undefined && by !== me.person)
    return <p className={styles.taken}>{t("taken-by", { name: store.nameOf(by) })}</p>;
  if (me.side === "base" && by === undefined) return null;
  return (
    <p className={styles.taken}>
      {by === undefined ? (
        <Button onClick={() => store.record("handover", takenAspect(place), { taken: true })}>{t("take")}</Button>
      ) : (
        <Button onClick={() => store.record("handover", takenAspect(place), { taken: false })}>{t("give-back")}</Button>
      )}
    </p>
  );
}

/** Stops of the briefing that are still to be shown at this place: said and done in the same visit. */
function ToShow({ place, onStop }: { place: string; onStop: (stop: string) => void }) {
  const t = useTranslations("place");
  const store = useHandover();
  useVersion();
  const { briefing } = store.bundle.list;
  if (!briefing) return null;
  const { behind } = walkState(briefing, store.folded());
  const stops = briefing.stops.filter((stop) => stop.place === place && !behind.has(stop.id));
  if (stops.length === 0) return null;
  return (
    <details className={styles.toShow}>
      <summary>{t("to-show", { stops: stops.length })}</summary>
      <div className={styles.actions}>
        {stops.map((stop) => (
          <Button key={stop.id} onClick={() => onStop(stop.id)}>
            {localize(stop.title)}
          </Button>
        ))}
      </div>
    </details>
  );
}

function HereLine({ place, next, reach }: { place: string; next: string | null; reach: string }) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const left = store.sums().progress.leftByPlace[place] ?? 0;
  return (
    <p className={styles.here}>
      {reach} {left > 0 ? t("place.left", { left }) : t("place.done")}{" "}
      {next && left === 0 ? t("place.then", { next }) : ""}
    </p>
  );
}

/** Marks set and things found at this place in this handover. */
function MadeHere({ place }: { place: string }) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const marks = newMarks(store.folded()).filter(({ mark }) => mark.place === place);
  const things = foundThings(store.folded()).filter(({ found }) => found.place === place);
  if (marks.length + things.length === 0) return null;
  return (
    <section className={styles.made} aria-label={t("place.made-here")}>
      <h2>{t("place.made-here")}</h2>
      <ul className={styles.rows}>
        {marks.map(({ id, mark, cell }) => (
          <li key={id} className={styles.madeRow}>
            <Chip verdict="watch">{t("mark.new")}</Chip>
            <strong>{markWords(t, mark)}</strong>
            <span>{t(`surface.${mark.surface}`)}</span>
            <PhotoAndRemark subject={cell.subject} name={markWords(t, mark)} />
            <Button
              look="quiet"
              onClick={() =>
                store.record(cell.subject, "mark", { withdrawn: true, reason: t("mark.withdrawn-reason") })
              }
            >
              {t("mark.withdraw")}
            </Button>
          </li>
        ))}
        {things.map(({ id, found, cell }) => (
          <li key={id} className={styles.madeRow}>
            <Chip verdict="watch">{t("found.title")}</Chip>
            <strong>{t("found.words", { count: found.count, words: found.words })}</strong>
            <PhotoAndRemark subject={cell.subject} name={found.words} />
          </li>
        ))}
      </ul>
    </section>
  );
}
