"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState } from "react";
import { dayOf, stageOf } from "@/core/stays/stage";
import { PhotoSourceContext } from "../photos/photo-source";
import type { BookStore } from "../store/book-store";
import { StudyScreen } from "../study/StudyScreen";
import { finderOf } from "../finder/finder-of";
import { isPlanner } from "../planners/names";
import { keepUnderWay } from "../planners/UnderWayLater";
import { keepPlanners, PlannerPage } from "../planners/PlannerPage";
import { useCharterKeeper } from "../trouble/charter-keeper";
import { keepTrouble, OpenTroublesLater, TroubleLater } from "../trouble/TroubleLater";
import { useClock } from "../planners/frame/useClock";
import { keepDrills } from "../drills/DrillLater";
import { DrillsOfBook } from "../study/DrillsOfBook";
import { HandleLater, keepHandling } from "../handling/HandleLater";
import { AreaTab } from "./AreaTab";
import { FindTab } from "./find/FindTab";
import { BookFrame } from "./frame/BookFrame";
import { bookTabs, useBookRoute } from "./route/route";
import { PapersTab } from "./papers/PapersTab";
import { PlanTab } from "./plan/PlanTab";
import { useLog, useOfBoat } from "./today/of-boat";
import { TodayTab } from "./today/TodayTab";
import { useAt } from "./useAt";
import { useSendAgain } from "./useSendAgain";

/** The boat book once it is open: four tabs under the thumb, each an address of its own. */
export function OpenBook({ store }: { store: BookStore }) {
  const { book } = store;
  const { route, go } = useBookRoute("today");
  const head = useHead(store);
  const photos = useCallback((hash: string) => store.photo(hash), [store]);
  useEffect(() => {
    // what makes a tab is on the device before the signal goes
    finderOf(store.book.yacht.file).catch(() => undefined);
    keepPlanners();
    keepUnderWay();
    keepTrouble();
    keepDrills();
    keepHandling();
  }, [store]);
  useSendAgain(store);
  const log = useLog(store);
  const of = useOfBoat(store, log);
  const keeper = useCharterKeeper(store, log);
  const clock = useClock(of.timeZone, of.now);
  const goDrill = (drill: string | null) => (drill === null ? go("drill") : go("drill", { drill }));
  if (route.at === "study") return <StudyScreen store={store} onBack={() => go("today")} onDrill={goDrill} />;
  const { file, slug } = book.yacht;
  const isTrouble = route.at === "trouble" || route.isWrong;
  return (
    <PhotoSourceContext value={photos}>
      <BookFrame tabs={bookTabs} route={route} go={go} file={file} head={head}>
        {route.at === "today" && (
          <OpenTroublesLater {...{ file, keeper, clock }} onFault={(fault) => go("trouble", { fault })} />
        )}
        {route.at === "today" && <TodayTab store={store} stage={head.stage} of={of} log={log} go={go} />}
        {isPlanner(route.at) && (
          <PlannerPage name={route.at} of={of} store={store} log={log} go={go} onBack={() => go("today")} />
        )}
        {route.at === "find" && !isTrouble && <FindTab file={file} route={route} go={go} tells={slug} yacht={slug} />}
        {isTrouble && (
          <TroubleLater
            {...{ file, keeper, fault: route.fault }}
            base={{ clock, phone: book.base.phone, reference: book.reference, persons: book.stay.aboard }}
            onFault={(fault) => (fault === null ? go("find", "wrong") : go("trouble", { fault }))}
          />
        )}
        {route.at === "drill" && <DrillsOfBook store={store} drill={route.drill} onDrill={goDrill} />}
        {route.at === "handle" && <HandleLater file={file} of={of} />}
        {route.at === "plan" && <PlanTab file={file} route={route} go={go} />}
        {route.at === "area" && book.area && <AreaTab area={book.area} onBack={() => go("today")} />}
        {route.at === "papers" && <PapersTab store={store} />}
      </BookFrame>
    </PhotoSourceContext>
  );
}

/** Whose charter, which yacht, and how far it is. */
function useHead({ book }: BookStore) {
  const t = useTranslations("stage");
  const at = useAt(book.base.timeZone);
  const [now] = useState(() => new Date().toISOString());
  const { stay, base, handovers } = book;
  const isSealed = (kind: string) => handovers.some((each) => each.kind === kind && each.sealedAt !== null);
  const stage = stageOf(
    {
      startsAt: stay.startsAt,
      timeZone: base.timeZone,
      isCheckedIn: isSealed("check-in"),
      isCheckedOut: isSealed("check-out"),
    },
    now,
  );
  return {
    stage,
    over: `${book.reference} · ${book.skipper}`,
    title: book.yacht.name,
    under: t(stage, { from: at(stay.startsAt), ...dayOf(stay.startsAt, stay.endsAt, now, base.timeZone) }),
  };
}
