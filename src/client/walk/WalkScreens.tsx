"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useMemo, useState } from "react";
import { localize } from "@/core/basics/words";
import { stopSubject } from "@/core/handover/walk/walk-state";
import { Button } from "@/ui/Button";
import { HullIcon } from "@/ui/plan/HullIcon";
import { useHandover } from "../store/handover-context";
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
  const { file, list } = store.bundle;
  const walk = useWalk();
  const { briefing, state, sequence } = walk;
  const [here, setHere] = useState<{ stop: string; byHand: boolean } | null>(
    from === null ? null : { stop: from, byHand: true },
  );
  const [sheet, setSheet] = useState<OpenSheet>(null);
  // the stop on the screen stays until it is finished: a plan that comes in a moment later never changes it under the thumb
  const isPlanned = walk.planned.state === "fault" || (walk.planned.state === "planned" && walk.planned.isFresh);
  const isOver =
    here &&
    !here.byHand &&
    (state.behind.has(here.stop) || (state.putOff.has(here.stop) && isPlanned && sequence[0] !== here.stop));
  if (isOver) setHere(null);
  else if (!here && isPlanned && sequence[0]) setHere({ stop: sequence[0], byHand: false });
  const current = here?.stop ?? null;
  const stop = briefing.stops.find((each) => each.id === current) ?? null;
  const next = sequence.find((id) => id !== current) ?? null;
  const nextStop = briefing.stops.find((each) => each.id === next) ?? null;
  const secondsHere = useTimeAtStop(current, state.paused);
  useEffect(() => {
    document.getElementById("stop")?.scrollTo(0, 0);
    scrollTo(0, 0);
  }, [current]);
  const goTo = useCallback((to: string) => {
    setHere({ stop: to, byHand: true });
    setSheet(null);
    document.getElementById("stop-title")?.focus({ preventScroll: true });
  }, []);
  const forward = useCallback(() => setHere(null), []);
  const finish = (handsOn: boolean) => {
    if (!stop) return;
    store.record(stopSubject(stop.id), "shown", { result: "shown", handsOn, seconds: secondsHere() });
    forward();
    document.getElementById("stop-title")?.focus({ preventScroll: true });
  };
  const place = stop?.place ?? state.at ?? Object.keys(file.places)[0] ?? "";
  const { leftByPlace } = store.sums().progress;
  const linesLeft = Object.values(leftByPlace).reduce((sum, left) => sum + left, 0);
  const number = briefing.stops.length - sequence.length + 1;
  return (
    <div className={shell.shell}>
      <WalkRail walk={walk} place={place} next={nextStop?.place ?? null} onPick={goTo} />
      <main className={styles.main} id="stop">
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
          <HullIcon particulars={file.particulars} tone="on-dark" width={64} />
          <div className={styles.actions}>
            <Button onClick={() => setSheet("all")}>{t("walk.all")}</Button>
            {stop && <Button onClick={() => setSheet("ask")}>{t("walk.ask-button")}</Button>}
            <Button onClick={() => store.record("handover", "walk-paused", { paused: !state.paused })}>
              {t(state.paused ? "walk.go-on" : "walk.pause")}
            </Button>
            <Button onClick={() => onList(place)}>{t("walk.list-button")}</Button>
          </div>
        </header>
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
        {stop ? (
          <div className={styles.buttons}>
            <Button look="on-dark" className={styles.outline} onClick={() => setSheet("not-now")}>
              {t("walk.not-now")}
            </Button>
            <Button look="on-dark" className={styles.outline} onClick={() => finish(false)}>
              {t("walk.shown")}
            </Button>
            <Button look="on-dark" large onClick={() => finish(true)}>
              {t("walk.done")}
            </Button>
          </div>
        ) : (
          <div className={styles.buttons}>
            {sequence.length === 0 && linesLeft > 0 && (
              <Button
                look="on-dark"
                className={styles.outline}
                onClick={() => onList(list.places.find((each) => (leftByPlace[each.id] ?? 0) > 0)?.id ?? place)}
              >
                {t("walk.to-rest", { left: linesLeft })}
              </Button>
            )}
            <Button look="on-dark" large className={footer.next} disabled={sequence.length > 0} onClick={onSign}>
              {t("walk.to-sign")}
            </Button>
          </div>
        )}
      </footer>
      {sheet === "all" && <AllStopsSheet walk={walk} onPick={goTo} onClose={() => setSheet(null)} />}
      {sheet === "not-now" && stop && <NotNowSheet stop={stop} onClose={() => setSheet(null)} onDone={forward} />}
      {sheet === "ask" && stop && <AskSheet stop={stop.id} onClose={() => setSheet(null)} />}
    </div>
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
    </div>
  );
}
