"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useCallback } from "react";
import type { RowChange, RowFault, RowView } from "@/api/schemas/imports";
import { rowFaultWords } from "@/messages/row-words";
import { isDay } from "@/core/basics/instant";

/** What becomes of a row in words: what it brings, what it changes, or what keeps it from being taken. */
export function useRowWords(timeZone: string): (row: RowView) => string[] {
  const t = useTranslations("imports");
  const all = useTranslations();
  const format = useFormatter();
  return useCallback(
    (row) => {
      const day = (text: string) =>
        format.dateTime(new Date(`${text}T12:00:00Z`), {
          day: "numeric",
          month: "short",
          year: "numeric",
          timeZone: "UTC",
        });
      const at = (instant: string | undefined) =>
        instant === undefined
          ? ""
          : format.dateTime(new Date(instant), {
              day: "numeric",
              month: "short",
              hour: "2-digit",
              minute: "2-digit",
              hourCycle: "h23",
              timeZone,
            });
      const value = ({ column }: RowChange, text: string) =>
        text === ""
          ? "none"
          : column === "state"
            ? t("state", { state: text.replaceAll("-", "") })
            : isDay(text)
              ? day(text)
              : text;
      const change = (each: RowChange) =>
        t("change", {
          column: t(`column-${each.column}`),
          was: value(each, each.was),
          becomes: value(each, each.becomes),
        });
      const fault = (each: RowFault) => rowFaultWords(all, each, at);
      if (row.fate === "refused") return row.faults.map(fault);
      if (row.fate === "changed") return row.changes.map(change);
      if (row.fate === "same") return row.isKnown ? [] : [t("not-here")];
      return [
        t("new-what", { yacht: row.yacht, from: day(row.fromDay), to: day(row.toDay), charterer: row.charterer }),
      ];
    },
    [t, all, format, timeZone],
  );
}
