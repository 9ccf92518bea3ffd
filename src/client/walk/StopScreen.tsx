"use client";
import { useTranslations } from "next-intl";
import { memo, useMemo } from "react";
import { localize } from "@/core/basics/words";
import type { BriefedStop } from "@/core/briefing/part";
import { linesAtStop } from "@/core/handover/walk/lines-at-stop";
import { topicsOf } from "@/core/briefing/topics";
import { statusOf } from "@/core/handover/state";
import { localizeFigures } from "@/core/yacht/figures";
import { depthReasonWords } from "@/messages/depth-words";
import { AreaLater } from "../area/AreaLater";
import { Oddities } from "../parts/Oddities";
import { BoatData } from "../lines/BoatData";
import { useHandover } from "../store/handover-context";
import { LineRow } from "../lines/LineRow";
import { TogetherRow } from "../lines/TogetherRow";
import { BeforeYouTouch } from "./BeforeYouTouch";
import { ProcedureSteps } from "../parts/ProcedureSteps";
import { StopQuestions } from "./StopQuestions";
import { needsOf, type Walk } from "./useWalk";
import styles from "./Walk.module.css";

interface Props {
  walk: Walk;
  stop: BriefedStop;
  onGo: (stop: string) => void;
  onMark: (surface?: string) => void;
}

/** One stop of the walk: what must be on, what is odd, what to say, what the skipper does, and what goes back before one leaves. */
export const StopScreen = memo(function StopScreen({ walk, stop, onGo, onMark }: Props) {
  const t = useTranslations();
  const store = useHandover();
  const { file, list } = store.bundle;
  const topic = useMemo(() => topicsOf(file).find((each) => each.id === stop.id), [file, stop.id]);
  const planned = file.stops[stop.id];
  const place = file.places[stop.place];
  // small known marks are seen with their side
  const { lines, leaving } = linesAtStop(
    stop,
    walk.sequence.flatMap((id) => walk.briefing.stops.filter((each) => each.id === id)),
    list.lines.filter((line) => !(line.kind === "mark" && line.view !== undefined)),
  );
  const left = lines.filter((line) => statusOf(store.folded(), line).step !== "done").length;
  if (!planned || !place) return null;
  return (
    <article className={styles.stop} aria-labelledby="stop-title">
      <p className={styles.where}>
        <strong>{localize(place.name)}.</strong> {localize(place.reach)}
      </p>
      <p className={styles.depth}>
        <strong>{t(`depth.${stop.depth}`)}</strong>
        {stop.why.length > 0 && ` · ${depthReasonWords(t, stop.why)}`}
      </p>
      <BeforeYouTouch file={file} needs={needsOf(walk, stop.id)} onGo={onGo} />
      <Oddities file={file} keys={topic?.oddities ?? []} />
      <StopQuestions stop={stop.id} questions={walk.state.questions} />
      {planned.does && (
        <p className={styles.does}>
          <strong>{t("walk.does")}</strong> {localize(planned.does).replace(/^./, (letter) => letter.toLowerCase())}
        </p>
      )}
      {planned.say && <p className={styles.say}>{localizeFigures(file, planned.say)}</p>}
      {planned.area === true && store.bundle.area && <AreaLater area={store.bundle.area} first="dangers" />}
      {stop.id in file.stops &&
        planned.topics.map((id, index) => (
          <ProcedureSteps key={id} file={file} id={id} isOpen={index === 0 && stop.depth !== "skim"} />
        ))}
      {planned.putBack && (
        <section className={styles.putBack}>
          <h2>{t("walk.put-back")}</h2>
          <ul>
            {planned.putBack.map((words) => (
              <li key={localize(words)}>{localize(words)}</li>
            ))}
          </ul>
        </section>
      )}
      {lines.length > 0 && (
        <details className={styles.lines} open={leaving}>
          <summary>{t(leaving ? "walk.here-leaving" : "walk.here", { lines: lines.length, left })}</summary>
          <BoatData lines={lines} />
          <ul>
            {lines.map((line) => (
              <LineRow key={line.id} line={line} onMark={onMark} />
            ))}
          </ul>
          <TogetherRow lines={lines} />
        </details>
      )}
    </article>
  );
});
