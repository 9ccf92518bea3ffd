"use client";
import { useQuery } from "@tanstack/react-query";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo, useState, type KeyboardEvent, type ReactNode } from "react";
import { readPlan } from "@/api/yachts";
import type { TodayRow, TodayYacht } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { HullIcon } from "@/ui/plan/HullIcon";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { call } from "../api/call";
import { FileWorkLink } from "./FileWorkLink";
import { NextAction } from "./NextAction";
import { OpenCalls } from "./underway/OpenCalls";
import { TellsChips } from "./underway/TellsChips";
import { TellsPart } from "./underway/TellsPart";
import { ReadinessPart, ReadyChip } from "./ReadinessPart";
import styles from "./shared/Desk.module.css";

interface Props {
  base: { timeZone: string };
  now: string;
  rows: TodayRow[];
  underWay: TodayRow[];
  yachts: Record<string, TodayYacht>;
  /** what a new base does first */
  first?: ReactNode;
}

/** Today: who leaves, who comes back, what each needs next; the chosen yacht at the side. */
export function TodayBoard({ base, now, rows, underWay, yachts, first }: Props) {
  const t = useTranslations("today");
  const format = useFormatter();
  const [chosenId, setChosenId] = useState(
    () => (rows.find((row) => row.at >= now && row.next !== "settled") ?? rows[0])?.stay.stayId ?? "",
  );
  const all = [...rows, ...underWay];
  const chosen = all.find((row) => row.stay.stayId === chosenId) ?? null;
  const day = (instant: string) =>
    format.dateTime(new Date(instant), { weekday: "long", day: "numeric", month: "long", timeZone: base.timeZone });
  const leaving = rows.filter((row) => row.at === row.stay.startsAt).length;
  const keys = (event: KeyboardEvent<HTMLElement>) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!step) return;
    event.preventDefault();
    const to = all[Math.min(all.length - 1, Math.max(0, all.findIndex((row) => row.stay.stayId === chosenId) + step))];
    if (!to) return;
    setChosenId(to.stay.stayId);
    document.getElementById(`row-${to.stay.stayId}`)?.focus();
  };
  const table = { yachts, now, chosenId, timeZone: base.timeZone, onChoose: setChosenId, onKeys: keys };
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0, 1fr) 340px" }} minHeight="100%">
      <chakra.main padding={{ base: "4", md: "5" }} minWidth="0">
        <Box display="flex" flexWrap="wrap" alignItems="baseline" gap="4px 16px" marginBottom="3">
          <h1>{day(now)}</h1>
          <span>{t("summary", { back: rows.length - leaving, leaving, underWay: underWay.length })}</span>
        </Box>
        {first}
        <OpenCalls rows={all} onChoose={setChosenId} />
        {rows.length === 0 ? <p>{t("empty")}</p> : <StayTable label={t("title")} rows={rows} {...table} />}
        {underWay.length > 0 && (
          <>
            <chakra.h2 marginTop="5" marginBottom="2">
              {t("under-way")}
            </chakra.h2>
            <StayTable label={t("under-way")} rows={underWay} {...table} />
          </>
        )}
      </chakra.main>
      <chakra.aside
        background="rail"
        borderLeftWidth="2px"
        borderLeftStyle="solid"
        borderColor="kelp"
        padding="6"
        display="grid"
        gap="4"
        alignContent="start"
        aria-label={t("chosen")}
      >
        {chosen ? (
          <Chosen row={chosen} yacht={yachts[chosen.stay.yachtId]} timeZone={base.timeZone} />
        ) : (
          <p>{t("none-chosen")}</p>
        )}
      </chakra.aside>
    </Box>
  );
}

interface TableProps {
  label: string;
  rows: TodayRow[];
  yachts: Record<string, TodayYacht>;
  timeZone: string;
  now: string;
  chosenId: string;
  onChoose: (stayId: string) => void;
  onKeys: (event: KeyboardEvent<HTMLElement>) => void;
}

function StayTable({ label, rows, yachts, timeZone, now, chosenId, onChoose, onKeys }: TableProps) {
  const t = useTranslations("today");
  const all = useTranslations();
  const format = useFormatter();
  const sameDay = (at: string) =>
    format.dateTime(new Date(at), { dateStyle: "short", timeZone }) ===
    format.dateTime(new Date(now), { dateStyle: "short", timeZone });
  const time = (at: string) =>
    format.dateTime(
      new Date(at),
      sameDay(at)
        ? { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone }
        : { day: "numeric", month: "short", timeZone },
    );
  const clock = (at: string) =>
    format.dateTime(new Date(at), { weekday: "short", hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone });
  return (
    <table className={styles.table} aria-label={label} onKeyDown={onKeys}>
      <thead>
        <tr>
          <th scope="col">{t("when")}</th>
          <th scope="col">{t("yacht")}</th>
          <th scope="col">{t("what")}</th>
          <th scope="col">{t("who")}</th>
          <th scope="col">{t("to-know")}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const { stay } = row;
          const yacht = yachts[stay.yachtId];
          const out = row.at === stay.startsAt;
          return (
            <tr
              key={stay.stayId}
              className={stay.stayId === chosenId ? styles.chosen : undefined}
              onClick={() => onChoose(stay.stayId)}
            >
              <td className={styles.time}>{time(row.at)}</td>
              <td>
                <button
                  type="button"
                  id={`row-${stay.stayId}`}
                  className={styles.pick}
                  aria-pressed={stay.stayId === chosenId}
                  onClick={() => onChoose(stay.stayId)}
                >
                  {yacht && <HullIcon particulars={yacht.particulars} tone={out ? "open" : "done"} width={40} />}
                  <span>
                    <strong>{stay.yachtName}</strong>
                    <small>{t(out ? "leaving" : "back", { aboard: stay.aboard })}</small>
                  </span>
                </button>
              </td>
              <td>{t(`step-${row.next}`)}</td>
              <td>{stay.skipper}</td>
              <td>
                <div className={styles.chips}>
                  <Chip verdict={row.verdict}>
                    {row.late > 0 ? t("late", { late: row.late }) : t(`know-${row.next}`, { recorded: row.recorded })}
                  </Chip>
                  {row.notCleared && <Chip verdict="stop">{t("not-cleared")}</Chip>}
                  {row.readiness && <ReadyChip readiness={row.readiness} />}
                  {row.fileWork && <Chip verdict="watch">{t("file-work", { ...row.fileWork })}</Chip>}
                  {row.tells && <TellsChips tells={row.tells} at={clock} />}
                  {row.farBelow && <Chip verdict="watch">{all("below.chip")}</Chip>}
                </div>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Chosen({ row, yacht, timeZone }: { row: TodayRow; yacht: TodayYacht | undefined; timeZone: string }) {
  const t = useTranslations();
  const format = useFormatter();
  const { stay } = row;
  const { data } = useQuery({
    queryKey: ["plan", stay.yachtSlug, yacht?.fileHash],
    queryFn: () => call(readPlan, { params: { slug: stay.yachtSlug } }),
    // the same file gives the same plan
    staleTime: Infinity,
    gcTime: Infinity,
  });
  const plan = useMemo(() => data && { ...data, fittings: {} }, [data]);
  const when = (at: string) =>
    format.dateTime(new Date(at), {
      weekday: "short",
      day: "numeric",
      month: "short",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  const words = useMemo(
    () => (level: "deck" | "below") => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: stay.yachtName, level: t(`level.${level}`) }),
      place: (id: string) => id,
    }),
    [t, stay.yachtName],
  );
  return (
    <>
      <Box>
        <h2>{stay.yachtName}</h2>
        <p>
          {stay.skipper} · {t("today.aboard", { aboard: stay.aboard })} · {stay.reference}
        </p>
        <p>
          {when(stay.startsAt)} – {when(stay.endsAt)} · {t("today.berth", { berth: stay.berth })}
        </p>
      </Box>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="2" height={{ base: "300px", lg: "min(440px, 48vh)" }}>
        {plan && <YachtPlan file={plan} level="deck" words={words("deck")} />}
        {plan && <YachtPlan file={plan} level="below" words={words("below")} />}
      </Box>
      {row.fileWork && (
        <p>
          <FileWorkLink slug={stay.yachtSlug} work={row.fileWork} />
        </p>
      )}
      {row.tells && <TellsPart tells={row.tells} at={when} stayId={stay.stayId} />}
      {row.readiness && <ReadinessPart readiness={row.readiness} slug={stay.yachtSlug} />}
      {yacht && yacht.oddities.length > 0 && (
        <Box as="ul" display="grid" gap="1">
          {yacht.oddities.map((oddity) => (
            <chakra.li key={oddity} borderLeftWidth="5px" borderLeftStyle="solid" borderColor="brass" paddingLeft="3">
              {oddity}
            </chakra.li>
          ))}
        </Box>
      )}
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
        <NextAction stayId={stay.stayId} reference={stay.reference} next={row.next} />
        <Button asChild>
          <Link href={`/charters/${stay.reference}`}>{t("today.charter")}</Link>
        </Button>
      </Box>
    </>
  );
}
