"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import type { CallHistory, CallRow } from "@/core/history/calls";
import { DeskPart } from "../shared/DeskPart";
import { DataTable } from "../table/DataTable";
import type { Column } from "../table/features";

/** What crews call about, how often, when, and what that asks of the briefing. */
export function CallsPart({ history, isOneYacht }: { history: CallHistory; isOneYacht: boolean }) {
  const t = useTranslations("call-history");
  const { calls, charters, perHundred, byTopic, byYacht, byClass, byHours, proposals } = history;
  return (
    <DeskPart title={t("title")}>
      <p>
        {perHundred === null ? t("no-charters") : t("rate", { rate: perHundred, calls, charters })}
        {calls > 0 && ` ${t("rate-why")}`}
      </p>
      {proposals.length > 0 && (
        <Box as="section" aria-label={t("proposals")}>
          <h3>{t("proposals")}</h3>
          <chakra.ul paddingLeft="5" listStyleType="disc">
            {proposals.map(({ name, what, calls: about, of }) => (
              <li key={name}>{t(`propose-${what}`, { name, calls: about, of })}</li>
            ))}
          </chakra.ul>
        </Box>
      )}
      {calls > 0 && (
        <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", xl: "1fr 1fr" }} gap="5" alignItems="start">
          <Rows name="calls-topic" title={t("by-topic")} rows={byTopic} />
          <Hours byHours={byHours} />
          {!isOneYacht && <Rows name="calls-yacht" title={t("by-yacht")} rows={byYacht} />}
          {!isOneYacht && <Rows name="calls-class" title={t("by-class")} rows={byClass} />}
        </Box>
      )}
    </DeskPart>
  );
}

function Rows({ name, title, rows }: { name: string; title: string; rows: CallRow[] }) {
  const t = useTranslations("call-history");
  const columns = useMemo<Column<CallRow>[]>(
    () => [
      {
        id: "name",
        accessorFn: (row) => row.name,
        header: () => title,
        cell: ({ row: { original } }) => <strong>{original.name}</strong>,
      },
      { id: "calls", accessorFn: (row) => row.calls, header: () => t("calls"), isNumber: true },
      { id: "crews", accessorFn: (row) => row.crews, header: () => t("crews"), isNumber: true },
      { id: "hardly", accessorFn: (row) => row.hardlyBriefed, header: () => t("hardly-briefed"), isNumber: true },
      { id: "understood", accessorFn: (row) => row.understood, header: () => t("understood"), isNumber: true },
    ],
    [t, title],
  );
  if (rows.length === 0) return null;
  return <DataTable label={title} name={name} columns={columns} rows={rows} idOf={(row) => row.name} isShort />;
}

/** How many calls fall into each four hours of the day, drawn and in figures. */
function Hours({ byHours }: { byHours: readonly number[] }) {
  const t = useTranslations("call-history");
  const most = Math.max(1, ...byHours);
  return (
    <Box as="section" aria-label={t("by-hour")}>
      <h3>{t("by-hour")}</h3>
      <Box as="ul" display="grid" gap="1" maxWidth="30rem" listStyleType="none">
        {byHours.map((calls, at) => (
          <chakra.li key={at} display="grid" gridTemplateColumns="8rem 1fr" alignItems="center">
            <span>{t("hours", { from: at * 4, to: at * 4 + 4, calls })}</span>
            <Box
              aria-hidden
              height="14px"
              background="brass"
              borderWidth={calls === 0 ? "0" : "1px"}
              borderStyle="solid"
              borderColor="kelp"
              width={`${(calls / most) * 100}%`}
            />
          </chakra.li>
        ))}
      </Box>
    </Box>
  );
}
