"use client";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from "react";
import type { HandoverList } from "@/core/handover/list";
import { takenPlaces } from "@/core/handover/taken";
import type { Level } from "@/core/yacht/schema";
import { keepEarlierPhotos } from "../photos/earlier";
import { useHandover, useVersion } from "../store/handover-context";
import { Footer } from "../frame/Footer";
import styles from "../frame/Frame.module.css";
import { PlaceScreen } from "./PlaceScreen";
import { Rail } from "./Rail";

// what is not needed to paint the first list comes when it is asked for
const Overview = lazy(() => import("./Overview").then((part) => ({ default: part.Overview })));
const SignScreen = lazy(() => import("./SignScreen").then((part) => ({ default: part.SignScreen })));
const SealedScreen = lazy(() => import("./SealedScreen").then((part) => ({ default: part.SealedScreen })));
const MarkSheet = lazy(() => import("./MarkSheet").then((part) => ({ default: part.MarkSheet })));
const WalkScreens = lazy(() => import("../walk/WalkScreens").then((part) => ({ default: part.WalkScreens })));
const PrepDone = lazy(() => import("./PrepDone").then((part) => ({ default: part.PrepDone })));
const CrewSheet = lazy(() => import("./CrewSheet").then((part) => ({ default: part.CrewSheet })));
const UnlistedThingSheet = lazy(() =>
  import("./UnlistedThingSheet").then((part) => ({ default: part.UnlistedThingSheet })),
);

export type OpenSheet =
  | { sheet: "overview" }
  | { sheet: "found" }
  | { sheet: "crew" }
  | { sheet: "mark"; surface?: string }
  | { sheet: "plan" }
  | null;

/** Place screens over the plan, the sheets above them, signing, and the sealed record. */
export function HandoverScreens() {
  const store = useHandover();
  useVersion();
  const { list } = store.bundle;
  const { place, level, setLevel, stand } = useStanding();
  const [sheet, setSheet] = useState<OpenSheet>(null);
  const [signing, setSigning] = useState(
    () => list.kind === "prep" && store.cell("handover", "prep-done") !== undefined,
  );
  const { walking, atStop, showWalk, openWalk } = useWalkShown(list);
  const go = useCallback(
    (to: string) => {
      stand(to);
      setSheet(null);
    },
    [stand],
  );
  usePhotosOffline();
  const next = useNextPlace(place);
  const close = useCallback(() => setSheet(null), []);
  const openMark = useCallback((surface?: string) => setSheet({ sheet: "mark", surface }), []);
  const open = useMemo(() => openers(setSheet), []);
  // who joined by the code counts; the walk is the briefer's and the skipper's
  const { me, charter } = store.bundle;
  const isCrew = me.side === "skipper" && me.person !== charter.skipper.id;
  if (store.isSealed || (signing && list.kind === "prep"))
    return <Suspense>{store.isSealed ? <SealedScreen /> : <PrepDone onBack={() => setSigning(false)} />}</Suspense>;
  const sign = () => {
    close();
    setSigning(true);
  };
  // from signing or the walk to a place of the list
  const toList = (to: string) => {
    setSigning(false);
    showWalk(false);
    go(to);
  };
  if (signing || walking) {
    return (
      <Suspense>
        {signing ? (
          <SignScreen onBack={() => setSigning(false)} onGo={toList} />
        ) : (
          <WalkScreens from={atStop} onList={toList} onSign={sign} onMark={openMark} />
        )}
        {!signing && sheet?.sheet === "mark" && <MarkSheet place={place} surface={sheet.surface} onClose={close} />}
      </Suspense>
    );
  }
  return (
    <div className={styles.shell}>
      <Rail
        place={place}
        next={next}
        level={level}
        onLevel={setLevel}
        onGo={go}
        open={sheet?.sheet === "plan"}
        onClose={close}
      />
      <PlaceScreen
        key={place}
        place={place}
        next={next}
        onOverview={open.overview}
        onFound={open.found}
        onMark={openMark}
        onPlan={open.plan}
        onCrew={list.kind === "prep" || store.bundle.me.side !== "base" ? null : open.crew}
        onWalk={list.briefing && !isCrew ? openWalk : null}
      />
      <Footer next={next} onGo={go} onOverview={open.overview} onSign={sign} />
      <Sheets sheet={sheet} place={place} onGo={go} onClose={close} onSign={sign} />
    </div>
  );
}

/** What opens each sheet that needs no more than its name. */
const openers = (show: (sheet: OpenSheet) => void) => ({
  overview: () => show({ sheet: "overview" }),
  found: () => show({ sheet: "found" }),
  crew: () => show({ sheet: "crew" }),
  plan: () => show({ sheet: "plan" }),
});

/** Where one stands: at first where something is left. Going elsewhere begins at the top of that place. */
function useStanding() {
  const store = useHandover();
  const { list } = store.bundle;
  const [place, setPlace] = useState(
    () =>
      list.places.find((each) => (store.sums().progress.leftByPlace[each.id] ?? 0) > 0)?.id ?? list.places[0]?.id ?? "",
  );
  const [level, setLevel] = useState<Level>(() => list.places.find((each) => each.id === place)?.level ?? "deck");
  const stand = useCallback(
    (to: string) => {
      setPlace(to);
      setLevel(list.places.find((each) => each.id === to)?.level ?? "deck");
      document.getElementById("lines")?.scrollTo(0, 0);
      scrollTo(0, 0);
      document.getElementById("place-title")?.focus({ preventScroll: true });
    },
    [list],
  );
  return { place, level, setLevel, stand };
}

/** What photographing needs is on the device before the signal goes: what makes photos small, and the earlier pictures. */
function usePhotosOffline(): void {
  const store = useHandover();
  useEffect(() => void import("../photos/re-encode").catch(() => undefined), []);
  useEffect(() => void keepEarlierPhotos(store).catch(() => undefined), [store]);
}

/** The sheet that lies over the list. */
function Sheets({
  sheet,
  place,
  onGo,
  onClose,
  onSign,
}: {
  sheet: OpenSheet;
  place: string;
  onGo: (place: string) => void;
  onClose: () => void;
  onSign: () => void;
}) {
  return (
    <Suspense>
      {sheet?.sheet === "overview" && <Overview place={place} onGo={onGo} onClose={onClose} onSign={onSign} />}
      {sheet?.sheet === "mark" && <MarkSheet place={place} surface={sheet.surface} onClose={onClose} />}
      {sheet?.sheet === "crew" && <CrewSheet onClose={onClose} />}
      {sheet?.sheet === "found" && <UnlistedThingSheet place={place} onClose={onClose} />}
    </Suspense>
  );
}

/** Whether the walk is shown instead of the list, and the stop one came for; a reload comes back to the same screen. */
function useWalkShown(list: HandoverList) {
  const [walking, setWalking] = useState(() => list.briefing !== undefined && location.hash.endsWith("/walk"));
  const [atStop, setAtStop] = useState<string | null>(null);
  const showWalk = useCallback(
    (shown: boolean) => {
      setWalking(shown);
      history.replaceState(null, "", `#${list.handover}${shown ? "/walk" : ""}`);
    },
    [list],
  );
  const openWalk = useCallback(
    (stop?: string) => {
      setAtStop(stop ?? null);
      showWalk(true);
    },
    [showWalk],
  );
  return { walking, atStop, showWalk, openWalk };
}

/** The next place with something left, in walk order from here on; the next one in order when nothing is left. */
function useNextPlace(place: string): string | null {
  const store = useHandover();
  const version = useVersion();
  return useMemo(() => {
    void version;
    const { places } = store.bundle.list;
    const left = store.sums().progress.leftByPlace;
    // a place that somebody else has taken is not the next one here
    const taken = takenPlaces(store.folded());
    const isFree = (id: string) => (taken.get(id) ?? store.bundle.me.person) === store.bundle.me.person;
    const here = places.findIndex((each) => each.id === place);
    const after = [...places.slice(here + 1), ...places.slice(0, here)];
    const open = after.filter((each) => (left[each.id] ?? 0) > 0);
    return (open.find((each) => isFree(each.id)) ?? open[0])?.id ?? null;
  }, [store, place, version]);
}
