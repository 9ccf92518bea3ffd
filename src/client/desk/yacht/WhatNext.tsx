"use client";
import { CalendarX } from "lucide-react";
import { chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { ReadDate } from "@/core/history/last-readings";
import { EmptyState } from "@/ui/kit/EmptyState";
import { VerdictMark } from "@/ui/VerdictMark";
import { DeskPart } from "../shared/DeskPart";

/** A charter of the yacht that is under way or still to come. */
export interface NextCharter {
  reference: string;
  skipper: string;
  startsAt: string;
  endsAt: string;
  aboard: number;
}

interface Props {
  charters: readonly NextCharter[];
  dates: readonly ReadDate[];
  timeZone: string;
}

/** Her next charters, and the dates aboard that run out, soonest first. */
export function WhatNext({ charters, dates, timeZone }: Props) {
  const t = useTranslations("yacht-page");
  const format = useFormatter();
  const day = (at: string) => format.dateTime(new Date(at), { day: "numeric", month: "short", timeZone });
  return (
    <>
      <DeskPart title={t("charters")} isFirst>
        {charters.length === 0 && <EmptyState sign={CalendarX} title={t("no-charters")} />}
        <Rows>
          {charters.map(({ reference, skipper, startsAt, endsAt, aboard }) => (
            <Row key={reference}>
              <span>
                <Link href={`/charters/${reference}`}>{reference}</Link>, {skipper}
              </span>
              <span>
                {day(startsAt)} – {day(endsAt)}, {t("people", { aboard })}
              </span>
            </Row>
          ))}
        </Rows>
      </DeskPart>
      <DeskPart title={t("dates")}>
        {dates.length === 0 && <p>{t("no-dates")}</p>}
        <Rows>
          {dates.map(({ reading, name, goodUntil, verdict }) => (
            <Row key={reading}>
              <span>
                <VerdictMark verdict={verdict} /> {localize(name)}
              </span>
              <span>{t(`until-${verdict}`, { day: new Date(goodUntil) })}</span>
            </Row>
          ))}
        </Rows>
      </DeskPart>
    </>
  );
}

const Rows = chakra("ul", { base: { listStyleType: "none" } });
const Row = chakra("li", {
  base: {
    display: "flex",
    flexWrap: "wrap",
    justifyContent: "space-between",
    alignItems: "center",
    gap: "0 16px",
    minHeight: "44px",
    borderBottomWidth: "1px",
    borderBottomStyle: "solid",
    borderColor: "line",
  },
});
