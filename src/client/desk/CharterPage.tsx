"use client";
import { printStatement } from "@/api/stays";
import type { AddendaView } from "@/api/schemas/book";
import type {
  AccessBrief,
  CrewMember,
  DefectView,
  DepositView,
  HandoverInHand,
  HireView,
  TodayRow,
  TurnRound,
} from "@/api/schemas/desk";
import type { CharterChangeView, CharterPart } from "@/api/schemas/charters";
import type { OutMessage } from "@/api/schemas/messages";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { Effect } from "@/core/charters/effects";
import { depositMet } from "@/core/settlement/terms";
import { stepInHand, timeline, type CharterStep, type TimelineFacts } from "@/core/stays/timeline";
import type { Forecast } from "@/core/weather/forecast";
import type { WindLimits } from "@/core/weather/limits";
import { BookLink } from "./BookLink";
import type { RecordFault } from "@/core/handover/record-fault";
import { AccessPart } from "./AccessPart";
import { AddendaPart } from "./AddendaPart";
import { CharterHandover } from "./CharterHandover";
import { CharterHead } from "./CharterHead";
import { CharterLine } from "./CharterLine";
import { CharterMoney } from "./CharterMoney";
import { CharterPrep } from "./CharterPrep";
import { CrewList } from "./CrewList";
import { HiredExtras } from "./HiredExtras";
import { ForecastPart } from "./ForecastPart";
import { MoneyAuthority } from "./MoneyAuthority";
import { EffectList } from "./charters/Effects";
import { ChangeList } from "./charters/ChangeList";
import type { ChangeStart } from "./charters/ChangeCharter";
import { BoatLogPart } from "./underway/BoatLogPart";
import { TellsPart } from "./underway/TellsPart";
import type { LogEntry } from "@/core/underway/log/entry";
import { CharterMessages } from "./messages/CharterMessages";
import { GuestPart } from "./private/GuestPart";
import { DeskPart, Pair } from "./shared/DeskPart";
import { Rail } from "./shared/Rail";
import { Allowed } from "./shared/staff";

interface Props {
  row: TodayRow;
  timeZone: string;
  currency: string;
  deposit: DepositView[];
  crew: CrewMember[];
  /** its extras; null where its yacht has no file yet */
  hire: HireView | null;
  /** what is done aboard before it */
  turnRound: TurnRound;
  defects: DefectView[];
  forecast: Forecast | null;
  limits: WindLimits;
  /** how the check-in or check-out stands that is open */
  inHand: HandoverInHand | null;
  /** what came after the signed check-in, and who reads this */
  afterwards: AddendaView | null;
  me: string;
  messages: OutMessage[];
  /** what was agreed, for a change of it, and what was changed so far */
  change: ChangeStart;
  changes: CharterChangeView[];
  /** every stay of the charter, in order; and what this one takes over from the one before, until it is handed over */
  parts: CharterPart[];
  changeOver: { was: string; effects: Effect[] } | null;
  /** why nothing that is written leaves the house; null where mail does */
  mailStays: "demo" | "simulated" | null;
  /** what does not fit of the signed records as they are kept, by handover */
  faults: Readonly<Record<string, RecordFault[]>>;
  access: AccessBrief[];
  /** how many answers the crew has given in the study */
  study: number;
  /** what was told under way, in the order in which it came */
  log: LogEntry[];
}

const dayAndHour = {
  weekday: "short",
  day: "numeric",
  month: "short",
  hour: "2-digit",
  minute: "2-digit",
  hourCycle: "h23",
} as const;

/** One charter as a line through time: the step in hand open with its one next thing, people, money and messages in the rail. */
export function CharterPage(props: Props) {
  const { row, timeZone, deposit, afterwards, study, faults } = props;
  const t = useTranslations("step");
  const charters = useTranslations("charters");
  const format = useFormatter();
  const at = (instant: string) => format.dateTime(new Date(instant), { ...dayAndHour, timeZone });
  const facts = factsOf(row, deposit, afterwards, study);
  const [chosen, setChosen] = useState<CharterStep | null>(null);
  // a record that is not in order comes before whatever is in hand; an odd hour alone is only marked
  const isInOrder = !row.notCleared && !Object.values(faults).some((each) => each.some(({ what }) => what !== "time"));
  const open =
    chosen ?? (isInOrder ? (stepInHand(facts) ?? (row.stay.calledOff === null ? "settled" : "deposit")) : "check-in");
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0, 1fr) 380px" }} minHeight="100%">
      <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" minWidth="0">
        <CharterHead row={row} at={at} change={props.change} parts={props.parts} currency={props.currency} />
        {props.changeOver && (
          <DeskPart title={charters("change-over", { was: props.changeOver.was })}>
            <EffectList effects={props.changeOver.effects} currency={props.currency} at={at} />
          </DeskPart>
        )}
        <CharterLine steps={timeline(facts)} open={open} timeZone={timeZone} onOpen={setChosen} />
        <Box as="section" aria-label={t(open)} display="grid" gap="2">
          <OpenStep step={open} {...props} at={at} />
        </Box>
      </chakra.main>
      <CharterRail {...props} at={at} />
    </Box>
  );
}

function factsOf(
  { stay, next }: TodayRow,
  deposit: readonly DepositView[],
  afterwards: AddendaView | null,
  study: number,
): TimelineFacts {
  const of = (kind: string) => stay.handovers.find((each) => each.kind === kind);
  const prep = of("prep");
  return {
    next,
    startsAt: stay.startsAt,
    endsAt: stay.endsAt,
    depositMet: depositMet(stay.terms, stay.heldMinor) || stay.settledAt !== null,
    depositAt: deposit.at(-1)?.at ?? null,
    hasStudied: study > 0,
    prepAt: prep?.openedAt ?? null,
    isPrepDone: prep?.prepDone ?? false,
    checkInAt: of("check-in")?.sealedAt ?? null,
    leftAt: afterwards?.leftAt ?? null,
    checkOutAt: of("check-out")?.sealedAt ?? null,
    settledAt: stay.settledAt,
  };
}

type At = (instant: string) => string;

/** What belongs to a step of the charter. */
function OpenStep({ step, at, ...props }: Props & { step: CharterStep; at: At }) {
  const { row, timeZone, currency, deposit, defects, forecast, limits, afterwards, me, faults, study, turnRound } =
    props;
  const t = useTranslations();
  const { stay } = row;
  const handover = { row, inHand: props.inHand, afterwards, me, timeZone, at, faults };
  switch (step) {
    case "deposit":
      return <CharterMoney row={row} deposit={deposit} currency={currency} at={at} />;
    case "study":
      return (
        <DeskPart title={t("step.study")}>
          <p>{t("charter.studied", { answers: study })}</p>
          <p>
            <Link href={`/charters/${stay.reference}/briefing`}>{t("briefing-sheet.link")}</Link>
          </p>
        </DeskPart>
      );
    case "prep":
      return <CharterPrep row={row} defects={defects} turnRound={turnRound} timeZone={timeZone} at={at} />;
    case "check-in":
      return (
        <>
          <CharterHandover kind="check-in" {...handover} afterwards={null} />
          {!stay.handovers.some(({ kind, sealedAt }) => kind === "check-in" && sealedAt) && (
            <DeskPart title={t("forecast.title")}>
              {forecast ? <ForecastPart forecast={forecast} limits={limits} /> : <p>{t("gate.no-forecast")}</p>}
            </DeskPart>
          )}
        </>
      );
    case "under-way":
      return (
        <DeskPart title={t("step.under-way")}>
          {row.tells && <TellsPart tells={row.tells} at={at} stayId={stay.stayId} />}
          <h3>{t("tells.log")}</h3>
          <BoatLogPart log={props.log} at={at} />
          {afterwards ? (
            <AddendaPart afterwards={afterwards} person={me} timeZone={timeZone} />
          ) : (
            <p>{t("charter.not-left")}</p>
          )}
        </DeskPart>
      );
    case "check-out":
      return <CharterHandover kind="check-out" {...handover} />;
    case "settled":
      return <SettlementPart stay={stay} at={at} />;
  }
}

/** Who it is, and what is agreed, sent and open, beside whatever step is looked at. */
function CharterRail({
  row,
  currency,
  crew,
  hire,
  messages,
  mailStays,
  changes,
  access,
  timeZone,
  at,
}: Props & { at: At }) {
  const t = useTranslations();
  const { stay } = row;
  const money = (minor: number) => formatMoney(minor, currency);
  return (
    <Rail label={t("charter.rail")}>
      <DeskPart title={t("charter.people")}>
        <Pair label={t("charter.skipper")}>{stay.skipper}</Pair>
        <Pair label={t("charter.charterer")}>{stay.charterer}</Pair>
        {stay.skipperId !== stay.chartererId && <MoneyAuthority stayId={stay.stayId} authority={stay.authority} />}
        <Allowed action="make-book-link" quiet>
          <BookLink charterId={stay.charterId} />
        </Allowed>
        <CrewList key={crew.length} stayId={stay.stayId} aboard={stay.aboard} crew={crew} />
        <GuestPart
          guests={[
            { id: stay.skipperId, name: stay.skipper },
            ...(stay.chartererId === stay.skipperId ? [] : [{ id: stay.chartererId, name: stay.charterer }]),
          ]}
        />
      </DeskPart>
      {hire && (
        <DeskPart title={t("hired.title")}>
          <HiredExtras charterId={stay.charterId} hire={hire} currency={currency} />
        </DeskPart>
      )}
      <DeskPart title={t("charter.sums")}>
        <Pair label={t("charter.money")}>{money(stay.terms.deposit.amountMinor)}</Pair>
        <Pair label={t("charter.held")}>{money(stay.heldMinor)}</Pair>
      </DeskPart>
      {changes.length > 0 && (
        <DeskPart title={t("charters.changes")}>
          <ChangeList changes={changes} at={at} />
        </DeskPart>
      )}
      <DeskPart title={t("outbox.title")}>
        <CharterMessages stayId={stay.stayId} messages={messages} stays={mailStays} timeZone={timeZone} />
      </DeskPart>
      <DeskPart title={t("access.title")}>
        <AccessPart charterId={stay.charterId} access={access} at={at} />
      </DeskPart>
    </Rail>
  );
}

/** The way to the settlement, once both ends are signed. */
function SettlementPart({ stay, at }: { stay: TodayRow["stay"]; at: At }) {
  const t = useTranslations();
  const signed = stay.handovers.filter((each) => each.kind !== "prep" && each.sealedAt);
  if (signed.length < 2)
    return (
      <DeskPart title={t("settle.title")}>
        <p>{t("charter.not-both")}</p>
      </DeskPart>
    );
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
