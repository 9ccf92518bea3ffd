"use client";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useSearchParams } from "next/navigation";
import { useMemo, useState } from "react";
import type { DefectView } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { DefectRow } from "./DefectList";
import { DataTable, type Column } from "./table/DataTable";
import { keepInAddress } from "./table/address";

export type Work = DefectView & { yachtName: string; yachtSlug: string };

/** What is to repair in the fleet as a table: safety first, then what leaves next; a row opens with photos and what can be done. */
export function WorkTable({ work, timeZone, mayWork }: { work: Work[]; timeZone: string; mayWork: boolean }) {
  const t = useTranslations("work");
  const address = useSearchParams();
  const [yacht, setYacht] = useState(address.get("yacht") ?? "");
  const [openId, setOpenId] = useState<string | null>(null);
  const columns = useColumns(timeZone);
  const rows = useMemo(() => work.filter((each) => yacht === "" || each.yachtSlug === yacht), [work, yacht]);
  const yachts = [...new Map(work.map((each) => [each.yachtSlug, each.yachtName]))];
  return (
    <DataTable
      label={t("title")}
      columns={columns}
      rows={rows}
      idOf={(row) => row.id}
      openId={openId}
      onOpen={setOpenId}
      detail={(row) => (
        <chakra.ul listStyleType="none">
          <DefectRow
            defect={row}
            timeZone={timeZone}
            mayWork={mayWork}
            of={<Link href={`/fleet/${row.yachtSlug}`}>{row.yachtName}</Link>}
          />
        </chakra.ul>
      )}
      filters={
        <Box flex="0 1 14rem">
          <Field label={t("yacht")}>
            {(ids) => (
              <select
                {...ids}
                value={yacht}
                onChange={(event) => {
                  setYacht(event.target.value);
                  keepInAddress("yacht", event.target.value);
                }}
              >
                <option value="">{t("all-yachts")}</option>
                {yachts.map(([slug, name]) => (
                  <option key={slug} value={slug}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </Box>
      }
    />
  );
}

function useColumns(timeZone: string): Column<Work>[] {
  const t = useTranslations("work");
  const format = useFormatter();
  return useMemo(() => {
    const day = (instant: string) => format.dateTime(new Date(instant), { day: "numeric", month: "short", timeZone });
    return [
      { id: "yacht", accessorFn: (row) => row.yachtName, header: () => t("yacht") },
      {
        id: "what",
        accessorFn: (row) => `${row.title} ${row.words}`,
        header: () => t("what"),
        cell: ({ row: { original } }) => (
          <>
            <strong>{original.title}</strong>, {original.words}
          </>
        ),
      },
      {
        id: "safety",
        accessorFn: (row) => (row.safety ? 0 : 1),
        header: () => t("kind"),
        cell: ({ row: { original } }) => (
          <Chip verdict={original.safety ? "stop" : "watch"}>{original.safety ? t("safety") : t("state-ordered")}</Chip>
        ),
      },
      {
        id: "since",
        accessorFn: (row) => row.since,
        header: () => t("since"),
        cell: ({ row: { original } }) =>
          original.foundBy ? `${day(original.since)}, ${original.foundBy}` : day(original.since),
      },
      {
        id: "due",
        accessorFn: (row) => row.neededAt ?? "9999",
        header: () => t("due"),
        cell: ({ row: { original } }) =>
          original.neededAt === null ? t("not-needed") : t("needed", { at: day(original.neededAt) }),
      },
    ];
  }, [t, format, timeZone]);
}
