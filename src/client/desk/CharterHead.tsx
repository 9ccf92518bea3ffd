"use client";
import { Box, Button } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import type { CharterPart } from "@/api/schemas/charters";
import type { TodayRow } from "@/api/schemas/desk";
import { farBelowWords } from "@/messages/far-below-words";
import { Chip } from "@/ui/Chip";
import { OddNote } from "@/ui/OddNote";
import { CallOff } from "./charters/CallOff";
import { CharterParts } from "./charters/CharterParts";
import { OtherYacht } from "./charters/OtherYacht";
import { ChangeCharter, type ChangeStart } from "./charters/ChangeCharter";
import { NextAction } from "./NextAction";
import { Allowed } from "./shared/staff";
import { OpenHandover } from "./OpenHandover";

/** Which charter, when and where, how it stands, and the one next thing. */
export function CharterHead({
  row,
  at,
  change,
  parts,
  currency,
}: {
  row: TodayRow;
  at: (instant: string) => string;
  change: ChangeStart;
  /** every stay of the charter, in order */
  parts: readonly CharterPart[];
  currency: string;
}) {
  const t = useTranslations();
  const router = useRouter();
  const { stay } = row;
  const isOut = stay.handovers.some(({ kind, sealedAt }) => kind === "check-in" && sealedAt !== null);
  const isFollowed = parts.some(({ part, isCalledOff }) => part > stay.part && !isCalledOff);
  return (
    <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
      <Box>
        <h1>
          {stay.yachtName}, {stay.reference}
        </h1>
        <p>
          {at(stay.startsAt)} – {at(stay.endsAt)} · {t("today.aboard", { aboard: stay.aboard })} ·{" "}
          {t("today.berth", { berth: stay.berth })}
        </p>
        <CharterParts parts={parts} here={stay.reference} at={at} />
        <Box marginTop="2" display="flex" flexWrap="wrap" gap="2">
          {stay.calledOff !== null && <Chip verdict="stop">{t(`charters.off-${stay.calledOff}`)}</Chip>}
          {row.next !== "called-off" && (
            <Chip verdict={row.verdict}>{t(`today.know-${row.next}`, { recorded: row.recorded })}</Chip>
          )}
          {row.notCleared && <Chip verdict="stop">{t("today.not-cleared")}</Chip>}
        </Box>
        {row.farBelow && (
          <Box marginTop="2">
            <OddNote title={t("below.title")}>{farBelowWords(t, row.farBelow)}</OddNote>
          </Box>
        )}
      </Box>
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button asChild>
          <Link href={`/charters/${stay.reference}/briefing`}>{t("briefing-sheet.link")}</Link>
        </Button>
        {stay.calledOff === null && (
          <ChangeCharter key={change.onNumber} stay={stay} start={change} currency={currency} at={at} />
        )}
        {isOut && !isFollowed && change.goesOn && (
          <OtherYacht
            key={`other ${change.onNumber}`}
            {...{ stay, currency, at }}
            yachts={change.yachts}
            onNumber={change.onNumber}
            from={change.goesOn}
            onTaken={(reference) => router.push(`/charters/${reference}`)}
          />
        )}
        <CallOff key={`off ${change.onNumber}`} stay={stay} onNumber={change.onNumber} currency={currency} at={at} />
        <Allowed action="see-log" quiet>
          <Button asChild>
            <Link href={`/log?charter=${stay.reference}`}>{t("log.link")}</Link>
          </Button>
        </Allowed>
        {row.next === "hold-deposit" ? (
          // the deposit keeps her alongside, it does not keep people from beginning
          <>
            <OpenHandover stayId={stay.stayId} kind="check-in" label={t("today.do-start-check-in")} main={false} />
            <OpenHandover stayId={stay.stayId} kind="check-in" label={t("today.do-walk")} main={false} screen="walk" />
          </>
        ) : (
          <NextAction stayId={stay.stayId} reference={stay.reference} next={row.next} />
        )}
      </Box>
    </Box>
  );
}
