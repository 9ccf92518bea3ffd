"use client";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from "react";
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
  const [place, setPlace] = useState(
    () =>
      list.places.find((each) => (store.sums().progress.leftByPlace[each.id] ?? 0) > 0)?.id ?? list.places[0]?.id ?? "",
  );
  const [level, setLevel] = useState<Level>(() => list.places.find((each) => each.id === place)?.level ?? "deck");
  const [sheet, setSheet] = useState<OpenSheet>(null);
  const [signing, setSigning] = useState(
    () => list.kind === "prep" && store.cell("handover", "prep-done") !== undefined,
  );
  const [walking, setWalking] = useState(() => list.briefing !== undefined && location.hash.endsWith("/walk"));
  const [atStop, setAtStop] = useState<string | null>(null);
  const showWalk = useCallback(
    (shown: boolean) => {
      setWalking(shown);
      // a reload comes back to the same screen
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
  const go = useCallback(
    (to: string) => {
      setPlace(to);
      setLevel(list.places.find((each) => each.id === to)?.level ?? "deck");
      setSheet(null);
      document.getElementById("lines")?.scrollTo(0, 0);
      scrollTo(0, 0);
      document.getElementById("place-title")?.focus({ preventScroll: true });
    },
    [list],
  );
  // what makes photos small is on the device before the signal goes
  useEffect(() => void import("../photos/re-encode").catch(() => undefined), []);
  useEffect(() => void keepEarlierPhotos(store).catch(() => undefined), [store]);
  const next = useNextPlace(place);
  const close = useCallback(() => setSheet(null), []);
  const openMark = useCallback((surface?: string) => setSheet({ sheet: "mark", surface }), []);
  const openOverview = useCallback(() => setSheet({ sheet: "overview" }), []);
  const openFound = useCallback(() => setSheet({ sheet: "found" }), []);
  const openCrew = useCallback(() => setSheet({ sheet: "crew" }), []);
  const openPlan = useCallback(() => setSheet({ sheet: "plan" }), []);
  // who joined by the code counts; the walk is the briefer's and the skipper's
  const { me, charter } = store.bundle;
  const isCrew = me.side === "skipper" && me.person !== charter.skipper.id;
  if (store.isSealed) {
    return (
      <Suspense>
        <SealedScreen />
      </Suspense>
    );
  }
  if (signing && list.kind === "prep") {
    return (
      <Suspense>
        <PrepDone onBack={() => setSigning(false)} />
      </Suspense>
    );
  }
  if (signing) {
    return (
      <Suspense>
        <SignScreen
          onBack={() => setSigning(false)}
          onGo={(to) => {
            setSigning(false);
            showWalk(false);
            go(to);
          }}
        />
      </Suspense>
    );
  }
  if (walking) {
    return (
      <Suspense>
        <WalkScreens
          from={atStop}
          onList={(to) => {
            showWalk(false);
            go(to);
          }}
          onSign={() => setSigning(true)}
          onMark={openMark}
        />
        {sheet?.sheet === "mark" && <MarkSheet place={place} surface={sheet.surface} onClose={close} />}
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
        onOverview={openOverview}
        onFound={openFound}
        onMark={openMark}
        onPlan={openPlan}
        onCrew={list.kind === "prep" || store.bundle.me.side !== "base" ? null : openCrew}
        onWalk={list.briefing && !isCrew ? openWalk : null}
      />
      <Footer next={next} onGo={go} onOverview={openOverview} onSign={() => setSigning(true)} />
      <Suspense>
        {sheet?.sheet === "overview" && (
          <Overview
            place={place}
            onGo={go}
            onClose={close}
            onSign={() => {
              close();
              setSigning(true);
            }}
          />
        )}
        {sheet?.sheet === "mark" && <MarkSheet place={place} surface={sheet.surface} onClose={close} />}
        {sheet?.sheet === "crew" && <CrewSheet onClose={close} />}
        {sheet?.sheet === "found" && <UnlistedThingSheet place={place} onClose={close} />}
      </Suspense>
    </div>
  );
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
