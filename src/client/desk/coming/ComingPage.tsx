"use client";
import { Box, chakra } from "@chakra-ui/react";
import { CalendarCheck } from "lucide-react";
import { useTranslations } from "next-intl";
import type { ComingView } from "@/api/schemas/charters";
import { EmptyState } from "@/ui/kit/EmptyState";
import { CharterViews } from "../charters/CharterViews";
import { ComingRow } from "./ComingRow";

/** The guests of the week to come, those that need most first: what is missing, and the one message that fits. */
export function ComingPage({ view: { rows, timeZone, mailStays } }: { view: ComingView }) {
  const t = useTranslations("coming");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("title")}</h1>
        <CharterViews here="coming" />
      </Box>
      <p>
        {t("about")} {mailStays !== null && t(mailStays)}
      </p>
      {rows.length === 0 ? (
        <EmptyState sign={CalendarCheck} title={t("nobody")} words={t("nobody-words")} />
      ) : (
        <chakra.ol listStyleType="none" display="grid" borderTopWidth="2px" borderTopStyle="solid" borderColor="kelp">
          {rows.map((row) => (
            <ComingRow key={`${row.stayId} ${row.onNumber}`} row={row} timeZone={timeZone} />
          ))}
        </chakra.ol>
      )}
    </chakra.main>
  );
}
