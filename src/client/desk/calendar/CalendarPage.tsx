"use client";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import type { CalendarView, ClosingView } from "@/api/schemas/charters";
import { addDays } from "@/core/basics/instant";
import type { ElsewhereMet } from "@/core/feeds/elsewhere";
import { Field } from "@/ui/Field";
import { Segments } from "@/ui/kit/Segments";
import { CharterViews } from "../charters/CharterViews";
import { Allowed, useMay } from "../shared/staff";
import { CalendarGrid } from "./CalendarGrid";
import { ClosingDialog } from "./ClosingDialog";
import { ElsewhereDialog } from "./ElsewhereDialog";
import { FreeDaysDialog } from "./FreeDaysDialog";
import { MoveDialog } from "./MoveDialog";
import { printCalendar } from "./print";
import { dayPxOf, type Scale } from "./sizes";
import { useBarWords } from "./useBarWords";
import type { FreeDays, Moving } from "./useMoving";

/** What was done in the calendar and is asked about. */
type Asked =
  | { what: "move"; moving: Moving }
  | { what: "free"; days: FreeDays }
  | { what: "closing"; closing: ClosingView }
  | { what: "elsewhere"; elsewhere: ElsewhereMet };

const weeksOf = { weeks: 17, season: 26 } as const;
const scales = ["weeks", "season"] as const;
const stepWeeks = 4;

interface Props {
  view: CalendarView;
  currency: string;
}

/** The fleet by days: who has which yacht when, what is free, and where a charter can be moved to. */
export function CalendarPage({ view, currency }: Props) {
  const router = useRouter();
  const mayEdit = useMay("enter-charter");
  const mayClose = useMay("close-yacht");
  const [find, setFind] = useState("");
  const [asked, setAsked] = useState<Asked | null>(null);
  const yachts = useMemo(() => {
    const letters = find.trim().toLowerCase();
    return view.yachts.filter(({ name, className, berth }) =>
      `${name} ${className} ${berth}`.toLowerCase().includes(letters),
    );
  }, [view.yachts, find]);
  return (
    <chakra.main
      padding={{ base: "4", md: "5" }}
      display="grid"
      gridTemplateColumns="minmax(0, 1fr)"
      gap="3"
      alignContent="start"
    >
      <CalendarHead view={view} find={find} onFind={setFind} />
      <div id="calendar">
        <CalendarGrid
          view={view}
          yachts={yachts}
          dayPx={dayPxOf[scaleOf(view)]}
          mayEdit={mayEdit}
          onOpen={(stay) => router.push(`/charters/${stay.reference}`)}
          onMoved={(moving) => {
            if (moving.fault === null) setAsked({ what: "move", moving });
          }}
          onFree={(days) => {
            if (mayEdit || mayClose) setAsked({ what: "free", days });
          }}
          onClosing={(closing) => setAsked({ what: "closing", closing })}
          onElsewhere={(elsewhere) => setAsked({ what: "elsewhere", elsewhere })}
        />
      </div>
      {asked && <AskedDialog asked={asked} view={view} currency={currency} onClose={() => setAsked(null)} />}
    </chakra.main>
  );
}

const scaleOf = ({ weeks }: CalendarView): Scale => (weeks === weeksOf.season ? "season" : "weeks");

/** What is shown: which yachts, how much, from when; and the ways to paper, to the list and to a new charter. */
function CalendarHead({ view, find, onFind }: { view: CalendarView; find: string; onFind: (letters: string) => void }) {
  const t = useTranslations("calendar");
  const charters = useTranslations("charters");
  const feeds = useTranslations("feeds");
  const router = useRouter();
  const scale = scaleOf(view);
  const goTo = (from: string, to: Scale = scale) =>
    router.push(`/charters/calendar?from=${from}&weeks=${weeksOf[to]}`, { scroll: false });
  return (
    <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
      <h1>{t("title")}</h1>
      <CharterViews here="calendar" />
      <Field label={t("find")}>
        {(ids) => <Input {...ids} type="search" value={find} onChange={(event) => onFind(event.target.value)} />}
      </Field>
      <Segments
        label={t("scale")}
        options={scales.map((value) => ({ value, word: t(`scale-${value}`) }))}
        value={scale}
        onChoose={(to) => goTo(view.from, to)}
      />
      <Box display="flex" gap="2">
        <Button onClick={() => goTo(addDays(view.from, -stepWeeks * 7))}>{t("earlier")}</Button>
        <Button onClick={() => goTo(addDays(view.today, -7))}>{t("to-today")}</Button>
        <Button onClick={() => goTo(addDays(view.from, stepWeeks * 7))}>{t("later")}</Button>
      </Box>
      <Box display="flex" gap="2" marginLeft="auto">
        <Button onClick={() => printCalendar("A4")}>{t("print", { paper: "A4" })}</Button>
        <Button onClick={() => printCalendar("A3")}>{t("print", { paper: "A3" })}</Button>
        <Allowed action="enter-charter" quiet>
          <Button asChild>
            <Link href="/charters/feeds">{feeds("open")}</Link>
          </Button>
          <Button asChild variant="solid">
            <Link href="/charters/new">{charters("new")}</Link>
          </Button>
        </Allowed>
      </Box>
    </Box>
  );
}

function AskedDialog({ asked, view, currency, onClose }: Props & { asked: Asked; onClose: () => void }) {
  const { at } = useBarWords(view.timeZone);
  const nameOf = (slug: string) => view.yachts.find((each) => each.slug === slug)?.name ?? slug;
  switch (asked.what) {
    case "move": {
      const { stay, to } = asked.moving;
      return (
        <MoveDialog
          moving={asked.moving}
          yacht={{ was: nameOf(stay.yacht), becomes: nameOf(to.yacht) }}
          timeZone={view.timeZone}
          currency={currency}
          at={at}
          onClose={onClose}
        />
      );
    }
    case "free":
      return <FreeDaysDialog days={asked.days} yacht={nameOf(asked.days.yacht)} onClose={onClose} />;
    case "elsewhere":
      return (
        <ElsewhereDialog elsewhere={asked.elsewhere} yacht={nameOf(asked.elsewhere.yacht)} at={at} onClose={onClose} />
      );
    case "closing":
      return <ClosingDialog closing={asked.closing} yacht={nameOf(asked.closing.yacht)} at={at} onClose={onClose} />;
  }
}
