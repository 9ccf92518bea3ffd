"use client";
import { memo } from "react";
import { useTranslations } from "next-intl";
import type { CalendarView } from "@/api/schemas/charters";
import type { ElsewhereMet } from "@/core/feeds/elsewhere";
import styles from "./Calendar.module.css";
import { rowPx, type Places } from "./sizes";
import { useBarWords } from "./useBarWords";

const [edgePx, leastPx, letterPx] = [2, 6, 7];

/** Days that are promised elsewhere: higher than a charter, so that it shows around one that it meets. */
export const Elsewhere = memo(function Elsewhere({
  view,
  places,
  onOpen,
}: {
  view: CalendarView;
  places: Places;
  onOpen: (elsewhere: ElsewhereMet) => void;
}) {
  const t = useTranslations("calendar");
  const { at } = useBarWords(view.timeZone);
  return view.elsewhere.map((each) => {
    const row = places.rowOf(each.yacht);
    if (row < 0) return null;
    const [from, to] = [places.x(each.startsAt), places.x(each.endsAt)];
    const meets = each.meets.length > 0;
    return (
      <g
        key={each.id}
        role="button"
        tabIndex={0}
        aria-label={t("elsewhere-label", {
          feed: each.feed,
          meets: each.meets.join(", ") || "none",
          from: at(each.startsAt),
          until: at(each.endsAt),
        })}
        onClick={() => onOpen(each)}
        onKeyDown={(event) => event.key === "Enter" && onOpen(each)}
      >
        <rect
          className={meets ? styles.elsewhereMeets : styles.elsewhere}
          x={from}
          y={row * rowPx + edgePx}
          width={Math.max(to - from, leastPx)}
          height={rowPx - 2 * edgePx}
        />
        {!meets && (
          <text className={styles.closingWords} x={Math.max(from, 0) + 8} y={row * rowPx + 31}>
            {t("elsewhere").slice(0, Math.max(0, Math.floor((to - from - 12) / letterPx)))}
          </text>
        )}
      </g>
    );
  });
});
