"use client";
import { lookOverBase } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import type { ReactNode } from "react";
import type { HealthLook } from "@/core/health/finding";
import { healthWords } from "@/messages/health-words";
import { VerdictMark } from "@/ui/VerdictMark";
import type { BackupsMade } from "@/core/backup/made";
import { useRequest } from "../api/useRequest";
import { BackupsPart } from "./BackupsPart";
import { Fault } from "./shared/Fault";

interface Props {
  look: HealthLook | null;
  backups: BackupsMade;
  /** how the messages to guests fare */
  messages: ReactNode;
  timeZone: string;
}

/** What the night's look over the base found: money that stands otherwise at the terminal, records and chains that do not fit. */
export function HealthPage({ look, backups, messages, timeZone }: Props) {
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
        <Box display="flex" flexWrap="wrap" gap="3">
          <Button asChild>
            <Link href="/log">{t("log.link")}</Link>
          </Button>
          <Button disabled={busy} onClick={() => void request(lookOverBase, {})}>
            {t(busy ? "health.looking" : "health.look")}
          </Button>
        </Box>
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
      <BackupsPart backups={backups} timeZone={timeZone} />
      {messages}
    </chakra.main>
  );
}
