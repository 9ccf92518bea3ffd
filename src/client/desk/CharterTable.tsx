"use client";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import type { ChartersPage } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { CharterViews } from "./charters/CharterViews";
import { Allowed } from "./shared/staff";
import { DataTable } from "./table/DataTable";
import type { Column } from "./table/features";

const waitMs = 250;

/** Charters, newest first, in pages; found by reference, yacht or skipper. */
export function CharterTable({ page: { rows, timeZone, find, more } }: { page: ChartersPage }) {
  const t = useTranslations();
  const format = useFormatter();
  const router = useRouter();
  const [asked, setAsked] = useState(find);
  useEffect(() => {
    if (asked.trim() === find) return;
    const timer = setTimeout(() => router.replace(addressOf({ find: asked.trim() })), waitMs);
    return () => clearTimeout(timer);
  }, [asked, find, router]);
  const columns = useMemo<Column<Row>[]>(() => {
    const day = (at: string) =>
      format.dateTime(new Date(at), { day: "numeric", month: "short", year: "numeric", timeZone });
    return [
      {
        id: "reference",
        accessorFn: (row) => row.reference,
        header: () => t("charter.reference"),
        cell: ({ row: { original } }) => <Link href={`/charters/${original.reference}`}>{original.reference}</Link>,
      },
      { id: "yacht", accessorFn: (row) => row.yachtName, header: () => t("today.yacht") },
      { id: "skipper", accessorFn: (row) => row.skipper, header: () => t("today.who") },
      {
        id: "days",
        accessorFn: (row) => row.startsAt,
        header: () => t("charter.days"),
        cell: ({ row: { original } }) => `${day(original.startsAt)} – ${day(original.endsAt)}`,
        csv: (row) => `${row.startsAt} – ${row.endsAt}`,
      },
      {
        id: "to-know",
        accessorFn: (row) => t(`today.know-${row.next}`, { recorded: row.recorded }),
        header: () => t("today.to-know"),
        cell: ({ row: { original }, getValue }) => <Chip verdict={original.verdict}>{String(getValue())}</Chip>,
      },
    ];
  }, [t, format, timeZone]);
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("desk.charters")}</h1>
        <CharterViews here="list" />
      </Box>
      <DataTable
        label={t("desk.charters")}
        columns={columns}
        rows={rows}
        idOf={(row) => row.stayId}
        onOpen={(id) => {
          const row = rows.find(({ stayId }) => stayId === id);
          if (row) router.push(`/charters/${row.reference}`);
        }}
        csvName="charters.csv"
        search={
          <Box display="flex" gap="5" alignItems="flex-end">
            <Field label={t("charter.find")}>
              {(ids) => (
                <Input {...ids} type="search" value={asked} onChange={(event) => setAsked(event.target.value)} />
              )}
            </Field>
            <TableLinks />
          </Box>
        }
      />
      {more && (
        <p>
          <Link href={addressOf({ find, after: more })}>{t("charter.older")}</Link>
        </p>
      )}
    </chakra.main>
  );
}

type Row = ChartersPage["rows"][number];

const addressOf = (asked: Record<string, string>): string => {
  const query = new URLSearchParams(Object.entries(asked).filter(([, value]) => value !== "")).toString();
  return query === "" ? "/charters" : `/charters?${query}`;
};

/** What leads to other ways in for charters, beside the list. */
function TableLinks() {
  const t = useTranslations();
  return (
    <>
      <Allowed action="enter-charter" quiet>
        <Button asChild>
          <Link href="/charters/new">{t("charters.new")}</Link>
        </Button>
        <Button asChild>
          <Link href="/charters/import">{t("imports.open")}</Link>
        </Button>
      </Allowed>
      <Allowed action="keep-programs" quiet>
        <Button asChild>
          <Link href="/charters/programs">{t("programs.open")}</Link>
        </Button>
      </Allowed>
    </>
  );
}
