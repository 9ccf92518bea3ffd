"use client";
import { saveHistory } from "@/api/base";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import type { HistoryRow } from "@/core/history/history";
import { Choice } from "@/ui/Choice";
import styles from "./shared/Desk.module.css";

// the drawing is for the desk alone, and comes when it is looked at
const HistoryChart = dynamic(() => import("./HistoryChart").then((module) => module.HistoryChart), { ssr: false });

interface Props {
  slug: string | null;
  yachts: { slug: string; name: string }[];
  byItem: HistoryRow[];
  byYacht: HistoryRow[];
  currency: string;
}

/** What goes missing, what breaks and what it costs: drawn, in figures, and to take out. */
export function HistoryPage({ slug, yachts, byItem, byYacht, currency }: Props) {
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
      <Choice
        label={t("yacht")}
        value={slug ?? ""}
        options={[{ value: "", word: t("all") }, ...yachts.map((yacht) => ({ value: yacht.slug, word: yacht.name }))]}
        onChoose={(value) => router.push(value === "" ? "/history" : `/history?yacht=${value}`)}
      />
      {byItem.length === 0 && <p>{t("none")}</p>}
      {most.length > 0 && (
        <Box as="section" aria-label={t("chart")} display="grid" gap="2">
          <h2>{t("chart")}</h2>
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
        </Box>
      )}
      {byItem.length > 0 && (
        <HistoryTable title={t("by-item")} first={t("item")} across={t("yachts")} rows={byItem} currency={currency} />
      )}
      {slug === null && byYacht.length > 0 && (
        <HistoryTable title={t("by-yacht")} first={t("yacht")} across={t("items")} rows={byYacht} currency={currency} />
      )}
    </chakra.main>
  );
}

function HistoryTable({
  title,
  first,
  across,
  rows,
  currency,
}: {
  title: string;
  first: string;
  across: string;
  rows: HistoryRow[];
  currency: string;
}) {
  const t = useTranslations("history");
  return (
    <section>
      <h2>{title}</h2>
      <Box overflowX="auto">
        <table className={styles.table} aria-label={title}>
          <thead>
            <tr>
              <th scope="col">{first}</th>
              {[across, t("missing"), t("broken"), t("charged"), t("work")].map((column) => (
                <th key={column} scope="col" className={styles.number}>
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.key}>
                <th scope="row">{row.name}</th>
                <td className={styles.number}>{row.across}</td>
                <td className={styles.number}>{row.missing}</td>
                <td className={styles.number}>{row.broken}</td>
                <td className={styles.number}>{formatMoney(row.chargedMinor, currency)}</td>
                <td className={styles.number}>{row.workMinutes}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
    </section>
  );
}
