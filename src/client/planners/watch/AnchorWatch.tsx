"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useEffect, useRef, useState } from "react";
import { anchorAnswer, anchorFields, anchorKnown } from "@/core/underway/anchor";
import { withTyped } from "@/core/underway/known";
import { offM, watchRadiusM, watchStands, type Fix, type Watch, type WatchStands } from "@/core/underway/watch";
import { Button } from "@/ui/Button";
import { typedOf } from "../../store/planner-typed";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { Slider } from "../frame/FigureRow";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { WatchAlarm } from "./alarm";
import { CircleDrawing } from "./CircleDrawing";
import { useScreenOn, useSecond, useWatch } from "./useWatch";

const radiusField = { unit: "m", least: 10, most: 300, step: 1 } as const;
/** Where the circle begins while nothing was reckoned, m. */
const usualRadiusM = 45;

/** How far she swings by what was reckoned on this device. */
function swingOf(of: OfBoat): number {
  const typed = typedOf<keyof typeof anchorFields>(of.stay, "anchor");
  const known = anchorKnown(of.file, of.outlook, of.now, of.timeZone, typed.stayH?.value ?? null);
  const answered = anchorAnswer(of.file, withTyped(known, typed, anchorFields), "larger");
  if (!("answer" in answered)) return usualRadiusM;
  const { low, high } = answered.answer.swingRadiusM;
  return watchRadiusM(Math.max(low, high));
}

/** Watches that she stays within a circle round her anchor, and wakes people when she does not. */
export function AnchorWatch({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("watch");
  const { watch, fix, fault, change } = useWatch(of.stay);
  const now = useSecond();
  const [radiusM, setRadiusM] = useState(() => swingOf(of));
  const [alarm] = useState(() => new WatchAlarm());
  const isScreenOn = useScreenOn(watch !== null);
  const stands = watch && watchStands(watch, now);
  useSound(alarm, stands?.alarm ?? false);
  const begin = () => {
    if (!fix) return;
    alarm.prepare();
    change(() => ({ anchor: [fix.lon, fix.lat], radiusM, fixes: [fix], events: [{ at: fix.at, what: "begun" }] }));
  };
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={
        watch && (
          <CircleDrawing
            watch={watch}
            lengthM={of.file.particulars.lengthM}
            title={t("picture", { radius: watch.radiusM })}
          />
        )
      }
    >
      {watch && stands ? (
        <Stands of={of} watch={watch} stands={stands} isScreenOn={isScreenOn} onSilence={() => alarm.stop()} />
      ) : (
        <Before fix={fix} fault={fault} onBegin={begin} onTry={() => alarm.tryOut()} />
      )}
      <div className={styles.correct}>
        <strong>{t("circle")}</strong>
        <Slider
          label={t("circle")}
          field={radiusField}
          value={watch?.radiusM ?? radiusM}
          onChange={(next) => (watch ? change((before) => before && { ...before, radiusM: next }) : setRadiusM(next))}
        />
      </div>
      {watch && (
        <>
          <NightLog watch={watch} of={of} />
          <Button
            onClick={() => {
              alarm.stop();
              change(() => null);
            }}
          >
            {t("end")}
          </Button>
        </>
      )}
      <Limits />
    </PlannerFrame>
  );
}

function useSound(alarm: WatchAlarm, isOn: boolean) {
  const sounding = useRef(alarm);
  useEffect(() => {
    if (isOn) sounding.current.start();
    else sounding.current.stop();
  }, [isOn]);
  useEffect(() => {
    const own = sounding.current;
    return () => own.stop();
  }, []);
}

function Before({
  fix,
  fault,
  onBegin,
  onTry,
}: {
  fix: Fix | null;
  fault: string;
  onBegin: () => void;
  onTry: () => void;
}) {
  const t = useTranslations("watch");
  const shown = useShown()("m");
  return (
    <>
      <p>{t("begin-words")}</p>
      {fault === "none" ? (
        <p role="status">{fix ? t("accuracy", { accuracy: shown.words(fix.accuracyM) }) : t("seeking")}</p>
      ) : (
        <NoAnswer>{t(fault === "refused" ? "refused" : "no-position")}</NoAnswer>
      )}
      <Button look="main" large disabled={!fix} onClick={onBegin}>
        {t("begin")}
      </Button>
      <Button onClick={onTry}>{t("try")}</Button>
    </>
  );
}

const verdicts = {
  waiting: "watch",
  inside: "fine",
  near: "watch",
  outside: "stop",
  coarse: "stop",
  silent: "stop",
} as const;

function Stands({
  of,
  watch,
  stands,
  isScreenOn,
  onSilence,
}: {
  of: OfBoat;
  watch: Watch;
  stands: WatchStands;
  isScreenOn: boolean;
  onSilence: () => void;
}) {
  const t = useTranslations("watch");
  const shown = useShown()("m");
  const last = watch.fixes.at(-1);
  const clock = useClock(of.timeZone, of.now);
  return (
    <>
      <Answer over={t("off")} figure={stands.offM === null ? t("no-figure") : shown.words(stands.offM)}>
        <span>{t("of-circle", { radius: shown.words(watch.radiusM) })}</span>
        {stands.accuracyM !== null && <span>{t("accuracy", { accuracy: shown.words(stands.accuracyM) })}</span>}
      </Answer>
      <Reason
        verdict={verdicts[stands.state]}
        words={t(`state-${stands.state}`)}
        more={t(`state-${stands.state}-more`, { at: last ? clock(last.at) : "" })}
      />
      {stands.alarm && (
        <Button look="main" large onClick={onSilence}>
          {t("silence")}
        </Button>
      )}
      {!isScreenOn && <Reason verdict="watch" words={t("screen")} />}
    </>
  );
}

/** What happened in the night, newest first, and the farthest that she swung. */
function NightLog({ watch, of }: { watch: Watch; of: OfBoat }) {
  const t = useTranslations("watch");
  const format = useFormatter();
  const shown = useShown()("m");
  const clock = useClock(of.timeZone, of.now);
  const farthest = Math.max(0, ...watch.fixes.map((each) => offM(watch, each)));
  return (
    <details className={styles.more}>
      <summary>{t("log", { events: watch.events.length })}</summary>
      <ol className={styles.steps}>
        {watch.events.toReversed().map(({ at, what }) => (
          <li key={`${at}-${what}`}>{t(`event-${what}`, { at: clock(at) })}</li>
        ))}
      </ol>
      <p>{t("farthest", { off: shown.words(farthest), fixes: format.number(watch.fixes.length) })}</p>
    </details>
  );
}

function Limits() {
  const t = useTranslations("watch");
  return (
    <section>
      <h3>{t("limits")}</h3>
      <ul className={styles.limits}>
        {(["screen-limit", "position-limit", "battery-limit", "sound-limit", "person-limit"] as const).map((each) => (
          <li key={each}>{t(each)}</li>
        ))}
      </ul>
    </section>
  );
}
