"use client";
import { Box, chakra, Input } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { ChartersPage } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import styles from "./shared/Desk.module.css";

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
  const day = (at: string) =>
    format.dateTime(new Date(at), { day: "numeric", month: "short", year: "numeric", timeZone });
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
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
          {rows.map((row) => (
            <tr key={row.stayId}>
              <th scope="row">
                <Link href={`/charters/${row.reference}`}>{row.reference}</Link>
              </th>
              <td>{row.yachtName}</td>
              <td>{row.skipper}</td>
              <td>
                {day(row.startsAt)} – {day(row.endsAt)}
              </td>
              <td>
                <Chip verdict={row.verdict}>{t(`today.know-${row.next}`, { recorded: row.recorded })}</Chip>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p>{t("charter.none")}</p>}
      {more && (
        <p>
          <Link href={addressOf({ find, after: more })}>{t("charter.older")}</Link>
        </p>
      )}
    </chakra.main>
  );
}

const addressOf = (asked: Record<string, string>): string => {
  const query = new URLSearchParams(Object.entries(asked).filter(([, value]) => value !== "")).toString();
  return query === "" ? "/charters" : `/charters?${query}`;
};
