"use client";
import { Box, chakra, Input } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import type { TodayRow } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import styles from "./Desk.module.css";

/** Every charter, newest first; found by reference, yacht or skipper. */
export function CharterTable({ rows, timeZone }: { rows: TodayRow[]; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  const [asked, setAsked] = useState("");
  const wanted = asked.trim().toLowerCase();
  const shown = rows.filter(({ stay }) =>
    `${stay.reference} ${stay.yachtName} ${stay.skipper}`.toLowerCase().includes(wanted),
  );
  const day = (at: string) =>
    format.dateTime(new Date(at), { day: "numeric", month: "short", year: "numeric", timeZone });
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="4" alignContent="start">
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" alignItems="flex-end" gap="4">
        <h1>{t("desk.charters")}</h1>
        <Box width="min(100%, 20rem)">
          <Field label={t("charter.find")}>
            {(ids) => <Input {...ids} type="search" value={asked} onChange={(event) => setAsked(event.target.value)} />}
          </Field>
        </Box>
      </Box>
      <table className={styles.table} aria-label={t("desk.charters")}>
        <thead>
          <tr>
            <th scope="col">{t("charter.reference")}</th>
            <th scope="col">{t("today.yacht")}</th>
            <th scope="col">{t("today.who")}</th>
            <th scope="col">{t("charter.days")}</th>
            <th scope="col">{t("today.to-know")}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <tr key={row.stay.stayId}>
              <th scope="row">
                <Link href={`/charters/${row.stay.reference}`}>{row.stay.reference}</Link>
              </th>
              <td>{row.stay.yachtName}</td>
              <td>{row.stay.skipper}</td>
              <td>
                {day(row.stay.startsAt)} – {day(row.stay.endsAt)}
              </td>
              <td>
                <Chip verdict={row.verdict}>{t(`today.know-${row.next}`, { recorded: row.recorded })}</Chip>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p>{t("charter.none")}</p>}
    </chakra.main>
  );
}
