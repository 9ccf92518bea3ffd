"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { TellsBrief } from "@/api/schemas/desk";
import { overdueHours } from "@/core/underway/log/overdue";
import { VerdictMark } from "@/ui/VerdictMark";
import { CallCard } from "./CallCard";
import { overdueVerdict } from "./overdue-verdict";

/** What a boat under way tells, in full: tonight and what is to be done when she does not say more, and what her round found odd. */
export function TellsPart({
  tells,
  at,
  stayId,
}: {
  tells: TellsBrief;
  at: (instant: string) => string;
  stayId: string;
}) {
  const t = useTranslations("tells");
  const { state, tonight } = tells.overdue;
  const isOver = state === "late" || state === "call" || state === "ask" || state === "alarm";
  return (
    <Box as="section" aria-label={t("title")} display="grid" gap="2">
      {tells.calls.map((call) => (
        <CallCard key={call.trouble} call={call} stayId={stayId} at={at} />
      ))}
      <h3>{t("title")}</h3>
      <Box display="flex" gap="2">
        <VerdictMark verdict={overdueVerdict[state]} />
        <p>
          {tonight
            ? t("said", { where: tonight.where, until: at(tonight.until), said: at(tonight.at) })
            : t(state === "not-said" ? "not-said" : "not-yet")}
          {tonight?.lat !== undefined && tonight.lon !== undefined && (
            <> {t("position", { lat: tonight.lat.toFixed(4), lon: tonight.lon.toFixed(4) })}</>
          )}
        </p>
      </Box>
      {isOver && tonight && (
        <chakra.ol listStyleType="decimal" paddingLeft="5">
          {(["call", "ask", "alarm"] as const).map((step) => (
            <li key={step}>{t(`do-${step}`, { at: at(hoursAfter(tonight.until, overdueHours[step])) })}</li>
          ))}
        </chakra.ol>
      )}
      {tells.round ? (
        <p>{t("round", { at: at(tells.round.at), odd: tells.round.odd.length })}</p>
      ) : (
        <p>{t("no-round")}</p>
      )}
      {tells.round?.odd.map(({ look, words }) => (
        <p key={look}>
          <strong>{t(`look-${look}`)}</strong>
          {words && `: ${words}`}
        </p>
      ))}
      {tells.over && <p>{t("over", { at: at(tells.over.at), wind: tells.over.windKn, gusts: tells.over.gustKn })}</p>}
    </Box>
  );
}

const hoursAfter = (instant: string, hours: number) => new Date(Date.parse(instant) + hours * 3_600_000).toISOString();
