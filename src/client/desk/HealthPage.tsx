"use client";
import { lookOverBase } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import type { HealthLook } from "@/core/health/finding";
import { healthWords } from "@/messages/health-words";
import { VerdictMark } from "@/ui/VerdictMark";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";

/** What the night's look over the base found: money that stands otherwise at the terminal, records and chains that do not fit. */
export function HealthPage({ look, timeZone }: { look: HealthLook | null; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  const { request, fault, busy } = useRequest();
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="5" alignContent="start" maxWidth="68rem">
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
        <Box>
          <h1>{t("health.title")}</h1>
          <p>{t("health.about")}</p>
        </Box>
        <Button disabled={busy} onClick={() => void request(lookOverBase, {})}>
          {t(busy ? "health.looking" : "health.look")}
        </Button>
      </Box>
      <p role="status">
        {look
          ? t("health.looked", {
              at: format.dateTime(new Date(look.at), { dateStyle: "medium", timeStyle: "short", timeZone }),
              findings: look.findings.length,
            })
          : t("health.never")}
      </p>
      <Fault words={fault} />
      {look && look.findings.length > 0 && (
        <>
          <chakra.ul listStyleType="none" display="grid" gap="3">
            {look.findings.map((finding) => (
              <li key={JSON.stringify(finding)}>
                <VerdictMark verdict="stop" /> {healthWords(t, finding)}
              </li>
            ))}
          </chakra.ul>
          <p>{t("health.what-to-do")}</p>
        </>
      )}
    </chakra.main>
  );
}
