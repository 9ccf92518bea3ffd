"use client";
import { saveHistory } from "@/api/base";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import { ChartNoAxesColumn } from "lucide-react";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import { formatMoney } from "@/core/basics/money";
import type { CallHistory } from "@/core/history/calls";
import type { DrillHistory } from "@/core/history/drills";
import type { HistoryRow } from "@/core/history/history";
import { EmptyState } from "@/ui/kit/EmptyState";
import { Segments } from "@/ui/kit/Segments";
import { CallsPart } from "./history/CallsPart";
import { DrillsPart } from "./history/DrillsPart";
import { DeskPart } from "./shared/DeskPart";
import { DataTable } from "./table/DataTable";
import type { Column } from "./table/features";

// the drawing is for the desk alone, and comes when it is looked at
const HistoryChart = dynamic(() => import("./HistoryChart").then((module) => module.HistoryChart), { ssr: false });

interface Props {
  slug: string | null;
  yachts: { slug: string; name: string }[];
  byItem: HistoryRow[];
  byYacht: HistoryRow[];
  currency: string;
  calls: CallHistory;
  drills: DrillHistory;
  /** mistakes of the drills in sentences, by `device_code` */
  sentences: Readonly<Record<string, string>>;
}

/** What goes missing, what breaks and what it costs: drawn, in figures, and to take out. */
export function HistoryPage({ slug, yachts, byItem, byYacht, currency, calls, drills, sentences }: Props) {
  const t = useTranslations("history");
  const router = useRouter();
  const most = byItem.filter((row) => row.missing + row.broken > 0).slice(0, 10);
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="5" alignContent="start">
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
        <Box>
          <h1>{t("title")}</h1>
          <p>{t("words")}</p>
        </Box>
        <Button asChild>
          <a href={href(saveHistory, { query: { yacht: slug ?? undefined } })}>{t("csv")}</a>
        </Button>
      </Box>
      <Segments
        label={t("yacht")}
        value={slug ?? ""}
        options={[{ value: "", word: t("all") }, ...yachts.map((yacht) => ({ value: yacht.slug, word: yacht.name }))]}
        onChoose={(value) => router.push(value === "" ? "/history" : `/history?yacht=${value}`)}
      />
      {byItem.length === 0 && <EmptyState sign={ChartNoAxesColumn} title={t("none")} words={t("none-words")} />}
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="0 32px" alignItems="start">
        {most.length > 0 && (
          <DeskPart title={t("chart")}>
            <HistoryChart
              rows={most}
              words={{
                missing: t("missing"),
                broken: t("broken"),
                title: most
                  .map((row) => t("chart-words", { name: row.name, missing: row.missing, broken: row.broken }))
                  .join("; "),
              }}
            />
          </DeskPart>
        )}
        {slug === null && byYacht.length > 0 && (
          <HistoryTable
            title={t("by-yacht")}
            name="yacht"
            first={t("yacht")}
            across={t("items")}
            rows={byYacht}
            currency={currency}
          />
        )}
      </Box>
      {byItem.length > 0 && (
        <HistoryTable
          title={t("by-item")}
          name="item"
          first={t("item")}
          across={t("yachts")}
          rows={byItem}
          currency={currency}
        />
      )}
      <CallsPart history={calls} isOneYacht={slug !== null} />
      <DrillsPart history={drills} sentences={sentences} />
    </chakra.main>
  );
}

function HistoryTable({
  title,
  name,
  first,
  across,
  rows,
  currency,
}: {
  title: string;
  name: string;
  first: string;
  across: string;
  rows: HistoryRow[];
  currency: string;
}) {
  const t = useTranslations("history");
  const columns = useMemo<Column<HistoryRow>[]>(
    () => [
      {
        id: "name",
        accessorFn: (row) => row.name,
        header: () => first,
        cell: ({ row: { original } }) => <strong>{original.name}</strong>,
      },
      { id: "across", accessorFn: (row) => row.across, header: () => across, isNumber: true },
      { id: "missing", accessorFn: (row) => row.missing, header: () => t("missing"), isNumber: true },
      { id: "broken", accessorFn: (row) => row.broken, header: () => t("broken"), isNumber: true },
      {
        id: "charged",
        accessorFn: (row) => row.chargedMinor,
        header: () => t("charged"),
        cell: ({ row: { original } }) => formatMoney(original.chargedMinor, currency),
        csv: (row) => formatMoney(row.chargedMinor, currency),
        isNumber: true,
      },
      { id: "work", accessorFn: (row) => row.workMinutes, header: () => t("work"), isNumber: true },
    ],
    [t, first, across, currency],
  );
  return (
    <DeskPart title={title}>
      <DataTable label={title} name={name} columns={columns} rows={rows} idOf={(row) => row.key} />
    </DeskPart>
  );
}
