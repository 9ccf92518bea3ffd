"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { msPerKn, radPerDeg } from "@/core/handling/frames";
import type { Scene } from "@/core/handling/scenes";
import type { HandledBoat, HandlingEvent } from "@/core/handling/schema";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import drills from "../drills/Drills.module.css";
import { PaceChoice } from "../drills/PaceChoice";
import { useFrames } from "../drills/useFrames";
import { HandleControls } from "./HandleControls";
import { HandlingRun } from "./handling-run";
import styles from "./Handling.module.css";
import { SceneView } from "./SceneView";

interface Props {
  boat: HandledBoat;
  scene: Scene;
  windKn: number;
}

/** A scene at work: the boat from above, what she does, and what was touched. */
export function HandlePanel({ boat, scene, windKn }: Props) {
  const t = useTranslations() as unknown as Translator;
  const [run] = useState(() => new HandlingRun(boat, scene, windKn));
  useFrames(run);
  const [at, setAt] = useState<number | null>(null);
  const isStill = run.pace === "paused";
  const replayed = isStill && at !== null ? (run.trail[at] ?? null) : null;
  const { groundU, groundV, r } = replayed ?? run.motion;
  const moves = t("handle.moves", {
    speed: Math.hypot(groundU, groundV) / msPerKn,
    turning: Math.round(r / radPerDeg),
  });
  return (
    <>
      <strong role="status" className={drills.stands}>
        {standsWords(run, t)}
      </strong>
      <div className={styles.parts}>
        <div className={styles.seen}>
          <SceneView
            run={run}
            replayed={replayed}
            words={t("handle.view", { scene: t(`handle-scene.${scene.name as "wind-off"}`), moves })}
          />
          <p>{moves}</p>
          {isStill && run.trail.length > 2 && (
            <label className={drills.control}>
              <span>{t("handle.replay")}</span>
              <input
                type="range"
                min={0}
                max={run.trail.length - 1}
                value={at ?? run.trail.length - 1}
                onChange={({ target }) => setAt(Number(target.value))}
              />
            </label>
          )}
        </div>
        <div className={styles.controls}>
          <HandleControls run={run} t={t} />
          <div className={drills.foot}>
            <PaceChoice run={run} t={t} />
            <Button onClick={() => run.again()}>{t("drill.begin-again")}</Button>
          </div>
          <Told run={run} t={t} />
        </div>
      </div>
    </>
  );
}

function standsWords(run: HandlingRun, t: Translator): string {
  const { doneAt, touches } = run;
  const touched = [
    t("handle.touches", { touches }),
    t("drill.mistakes", { mistakes: run.mistakes.length }),
    run.thrust.bursts > 0
      ? t("handle.bursts", { bursts: run.thrust.bursts, seconds: Math.round(run.thrust.seconds) })
      : "",
  ]
    .filter((words) => words !== "")
    .join(" · ");
  return doneAt === null ? touched : t("handle.done", { seconds: Math.round(doneAt), touched });
}

/** What was touched, what came tight and what parted, newest first. */
function Told({ run, t }: { run: HandlingRun; t: Translator }) {
  const told = [
    ...run.events.map((event) => ({ ...event, isMistake: false as const })),
    ...run.mistakes.map((mistake) => ({ ...mistake, isMistake: true as const })),
  ].toSorted((a, b) => b.at - a.at);
  const words = ({ code, speedMs, of }: HandlingEvent) =>
    t(`handle.${code}`, { speed: speedMs, line: of === undefined ? "" : t(`handle.${of as "bow-line"}`) });
  return (
    <section className={drills.been} aria-label={t("drill.has-been")}>
      <h2>{t("drill.has-been")}</h2>
      {told.length === 0 && <p>{t("drill.nothing-yet")}</p>}
      <ol>
        {told.map((each) => (
          <li
            key={`${each.at} ${each.code} ${each.isMistake ? "" : (each.of ?? "")}`}
            data-mistake={each.isMistake || each.code === "struck" || each.code === "line-broken" ? "" : undefined}
          >
            <span>{t("handle.at", { seconds: Math.round(each.at) })}</span>{" "}
            {each.isMistake ? t(`handle-mistake.${each.code}`) : words(each)}
            {each.isMistake && <small>{t(`handle-cost.${each.code}`)}</small>}
          </li>
        ))}
      </ol>
    </section>
  );
}
