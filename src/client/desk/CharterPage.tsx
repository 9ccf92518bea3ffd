"use client";
import { printRecord, saveRecord, saveWholeRecord } from "@/api/handovers";
import { printStatement } from "@/api/stays";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import type { ReactNode } from "react";
import { formatMoney } from "@/core/basics/money";
import { notedByHand } from "@/core/settlement/terms";
import type { Forecast } from "@/core/weather/forecast";
import type { AddendaView } from "@/api/schemas/book";
import type { CrewMember, DefectView, DepositView, OutMessage, TodayRow } from "@/api/schemas/desk";
import { farBelowWords } from "@/messages/far-below-words";
import { Chip } from "@/ui/Chip";
import { OddNote } from "@/ui/OddNote";
import { AddendaPart } from "./AddendaPart";
import { BookLink } from "./BookLink";
import { CrewList } from "./CrewList";
import { DefectList } from "./DefectList";
import { ForecastPart } from "./ForecastPart";
import { HoldDeposit } from "./HoldDeposit";
import { MessagesPart } from "./MessagesPart";
import { MoneyAuthority } from "./MoneyAuthority";
import { NextAction } from "./NextAction";
import { OpenHandover } from "./OpenHandover";
import { ReadinessPart } from "./ReadinessPart";
import { ReceiveDeposit } from "./ReceiveDeposit";
import { TwoRecords } from "./TwoRecords";
import { Allowed, useMay } from "./shared/staff";

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
}

/** One charter: who, when, its money terms, its handovers and records, and the one next thing. */
export function CharterPage({
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
}: Props) {
  const t = useTranslations();
  const format = useFormatter();
  const { stay } = row;
  const at = (instant: string) =>
    format.dateTime(new Date(instant), {
      weekday: "short",
      day: "numeric",
      month: "short",
      year: "numeric",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  const money = (minor: number) => formatMoney(minor, currency);
  const { terms } = stay;
  const [mayWork, mayChoose] = [useMay("judge-work"), useMay("choose-record")];
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="6" alignContent="start" maxWidth="1180px">
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
        <Box>
          <h1>
            {stay.yachtName}, {stay.reference}
          </h1>
          <p>
            {at(stay.startsAt)} – {at(stay.endsAt)} · {t("today.aboard", { aboard: stay.aboard })} ·{" "}
            {t("today.berth", { berth: stay.berth })}
          </p>
          <Box marginTop="2">
            <Chip verdict={row.verdict}>{t(`today.know-${row.next}`, { recorded: row.recorded })}</Chip>
          </Box>
          {row.farBelow && (
            <Box marginTop="2">
              <OddNote title={t("below.title")}>{farBelowWords(t, row.farBelow)}</OddNote>
            </Box>
          )}
          <p>
            <Link href={`/charters/${stay.reference}/briefing`}>{t("briefing-sheet.link")}</Link>
          </p>
        </Box>
        <Box display="flex" flexWrap="wrap" gap="3">
          {row.next !== "hold-deposit" && (
            <NextAction stayId={stay.stayId} reference={stay.reference} next={row.next} />
          )}
        </Box>
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", md: "1fr 1fr" }} gap="0 40px">
        <Part title={t("charter.people")}>
          <Pair label={t("charter.skipper")}>{stay.skipper}</Pair>
          <Pair label={t("charter.charterer")}>{stay.charterer}</Pair>
          {stay.skipperId !== stay.chartererId && <MoneyAuthority stayId={stay.stayId} authority={stay.authority} />}
          <Allowed action="make-book-link" quiet>
            <BookLink charterId={stay.charterId} />
          </Allowed>
          <CrewList key={crew.length} stayId={stay.stayId} aboard={stay.aboard} crew={crew} />
        </Part>
        <Part title={t("charter.money")}>
          <Pair label={t("charter.deposit")}>
            {money(terms.deposit.amountMinor)}, {t(`charter.how-${terms.deposit.how}`)}
          </Pair>
          <Pair label={t("charter.held")}>{money(stay.heldMinor)}</Pair>
          <Pair label={t("charter.waiver")}>
            {terms.waiver
              ? t("charter.waiver-words", { excess: money(terms.waiver.excessMinor) })
              : t("charter.no-waiver")}
          </Pair>
          {deposit.map((event) => (
            <p key={`${event.kind} ${event.at} ${event.amountMinor}`}>
              {at(event.at)}: {money(event.amountMinor)} {t(`deposit.${event.kind}`, { how: terms.deposit.how })}{" "}
              {event.reference}
            </p>
          ))}
          {row.next === "hold-deposit" && (
            <Allowed action="take-deposit">
              {notedByHand(terms.deposit.how) ? (
                <ReceiveDeposit
                  key={stay.heldMinor}
                  stayId={stay.stayId}
                  how={terms.deposit.how}
                  openMinor={terms.deposit.amountMinor - stay.heldMinor}
                  currency={currency}
                />
              ) : (
                <HoldDeposit stayId={stay.stayId} amount={money(terms.deposit.amountMinor)} />
              )}
            </Allowed>
          )}
        </Part>
        {!stay.handovers.some((each) => each.kind === "check-in" && each.sealedAt) && (
          <Part title={t("forecast.title")}>
            {forecast ? <ForecastPart forecast={forecast} windLimitKn={windLimitKn} /> : <p>{t("gate.no-forecast")}</p>}
          </Part>
        )}
        <Part title={t("kind.prep").replace(/^./, (letter) => letter.toUpperCase())}>
          {row.readiness && <ReadinessPart readiness={row.readiness} slug={stay.yachtSlug} withWork={false} />}
          <PrepPart row={row} at={at} />
          {defects.length > 0 && (
            <>
              <h3>{t("work.title")}</h3>
              <DefectList defects={defects} timeZone={timeZone} mayWork={mayWork} />
            </>
          )}
        </Part>
        {(["check-in", "check-out"] as const).map((kind) => {
          const handover = stay.handovers.find((each) => each.kind === kind);
          return (
            <Part key={kind} title={t(`charter.${kind}`)}>
              {!handover && <p>{t("charter.not-opened")}</p>}
              {!handover && kind === "check-in" && row.next === "hold-deposit" && (
                // the deposit keeps her alongside, it does not keep people from beginning
                <Box display="flex" flexWrap="wrap" gap="3">
                  <OpenHandover
                    stayId={stay.stayId}
                    kind="check-in"
                    label={t("today.do-start-check-in")}
                    main={false}
                  />
                  <OpenHandover
                    stayId={stay.stayId}
                    kind="check-in"
                    label={t("today.do-walk")}
                    main={false}
                    screen="walk"
                  />
                </Box>
              )}
              {!handover && kind === "check-out" && row.next === "under-way" && (
                <div>
                  <OpenHandover stayId={stay.stayId} kind="check-out" label={t("charter.early")} main={false} />
                </div>
              )}
              {handover && !handover.sealedAt && (
                <>
                  <p>{t("charter.open", { entries: handover.entries, at: at(handover.openedAt) })}</p>
                  <div>
                    <OpenHandover stayId={stay.stayId} kind={kind} label={t(`today.do-go-on-${kind}`)} main={false} />
                  </div>
                </>
              )}
              {handover?.sealedAt && (
                <>
                  <p>{t("charter.signed", { at: at(handover.sealedAt) })}</p>
                  {kind === "check-in" && afterwards && (
                    <AddendaPart afterwards={afterwards} person={me} timeZone={timeZone} />
                  )}
                  {handover.seals.length > 1 && (
                    <TwoRecords handover={handover.id} seals={handover.seals} mayChoose={mayChoose} at={at} />
                  )}
                  {handover.late > 0 && <Chip verdict="watch">{t("today.late", { late: handover.late })}</Chip>}
                  <Box display="flex" flexWrap="wrap" gap="3">
                    <Button asChild>
                      <a href={href(printRecord, { params: { id: handover.id } })} target="_blank" rel="noreferrer">
                        {t("sealed.pdf")}
                      </a>
                    </Button>
                    <Button asChild>
                      <a href={href(saveWholeRecord, { params: { id: handover.id } })}>{t("sealed.zip")}</a>
                    </Button>
                    <Button asChild>
                      <a href={href(saveRecord, { params: { id: handover.id } })}>{t("sealed.json")}</a>
                    </Button>
                  </Box>
                </>
              )}
            </Part>
          );
        })}
        {stay.handovers.filter((each) => each.sealedAt).length === 2 && (
          <Part title={t("settle.title")}>
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
          </Part>
        )}
        {messages.length > 0 && (
          <Part title={t("outbox.title")}>
            <MessagesPart messages={messages} timeZone={timeZone} />
          </Part>
        )}
      </Box>
    </chakra.main>
  );
}

function PrepPart({ row: { stay }, at }: { row: TodayRow; at: (instant: string) => string }) {
  const t = useTranslations("prep");
  const prep = stay.handovers.find((each) => each.kind === "prep");
  return (
    <>
      <p>
        {!prep
          ? t("none")
          : `${t("begun", { at: at(prep.openedAt), entries: prep.entries })} ${prep.prepDone ? t("was-done") : ""}`}
      </p>
      <div>
        <OpenHandover
          stayId={stay.stayId}
          kind="prep"
          label={t(!prep ? "open" : prep.prepDone ? "look" : "go-on")}
          main={false}
        />
      </div>
    </>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderTopStyle="solid"
      borderColor="kelp"
      paddingBlock="4"
      display="grid"
      gap="3"
      alignContent="start"
    >
      <h2>{title}</h2>
      {children}
    </Box>
  );
}

function Pair({ label, children }: { label: string; children: ReactNode }) {
  return (
    <p>
      <chakra.span color="kelp2" display="inline-block" minWidth="8rem">
        {label}
      </chakra.span>{" "}
      <strong>{children}</strong>
    </p>
  );
}
