"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { noteComing } from "@/api/charters";
import { sendMessage } from "@/api/messages";
import type { ComingGuests } from "@/api/schemas/charters";
import { farBelowWords } from "@/messages/far-below-words";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { OddNote } from "@/ui/OddNote";
import { useRequest } from "../../api/useRequest";
import { WriteMessage } from "../messages/WriteMessage";
import { CheckRow } from "../shared/CheckRow";
import { Fault } from "../shared/Fault";
import { Allowed } from "../shared/staff";

interface Props {
  row: ComingGuests;
  timeZone: string;
}

/** One charter of the week to come: who, what is missing, and what to do about it. */
export function ComingRow({ row, timeZone }: Props) {
  const t = useTranslations();
  const format = useFormatter();
  const { verdict, reasons } = row.ready;
  const starts = format.dateTime(new Date(row.startsAt), {
    weekday: "long",
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    timeZone,
  });
  return (
    <chakra.li
      display="grid"
      gridTemplateColumns={{ base: "1fr", lg: "15rem minmax(0, 1fr) 36rem" }}
      gap="12px 24px"
      paddingBlock="4"
      borderBottomWidth="1px"
      borderBottomStyle="solid"
      borderColor="line"
    >
      <Box>
        <chakra.h2 fontSize="lg">
          <Link href={`/charters/${row.reference}`}>{`${row.yacht}, ${row.reference}`}</Link>
        </chakra.h2>
        <p>{row.skipper}</p>
        <p>{starts}</p>
      </Box>
      <Box display="grid" gap="2" alignContent="start">
        <Box>
          <Chip verdict={verdict}>{t(verdict === "fine" ? "coming.ready" : `coming.missing-${verdict}`)}</Chip>
        </Box>
        {reasons.length > 0 && (
          <chakra.ul listStyleType="disc" paddingLeft="5">
            {reasons.map((reason) => (
              <li key={reason.code}>
                {"count" in reason
                  ? t(`coming.reason-${reason.code}`, { count: reason.count })
                  : t(`coming.reason-${reason.code}`)}
              </li>
            ))}
          </chakra.ul>
        )}
        <p>{t("coming.facts", { studied: row.studied, crew: row.crew, aboard: row.aboard, extras: row.extras })}</p>
        {row.asked.length > 0 && (
          <Box>
            <p>{t("coming.asked")}</p>
            <chakra.ul listStyleType="disc" paddingLeft="5">
              {row.asked.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </chakra.ul>
          </Box>
        )}
        {row.below && <OddNote title={t("below.title")}>{farBelowWords(t, row.below)}</OddNote>}
      </Box>
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end" alignContent="start">
        <Noted row={row} />
        <Reminder row={row} />
      </Box>
    </chakra.li>
  );
}

/** The one message that fits, with one key. */
function Reminder({ row: { stayId, ready } }: { row: ComingGuests }) {
  const t = useTranslations("coming");
  const { request, busy, fault } = useRequest();
  const [writing, setWriting] = useState(false);
  const { reminder } = ready;
  if (reminder === null) return null;
  return (
    <Allowed action="send-messages" quiet>
      <Button
        variant="solid"
        disabled={busy}
        onClick={() =>
          reminder === "book-link"
            ? // link and PIN may have to be told by hand: they are shown before and after
              setWriting(true)
            : void request(sendMessage, { params: { id: stayId }, body: { kind: reminder } })
        }
      >
        {t(`remind-${reminder}`)}
      </Button>
      <Fault words={fault} />
      {writing && <WriteMessage stayId={stayId} onClose={() => setWriting(false)} />}
    </Allowed>
  );
}

/** Hour of arrival and whether papers were seen, kept as soon as they are told. */
function Noted({ row: { charterId, onNumber, arrives, papersSeen } }: { row: ComingGuests }) {
  const t = useTranslations("coming");
  const { request, busy, fault } = useRequest();
  const [typed, setTyped] = useState(arrives ?? "");
  const keep = (change: { arrives?: string | null; papersSeen?: boolean }) =>
    void request(noteComing, {
      params: { id: charterId },
      body: { onNumber, arrives: typed === "" ? null : typed, papersSeen, ...change },
    });
  return (
    <>
      <Box display="flex" gap="2" alignItems="flex-end">
        <Field label={t("arrives")}>
          {(ids) => (
            <input
              {...ids}
              type="time"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={(event) => event.key === "Enter" && keep({})}
            />
          )}
        </Field>
        {typed !== (arrives ?? "") && (
          <Button disabled={busy} onClick={() => keep({})}>
            {t("note")}
          </Button>
        )}
      </Box>
      <CheckRow checked={papersSeen} onChange={(seen) => keep({ papersSeen: seen })}>
        {t("papers")}
      </CheckRow>
      <Fault words={fault} />
    </>
  );
}
