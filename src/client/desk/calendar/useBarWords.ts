"use client";
import { useLocale, useTranslations } from "next-intl";
import { useMemo } from "react";
import type { CalendarStay } from "@/api/schemas/charters";
import type { MoveFault } from "@/core/charters/calendar";

/** What the calendar says of charters: days, who, how far, and what keeps one from being moved. */
export function useBarWords(timeZone: string) {
  const t = useTranslations("calendar");
  const locale = useLocale();
  return useMemo(() => {
    // hundreds of charters are drawn at once: a clock is made once, and what is said of many is put together once
    const clock = new Intl.DateTimeFormat(locale, {
      weekday: "short",
      day: "numeric",
      month: "short",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
    const at = (instant: string) => clock.format(new Date(instant));
    const kept = new Map<string, readonly string[]>();
    const states = ({ state, aboard }: CalendarStay): readonly string[] => {
      const key = `${state} ${aboard}`;
      const known = kept.get(key) ?? [t(`state-${state}`, { aboard }), t(`short-${state}`)];
      kept.set(key, known);
      return known;
    };
    return {
      at,
      states,
      label: (stay: CalendarStay, yacht: string) =>
        t("bar", {
          reference: stay.reference,
          yacht,
          skipper: stay.skipper,
          from: at(stay.startsAt),
          until: at(stay.endsAt),
          state: states(stay)[0] ?? "",
        }),
      fault: (fault: MoveFault, yacht: string) =>
        t(`fault-${fault.code}`, { yacht, reference: fault.code === "promised" ? fault.reference : "" }),
    };
  }, [t, locale, timeZone]);
}
