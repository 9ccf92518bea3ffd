"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useMemo, useState, type ReactNode } from "react";
import { localize } from "@/core/basics/words";
import { stopSubject } from "@/core/handover/walk/walk-state";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { HullIcon } from "@/ui/plan/HullIcon";
import { useHandover } from "../store/handover-context";
import { LeavingLater } from "../planners/berth/LeavingLater";
import { SaveWords } from "../frame/Footer";
import footer from "../frame/Footer.module.css";
import shell from "../frame/Frame.module.css";
import { AllStopsSheet } from "./AllStopsSheet";
import { AskSheet } from "./AskSheet";
import { NotNowSheet } from "./NotNowSheet";
import { StopScreen } from "./StopScreen";
import { useTimeAtStop } from "./useTimeAtStop";
import { useWalk, type Walk } from "./useWalk";
import styles from "./Walk.module.css";
import { WalkRail } from "./WalkRail";

type OpenSheet = "not-now" | "all" | "ask" | null;

interface Props {
  /** the stop one came for, if not the next one of the plan */
  from: string | null;
  /** to the list, at a place */
  onList: (place: string) => void;
  onSign: () => void;
  onMark: (surface?: string) => void;
}

/** The briefing walk: one stop after the other as planned, over the plan of the yacht. */
export function WalkScreens({ from, onList, onSign, onMark }: Props) {
  const t = useTranslations();
  const store = useHandover();
  const { file } = store.bundle;
  const walk = useWalk();
  const { briefing, state, sequence } = walk;
  const { current, show, forward } = useStopShown(walk, from);
  const [sheet, setSheet] = useState<OpenSheet>(null);
  const stop = briefing.stops.find((each) => each.id === current) ?? null;
  const next = sequence.find((id) => id !== current) ?? null;
  const nextStop = briefing.stops.find((each) => each.id === next) ?? null;
  const secondsHere = useTimeAtStop(current, state.paused);
  useEffect(() => {
    document.getElementById("stop")?.scrollTo(0, 0);
    scrollTo(0, 0);
  }, [current]);
  const goTo = (to: string) => {
    show(to);
    setSheet(null);
    document.getElementById("stop-title")?.focus({ preventScroll: true });
  };
  const finish = (handsOn: boolean) => {
    if (!stop) return;
    store.record(stopSubject(stop.id), "shown", { result: "shown", handsOn, seconds: secondsHere() });
    forward();
    document.getElementById("stop-title")?.focus({ preventScroll: true });
  };
  const place = stop?.place ?? state.at ?? Object.keys(file.places)[0] ?? "";
  return (
    <div className={shell.shell}>
      <WalkRail walk={walk} place={place} next={nextStop?.place ?? null} onPick={goTo} />
      <main className={styles.main} id="stop">
        <StopHead
          walk={walk}
          stop={stop}
          particulars={file.particulars}
          onSheet={setSheet}
          onList={() => onList(place)}
        />
        <div className={styles.body}>
          {walk.planned.state === "fault" && (
            <p role="alert" className={styles.caution}>
              {t("walk.plan-fault", { fault: walk.planned.fault })}
            </p>
          )}
          {state.paused && (
            <p role="status" className={styles.say}>
              <strong>{t("walk.paused")}.</strong> {t("walk.paused-words")}
            </p>
          )}
          {stop ? (
            <StopScreen key={stop.id} walk={walk} stop={stop} onGo={goTo} onMark={onMark} />
          ) : (
            sequence.length === 0 && <Finished walk={walk} />
          )}
        </div>
      </main>
      <WalkFooter walk={walk}>
        {stop ? (
          <>
            <Button look="on-dark" className={styles.outline} onClick={() => setSheet("not-now")}>
              {t("walk.not-now")}
            </Button>
            <Button look="on-dark" className={styles.outline} onClick={() => finish(false)}>
              {t("walk.shown")}
            </Button>
            <Button look="on-dark" large onClick={() => finish(true)}>
              {t("walk.done")}
            </Button>
          </>
        ) : (
          <AfterTheWalk isOver={sequence.length === 0} place={place} onList={onList} onSign={onSign} />
        )}
      </WalkFooter>
      {sheet === "all" && <AllStopsSheet walk={walk} onPick={goTo} onClose={() => setSheet(null)} />}
      {sheet === "not-now" && stop && <NotNowSheet stop={stop} onClose={() => setSheet(null)} onDone={forward} />}
      {sheet === "ask" && stop && <AskSheet stop={stop.id} onClose={() => setSheet(null)} />}
    </div>
  );
}

/** The stop on the screen: it stays until it is finished, so that a plan that comes in later never changes it under the thumb. */
function useStopShown({ planned, state, sequence }: Walk, from: string | null) {
  const [here, setHere] = useState<{ stop: string; byHand: boolean } | null>(
    from === null ? null : { stop: from, byHand: true },
  );
  const isPlanned = planned.state === "fault" || (planned.state === "planned" && planned.isFresh);
  const isOver =
    here &&
    !here.byHand &&
    (state.behind.has(here.stop) || (state.putOff.has(here.stop) && isPlanned && sequence[0] !== here.stop));
  if (isOver) setHere(null);
  else if (!here && isPlanned && sequence[0]) setHere({ stop: sequence[0], byHand: false });
  const show = useCallback((stop: string) => setHere({ stop, byHand: true }), []);
  const forward = useCallback(() => setHere(null), []);
  return { current: here?.stop ?? null, show, forward };
}

/** Which stop it is, and what else one may want at it. */
function StopHead({
  walk: { briefing, state, sequence },
  stop,
  particulars,
  onSheet,
  onList,
}: {
  walk: Walk;
  stop: Walk["briefing"]["stops"][number] | null;
  particulars: YachtFile["particulars"];
  onSheet: (sheet: OpenSheet) => void;
  onList: () => void;
}) {
  const t = useTranslations();
  const store = useHandover();
  const number = briefing.stops.length - sequence.length + 1;
  return (
    <header className={styles.head}>
      <div>
        <p>
          {stop
            ? t("walk.stop-of", { number: Math.min(number, briefing.stops.length), all: briefing.stops.length })
            : t("walk.title")}{" "}
          · {t("walk.minutes-left", { minutes: Math.round(state.minutesLeft) })}
        </p>
        <h1 id="stop-title" tabIndex={-1}>
          {stop ? localize(stop.title) : t(sequence.length > 0 ? "walk.planning" : "walk.finished")}
        </h1>
      </div>
      <HullIcon particulars={particulars} tone="on-dark" width={64} />
      <div className={styles.actions}>
        <Button onClick={() => onSheet("all")}>{t("walk.all")}</Button>
        {stop && <Button onClick={() => onSheet("ask")}>{t("walk.ask-button")}</Button>}
        <Button onClick={() => store.record("handover", "walk-paused", { paused: !state.paused })}>
          {t(state.paused ? "walk.go-on" : "walk.pause")}
        </Button>
        <Button onClick={onList}>{t("walk.list-button")}</Button>
      </div>
    </header>
  );
}

/** How much of the walk is behind, how it lies against the plan, and what can be done next. */
function WalkFooter({ walk, children }: { walk: Walk; children: ReactNode }) {
  const t = useTranslations();
  const { briefing, state, sequence } = walk;
  return (
    <footer className={footer.footer}>
      <div className={footer.progress}>
        <p>
          <strong>{t("walk.left", { stops: sequence.length })}</strong>
          <strong>{t("walk.minutes-left", { minutes: Math.round(state.minutesLeft) })}</strong>
        </p>
        <progress
          value={briefing.stops.length - sequence.length}
          max={briefing.stops.length}
          aria-label={t("footer.progress")}
        />
      </div>
      <Behind walk={walk} />
      <SaveWords />
      <div className={styles.buttons}>{children}</div>
    </footer>
  );
}

/** From the end of the walk: to what is left of the list, and to signing. */
function AfterTheWalk({
  isOver,
  place,
  onList,
  onSign,
}: Pick<Props, "onList" | "onSign"> & { isOver: boolean; place: string }) {
  const t = useTranslations("walk");
  const store = useHandover();
  const { leftByPlace } = store.sums().progress;
  const linesLeft = Object.values(leftByPlace).reduce((sum, left) => sum + left, 0);
  const next = store.bundle.list.places.find((each) => (leftByPlace[each.id] ?? 0) > 0)?.id ?? place;
  return (
    <>
      {isOver && linesLeft > 0 && (
        <Button look="on-dark" className={styles.outline} onClick={() => onList(next)}>
          {t("to-rest", { left: linesLeft })}
        </Button>
      )}
      <Button look="on-dark" large className={footer.next} disabled={!isOver} onClick={onSign}>
        {t("to-sign")}
      </Button>
    </>
  );
}

/** Time used against the plan, over what is behind. */
function Behind({ walk: { briefing, state } }: { walk: Walk }) {
  const t = useTranslations("walk");
  const over = useMemo(() => {
    let seconds = 0;
    for (const stop of briefing.stops) {
      const standing = state.standing.get(stop.id);
      if (standing?.step === "shown") seconds += standing.value.seconds - stop.minutes * 60;
    }
    return Math.round(seconds / 60);
  }, [briefing, state]);
  return (
    <p>
      {over === 0
        ? t("plan-even")
        : over > 0
          ? t("plan-behind", { minutes: over })
          : t("plan-ahead", { minutes: -over })}
    </p>
  );
}

function Finished({ walk: { state } }: { walk: Walk }) {
  const t = useTranslations("walk");
  const { leaving, charter, file } = useHandover().bundle;
  const standings = [...state.standing.values()];
  const shown = standings.filter((each) => each.step === "shown");
  const open = state.questions.filter((question) => !question.answered);
  return (
    <div className={styles.stop}>
      <p className={styles.say}>
        {t("finished-words", {
          shown: shown.length,
          hands: shown.filter((each) => each.step === "shown" && each.value.handsOn).length,
          skipped: standings.length - shown.length,
        })}{" "}
        {t("open-questions", { open: open.length })}
      </p>
      <ul>
        {open.map((question) => (
          <li key={question.id}>{question.words}</li>
        ))}
      </ul>
      {leaving && <LeavingLater stay={charter.reference} file={file} leaving={leaving} />}
    </div>
  );
}
