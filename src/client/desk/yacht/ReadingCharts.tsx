"use client";
import { Box } from "@chakra-ui/react";
import { Gauge } from "lucide-react";
import dynamic from "next/dynamic";
import { useFormatter, useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { ReadSeries } from "@/core/history/last-readings";
import { EmptyState } from "@/ui/kit/EmptyState";

// the drawing comes when it is looked at
const ReadingChart = dynamic(() => import("./ReadingChart").then((module) => module.ReadingChart), { ssr: false });

/** Her last readings, a small chart for each, with the newest in figures. */
export function ReadingCharts({ series, timeZone }: { series: readonly ReadSeries[]; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  if (series.length === 0)
    return <EmptyState sign={Gauge} title={t("yacht-page.no-readings")} words={t("yacht-page.no-readings-words")} />;
  const day = (at: string) => format.dateTime(new Date(at), { day: "numeric", month: "short", timeZone });
  return (
    <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(250px, 1fr))" gap="4">
      {series.map(({ reading, name, field, points }) => {
        const last = points.at(-1);
        if (!last) return null;
        return (
          <Box
            key={reading}
            as="section"
            aria-label={localize(name)}
            borderTopWidth="2px"
            borderTopStyle="solid"
            borderColor="kelp"
            paddingTop="2"
          >
            <h3>{localize(name)}</h3>
            <p>
              <strong>{t(`yacht-page.in-${field}`, { value: last.value })}</strong>, {day(last.at)}
            </p>
            {points.length > 1 && (
              <ReadingChart
                points={points.map(({ at, value }) => ({ day: day(at), value }))}
                words={t("yacht-page.chart", {
                  name: localize(name),
                  points: points.map(({ at, value }) => `${day(at)}: ${format.number(value)}`).join("; "),
                })}
              />
            )}
          </Box>
        );
      })}
    </Box>
  );
}
