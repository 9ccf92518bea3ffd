"use client";
import { useTranslations } from "next-intl";
import { memo } from "react";
import type { CalendarView, ClosingView } from "@/api/schemas/charters";
import { shortGaps } from "@/core/charters/calendar";
import { instantIn } from "@/core/basics/instant";
import type { ElsewhereMet } from "@/core/feeds/elsewhere";
import styles from "./Calendar.module.css";
import { Elsewhere } from "./Elsewhere";
import { barPx, barTopPx, rowPx, type Places } from "./sizes";

interface Props {
  view: CalendarView;
  places: Places;
  onClosing: (closing: ClosingView) => void;
  onElsewhere: (elsewhere: ElsewhereMet) => void;
}

/** What lies under and between the charters: days, today, closed days, gaps too short, dates that run out. */
export const Ground = memo(function Ground({ view, places, onClosing, onElsewhere }: Props) {
  return (
    <>
      <defs>
        <pattern id="turn-round" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="3" height="7" fill="var(--line)" />
        </pattern>
        <pattern id="closed" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <rect width="9" height="9" fill="var(--cloth)" />
          <rect width="2" height="9" fill="var(--line)" />
        </pattern>
      </defs>
      <Days view={view} places={places} />
      {view.closings.map((closing) => (
        <Closing key={closing.id} closing={closing} places={places} onOpen={() => onClosing(closing)} />
      ))}
      <Elsewhere view={view} places={places} onOpen={onElsewhere} />
      <Marks view={view} places={places} />
    </>
  );
});

type Drawn = Pick<Props, "view" | "places">;
const dayAt = ({ view, places }: Drawn, day: string) => places.x(instantIn(day, "00:00", view.timeZone));

function Days({ view, places }: Drawn) {
  const { dayPx, heightPx, widthPx } = places;
  const weeks = Array.from({ length: view.weeks }, (_, week) => week * 7 * dayPx);
  const rows = Array.from({ length: Math.round(heightPx / rowPx) }, (_, row) => (row + 1) * rowPx - 0.5);
  return (
    <>
      {weeks.map((x) => (
        <rect key={x} className={styles.weekend} x={x + 5 * dayPx} y={0} width={2 * dayPx} height={heightPx} />
      ))}
      <path
        className={styles.rule}
        d={[...weeks.map((x) => `M${x + 0.5} 0V${heightPx}`), ...rows.map((y) => `M0 ${y}H${widthPx}`)].join("")}
      />
      <path className={styles.today} d={`M${dayAt({ view, places }, view.today) + dayPx / 2} 0V${heightPx}`} />
    </>
  );
}

const letterPx = 7;

function Closing({ closing, places, onOpen }: { closing: ClosingView; places: Places; onOpen: () => void }) {
  const t = useTranslations("calendar");
  const row = places.rowOf(closing.yacht);
  if (row < 0) return null;
  const [from, to] = [places.x(closing.startsAt), places.x(closing.endsAt)];
  const kind = t(`kind-${closing.kind}`);
  return (
    <g
      data-closing={closing.id}
      role="button"
      tabIndex={0}
      aria-label={closing.words === "" ? kind : t("closing-label", { kind, words: closing.words })}
      onClick={onOpen}
      onKeyDown={(event) => event.key === "Enter" && onOpen()}
    >
      <rect
        className={styles.closing}
        x={from}
        y={row * rowPx + barTopPx}
        width={Math.max(to - from, 6)}
        height={barPx}
      />
      <text className={styles.closingWords} x={Math.max(from, 0) + 8} y={row * rowPx + 31}>
        {(closing.words || kind).slice(0, Math.max(0, Math.floor((to - from - 12) / letterPx)))}
      </text>
    </g>
  );
}

function Marks({ view, places }: Drawn) {
  const t = useTranslations("calendar");
  const { x, rowOf } = places;
  return (
    <>
      {shortGaps(view.stays, view.turnRoundHours)
        .filter(({ yacht }) => rowOf(yacht) >= 0)
        .map((gap) => (
          <path
            key={`${gap.yacht} ${gap.from}`}
            className={styles.short}
            d={`M${(x(gap.from) + x(gap.until)) / 2} ${rowOf(gap.yacht) * rowPx}l6 7l-6 7l-6 -7z`}
          >
            <title>{t("short-gap", { hours: Math.round(gap.hours), least: view.turnRoundHours })}</title>
          </path>
        ))}
      {view.due
        .filter(({ yacht }) => rowOf(yacht) >= 0)
        .map((due) => (
          <path
            key={`${due.yacht} ${due.day} ${due.words}`}
            className={styles.due}
            d={`M${dayAt({ view, places }, due.day)} ${(rowOf(due.yacht) + 1) * rowPx - 1}l6 -9h-12z`}
          >
            <title>{t("runs-out", { words: due.words, day: due.day })}</title>
          </path>
        ))}
    </>
  );
}
