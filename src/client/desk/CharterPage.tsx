"use client";
import { printStatement } from "@/api/stays";
import type { AddendaView } from "@/api/schemas/book";
import type { AccessBrief, CrewMember, DefectView, DepositView, OutMessage, TodayRow } from "@/api/schemas/desk";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import type { Forecast } from "@/core/weather/forecast";
import { BookLink } from "./BookLink";
import type { RecordFault } from "@/core/handover/record-fault";
import { AccessPart } from "./AccessPart";
import { CharterHandover } from "./CharterHandover";
import { CharterHead } from "./CharterHead";
import { CharterMoney } from "./CharterMoney";
import { CharterPrep } from "./CharterPrep";
import { CrewList } from "./CrewList";
import { ForecastPart } from "./ForecastPart";
import { MessagesPart } from "./MessagesPart";
import { MoneyAuthority } from "./MoneyAuthority";
import { DeskPart, Pair } from "./shared/DeskPart";
import { Allowed } from "./shared/staff";

interface Props {
  row: TodayRow;
  timeZone: string;
  currency: string;
  deposit: DepositView[];
  crew: CrewMember[];
  defects: DefectView[];
  forecast: Forecast | null;
  windLimitKn: number;
  /** what came after the signed check-in, and who reads this */
  afterwards: AddendaView | null;
  me: string;
  messages: OutMessage[];
  /** what does not fit of the signed records as they are kept, by handover */
  faults: Readonly<Record<string, RecordFault[]>>;
  access: AccessBrief[];
}

const dayAndHour = {
  weekday: "short",
  day: "numeric",
  month: "short",
  year: "numeric",
  hour: "2-digit",
  minute: "2-digit",
  hourCycle: "h23",
} as const;

/** One charter: who, when, its money terms, its handovers and records, and the one next thing. */
export function CharterPage(props: Props) {
  const {
    row,
    timeZone,
    currency,
    deposit,
    crew,
    defects,
    forecast,
    windLimitKn,
    afterwards,
    me,
    messages,
    faults,
    access,
  } = props;
  const t = useTranslations();
  const format = useFormatter();
  const { stay } = row;
  const at = (instant: string) => format.dateTime(new Date(instant), { ...dayAndHour, timeZone });
  const sealed = stay.handovers.filter((each) => each.kind !== "prep" && each.sealedAt);
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="6" alignContent="start" maxWidth="1180px">
      <CharterHead row={row} at={at} />
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", md: "1fr 1fr" }} gap="0 40px">
        <DeskPart title={t("charter.people")}>
          <Pair label={t("charter.skipper")}>{stay.skipper}</Pair>
          <Pair label={t("charter.charterer")}>{stay.charterer}</Pair>
          {stay.skipperId !== stay.chartererId && <MoneyAuthority stayId={stay.stayId} authority={stay.authority} />}
          <Allowed action="make-book-link" quiet>
            <BookLink charterId={stay.charterId} />
          </Allowed>
          <CrewList key={crew.length} stayId={stay.stayId} aboard={stay.aboard} crew={crew} />
        </DeskPart>
        <CharterMoney row={row} deposit={deposit} currency={currency} at={at} />
        {!sealed.some((each) => each.kind === "check-in") && (
          <DeskPart title={t("forecast.title")}>
            {forecast ? <ForecastPart forecast={forecast} windLimitKn={windLimitKn} /> : <p>{t("gate.no-forecast")}</p>}
          </DeskPart>
        )}
        <CharterPrep row={row} defects={defects} timeZone={timeZone} at={at} />
        {(["check-in", "check-out"] as const).map((kind) => (
          <CharterHandover key={kind} {...{ row, kind, afterwards, me, timeZone, at, faults }} />
        ))}
        {sealed.length === 2 && <SettlementLinks stay={stay} at={at} />}
        <DeskPart title={t("access.title")}>
          <AccessPart charterId={stay.charterId} access={access} at={at} />
        </DeskPart>
        {messages.length > 0 && (
          <DeskPart title={t("outbox.title")}>
            <MessagesPart messages={messages} timeZone={timeZone} />
          </DeskPart>
        )}
      </Box>
    </chakra.main>
  );
}

function SettlementLinks({ stay, at }: { stay: TodayRow["stay"]; at: (instant: string) => string }) {
  const t = useTranslations();
  return (
    <DeskPart title={t("settle.title")}>
      <p>{stay.settledAt ? t("charter.settled", { at: at(stay.settledAt) }) : t("charter.to-settle")}</p>
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button asChild>
          <Link href={`/charters/${stay.reference}/settlement`}>{t("charter.settlement")}</Link>
        </Button>
        <Button asChild>
          <a href={href(printStatement, { params: { id: stay.stayId } })} target="_blank" rel="noreferrer">
            {t("book.statement")}
          </a>
        </Button>
      </Box>
    </DeskPart>
  );
}
