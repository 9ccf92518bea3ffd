"use client";
import { useTranslations } from "next-intl";
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type RefObject } from "react";
import type { CalendarStay, CalendarView, ClosingView } from "@/api/schemas/charters";
import type { ElsewhereMet } from "@/core/feeds/elsewhere";
import { neighbour, runsOutWithin } from "@/core/charters/calendar";
import { instantIn } from "@/core/basics/instant";
import { Bar } from "./Bar";
import styles from "./Calendar.module.css";
import { Ground } from "./Ground";
import { Head } from "./Head";
import { barPx, barTopPx, hullPath, placedBars, placesOf, rowPx, type PlacedBar, type Places } from "./sizes";
import { isInSight, useSight } from "./useSight";
import { useBarWords } from "./useBarWords";
import { useMoving, type FreeDays, type Moving } from "./useMoving";

interface Props {
  view: CalendarView;
  yachts: CalendarView["yachts"];
  dayPx: number;
  mayEdit: boolean;
  onOpen: (stay: CalendarStay) => void;
  onMoved: (moving: Moving) => void;
  onFree: (days: FreeDays) => void;
  onClosing: (closing: ClosingView) => void;
  onElsewhere: (elsewhere: ElsewhereMet) => void;
}

/** The fleet by days: a row a yacht, a hull a charter. The names and the days stay in sight while one scrolls. */
export function CalendarGrid({ view, yachts, dayPx, mayEdit, onOpen, onMoved, onFree, onClosing, onElsewhere }: Props) {
  const t = useTranslations("calendar");
  const places = useMemo(() => placesOf(view, yachts, dayPx), [view, yachts, dayPx]);
  const drawing = useRef<SVGSVGElement>(null);
  const scroll = useRef<HTMLDivElement>(null);
  const placed = useMemo(() => placedBars(view.stays, places), [view.stays, places]);
  const shown = useMemo(() => placed.map(({ stay }) => stay), [placed]);
  const [here, setHere] = useState<string | null>(null);
  const at = here ?? shown.find(({ state }) => state === "to-come" || state === "out")?.id ?? shown[0]?.id ?? null;
  const { moving, free, onKeyDown, handlers } = useMoving({
    view,
    yachts,
    places,
    mayEdit,
    drawing,
    onOpen,
    onMoved,
    onFree,
  });
  const nameOf = (slug: string) => yachts.find((each) => each.slug === slug)?.name ?? slug;
  const startPx = Math.max(places.x(instantIn(view.today, "12:00", view.timeZone)) - 120, 0);
  const sight = useSight(scroll, startPx);
  useStanding(scroll, startPx, drawing, here);
  /** Goes to the charter that an arrow points at; says whether the key was one. */
  const walk = (event: KeyboardEvent): boolean => {
    const stay = shown.find(({ id }) => id === at);
    const next = stay && pointedAt(event, shown, stay, yachts);
    if (next === undefined) return false;
    if (next === null) return true;
    setHere(next.id);
    return true;
  };
  return (
    <>
      <div ref={scroll} className={styles.scroll}>
        <div className={styles.sheet}>
          <div className={styles.corner}>{t("yachts", { count: yachts.length })}</div>
          <div className={styles.head}>
            <Head view={view} places={places} />
          </div>
          <Names yachts={yachts} />
          <svg
            ref={drawing}
            className={styles.body}
            data-edits={mayEdit}
            width={places.widthPx}
            height={places.heightPx}
            role="group"
            aria-label={t("title")}
            {...handlers}
            onKeyDown={(event) => {
              if (onKeyDown(event) || walk(event)) event.preventDefault();
            }}
          >
            <Ground view={view} places={places} onClosing={onClosing} onElsewhere={onElsewhere} />
            <Bars
              view={view}
              bars={placed.filter(
                (bar) => isInSight(bar, sight) || bar.stay.id === at || bar.stay.id === moving?.stay.id,
              )}
              nameOf={nameOf}
              here={at}
              moving={moving?.stay.id ?? null}
            />
            {moving && <Ghost moving={moving} places={places} />}
            {free && <FreeBox days={free} places={places} timeZone={view.timeZone} />}
          </svg>
        </div>
      </div>
      <p role="status" className={styles.says}>
        <Says moving={moving} nameOf={nameOf} mayEdit={mayEdit} timeZone={view.timeZone} />
      </p>
    </>
  );
}

/** Today stands a little in from the left at first; the charter that arrows go to is in sight and has the focus. */
function useStanding(
  scroll: RefObject<HTMLElement | null>,
  startPx: number,
  drawing: RefObject<SVGSVGElement | null>,
  here: string | null,
): void {
  useEffect(() => {
    scroll.current?.scrollTo({ left: startPx });
  }, [scroll, startPx]);
  useEffect(() => {
    if (here === null) return;
    const bar = drawing.current?.querySelector<SVGGElement>(`[data-bar="${here}"]`);
    bar?.focus();
    bar?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [drawing, here]);
}

function Names({ yachts }: Pick<Props, "yachts">) {
  const t = useTranslations("calendar");
  return (
    <ul className={styles.names}>
      {yachts.map(({ slug, name, className, berth }) => (
        <li key={slug}>
          <strong>{name}</strong>
          <small>{t("yacht-line", { className, berth })}</small>
        </li>
      ))}
    </ul>
  );
}

/** What is carried and whether it can be let go there; how it is done while nothing is. */
function Says({
  moving,
  nameOf,
  mayEdit,
  timeZone,
}: {
  moving: Moving | null;
  nameOf: (slug: string) => string;
  mayEdit: boolean;
  timeZone: string;
}) {
  const t = useTranslations("calendar");
  const words = useBarWords(timeZone);
  if (!moving) return t(mayEdit ? "hint" : "hint-read");
  const { stay, to, fault } = moving;
  return fault
    ? words.fault(fault, nameOf(to.yacht))
    : t("moving", {
        reference: stay.reference,
        yacht: nameOf(to.yacht),
        from: words.at(to.startsAt),
        until: words.at(to.endsAt),
      });
}

/** The charter that an arrow points at from another; null where there is none, undefined for other keys. */
function pointedAt(
  { key, altKey }: KeyboardEvent,
  stays: readonly CalendarStay[],
  stay: CalendarStay,
  yachts: CalendarView["yachts"],
): CalendarStay | null | undefined {
  const row = yachts.findIndex(({ slug }) => slug === stay.yacht);
  if (altKey) return undefined;
  switch (key) {
    case "ArrowLeft":
      return neighbour(stays, stay, "before");
    case "ArrowRight":
      return neighbour(stays, stay, "after");
    case "ArrowUp":
      return nearestRow(stays, stay, yachts, row, -1);
    case "ArrowDown":
      return nearestRow(stays, stay, yachts, row, 1);
    default:
      return undefined;
  }
}

function nearestRow(
  stays: readonly CalendarStay[],
  stay: CalendarStay,
  yachts: CalendarView["yachts"],
  row: number,
  step: 1 | -1,
): CalendarStay | null {
  for (let next = row + step; next >= 0 && next < yachts.length; next += step) {
    const found = neighbour(stays, stay, { yacht: yachts[next]?.slug ?? "" });
    if (found) return found;
  }
  return null;
}

function Bars({
  view,
  bars,
  nameOf,
  here,
  moving,
}: {
  view: CalendarView;
  bars: readonly PlacedBar[];
  nameOf: (slug: string) => string;
  here: string | null;
  moving: string | null;
}) {
  const t = useTranslations("calendar");
  const words = useBarWords(view.timeZone);
  return bars.map(({ stay, ...place }) => {
    const runsOut = view.due.find((due) => runsOutWithin(stay, due, view.timeZone));
    return (
      <Bar
        key={stay.id}
        stay={stay}
        {...place}
        label={words.label(stay, nameOf(stay.yacht))}
        states={words.states(stay)}
        runsOut={runsOut ? t("runs-out", { words: runsOut.words, day: runsOut.day }) : null}
        isHere={stay.id === here}
        isMoving={stay.id === moving}
      />
    );
  });
}

/** Where a charter would be. */
function Ghost({ moving: { to, fault }, places }: { moving: Moving; places: Places }) {
  const top = places.rowOf(to.yacht) * rowPx + barTopPx;
  return (
    <path
      className={fault ? styles.ghostNot : styles.ghost}
      d={hullPath(places.x(to.startsAt), places.x(to.endsAt), top)}
    />
  );
}

function FreeBox({ days, places, timeZone }: { days: FreeDays; places: Places; timeZone: string }) {
  const from = places.x(instantIn(days.fromDay, "12:00", timeZone));
  return (
    <rect
      className={styles.free}
      x={from}
      y={places.rowOf(days.yacht) * rowPx + barTopPx}
      width={Math.max(places.x(instantIn(days.toDay, "12:00", timeZone)) - from, 8)}
      height={barPx}
    />
  );
}
