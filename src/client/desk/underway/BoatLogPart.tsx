"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { isOfTrouble, type DayEntry, type LogEntry } from "@/core/underway/log/entry";

/** What a crew told under way, newest first: rounds with their readings, nights, and what it chose to tell. */
export function BoatLogPart({ log, at }: { log: readonly LogEntry[]; at: (instant: string) => string }) {
  const t = useTranslations("tells");
  const day = log.filter((entry): entry is DayEntry => !isOfTrouble(entry));
  if (day.length === 0) return <p>{t("nothing-told")}</p>;
  return (
    <Box as="ol" display="grid">
      {day.toReversed().map((entry) => (
        <chakra.li key={entry.id} borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingY="2">
          <chakra.span color="kelp2">{at(entry.at)}</chakra.span> <EntryWords entry={entry} at={at} />
        </chakra.li>
      ))}
    </Box>
  );
}

function EntryWords({ entry, at }: { entry: DayEntry; at: (instant: string) => string }) {
  const t = useTranslations("tells");
  const format = useFormatter();
  switch (entry.kind) {
    case "note":
      return entry.words;
    case "fuelled":
      return t("entry-fuelled", { litres: entry.litres });
    case "position":
      return t("position", { lat: entry.lat.toFixed(4), lon: entry.lon.toFixed(4) });
    case "tonight":
      return t("entry-tonight", { where: entry.where, until: at(entry.until) });
    case "round": {
      const odd = entry.looks.filter(({ isFine }) => !isFine);
      const read = entry.readings.map(
        ({ reading, values }) =>
          `${reading} ${Object.values(values)
            .map((value) => (typeof value === "number" ? format.number(value) : String(value)))
            .join(" / ")}`,
      );
      return (
        <>
          {t("entry-round", { odd: odd.length, minutes: Math.max(1, Math.round(entry.seconds / 60)) })}
          {odd.length > 0 &&
            ` ${odd.map(({ look, words }) => `${t(`look-${look}`)}${words && `: ${words}`}`).join("; ")}.`}
          {read.length > 0 && <chakra.small display="block">{read.join(" · ")}</chakra.small>}
        </>
      );
    }
  }
}
