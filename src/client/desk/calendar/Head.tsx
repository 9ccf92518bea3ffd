"use client";
import { useFormatter } from "next-intl";
import { memo } from "react";
import type { CalendarView } from "@/api/schemas/charters";
import { addDays } from "@/core/basics/instant";
import styles from "./Calendar.module.css";
import type { Places } from "./sizes";

/** The days above the calendar: weeks with their Monday and month, and each day where there is room. */
export const Head = memo(function Head({ view, places }: { view: CalendarView; places: Places }) {
  const format = useFormatter();
  const { dayPx, widthPx } = places;
  const named = (day: string) =>
    format.dateTime(new Date(`${day}T12:00:00Z`), { day: "numeric", month: "short", timeZone: "UTC" });
  const weeks = Array.from({ length: view.weeks }, (_, week) => addDays(view.from, week * 7));
  const isWide = dayPx >= 20;
  return (
    <svg width={widthPx} height={44} aria-hidden="true">
      {weeks.map((monday, week) => (
        <g key={monday} transform={`translate(${week * 7 * dayPx} 0)`}>
          <path className={styles.rule} d="M0.5 0V44" />
          <text x={6} y={17} className={styles.month}>
            {named(monday)}
          </text>
          {isWide &&
            Array.from({ length: 7 }, (_, day) => (
              <text key={day} x={(day + 0.5) * dayPx} y={37} className={styles.day}>
                {Number(addDays(monday, day).slice(8))}
              </text>
            ))}
        </g>
      ))}
    </svg>
  );
});
