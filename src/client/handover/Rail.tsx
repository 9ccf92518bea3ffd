"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo } from "react";
import { localize } from "@/core/basics/words";
import type { Level, Point } from "@/core/yacht/schema";
import { gravest, newMarks } from "@/core/handover/state";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { VerdictMark } from "@/ui/VerdictMark";
import { YachtPlan, type PlanWords } from "@/ui/plan/YachtPlan";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "../frame/Rail.module.css";

interface Props {
  place: string;
  next: string | null;
  level: Level;
  onLevel: (level: Level) => void;
  onGo: (place: string) => void;
  /** on a phone the plan is a sheet of its own */
  open: boolean;
  onClose: () => void;
}

/** The yacht at the side of the screen: where we are, what is left where, and the way to the next place. */
export function Rail(props: Props) {
  const t = useTranslations();
  const format = useFormatter();
  const store = useHandover();
  const { list, base } = store.bundle;
  return (
    <aside className={styles.rail} aria-label={t("plan.rail")}>
      <div className={styles.name}>
        <strong>{list.yacht.name}</strong>
        <span>
          {t(`kind.${list.kind}`)},{" "}
          {format.dateTime(new Date(list.kind === "check-out" ? list.stay.to : list.stay.from), {
            weekday: "short",
            day: "numeric",
            month: "long",
            timeZone: base.timeZone,
          })}
        </span>
      </div>
      {list.kind === "prep" ? <Sections {...props} /> : <PlanWithLevels {...props} />}
      {props.open && (
        <Sheet title={list.yacht.name} closeWord={t("common.close")} onClose={props.onClose}>
          <div className={styles.inSheet}>
            {list.kind === "prep" ? <Sections {...props} /> : <PlanWithLevels {...props} />}
          </div>
        </Sheet>
      )}
    </aside>
  );
}

/** The sections of a prep in their order, with what is left in each: the round goes by steps, not by places. */
function Sections({ place, onGo }: Props) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const left = store.sums().progress.leftByPlace;
  return (
    <ol className={styles.sections} aria-label={t("prep.sections")}>
      {store.bundle.list.places.map((section) => (
        <li key={section.id}>
          <Button
            look={section.id === place ? "chosen" : "plain"}
            aria-current={section.id === place ? "step" : undefined}
            onClick={() => onGo(section.id)}
          >
            <VerdictMark
              verdict={
                (left[section.id] ?? 0) === 0
                  ? gravest(
                      store.folded(),
                      store.bundle.list.lines.filter((line) => line.place === section.id),
                    )
                  : "watch"
              }
              onDark={section.id === place}
            />
            {localize(section.name)}
            <span>
              {(left[section.id] ?? 0) > 0
                ? t("prep.left-here", { left: left[section.id] ?? 0 })
                : t("prep.section-done")}
            </span>
          </Button>
        </li>
      ))}
    </ol>
  );
}

function PlanWithLevels({ place, next, level, onLevel, onGo }: Props) {
  const t = useTranslations();
  const store = useHandover();
  const version = useVersion();
  const { list, file } = store.bundle;
  const left = store.sums().progress.leftByPlace;
  const leftOn = (which: Level) =>
    list.places.filter((each) => each.level === which).reduce((sum, each) => sum + (left[each.id] ?? 0), 0);
  const words = useMemo<PlanWords>(
    () => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: list.yacht.name, level: t(`level.${level}`) }),
      place: (id) => {
        const found = list.places.find((each) => each.id === id);
        return found ? t("plan.place", { name: localize(found.name), left: left[id] ?? 0 }) : id;
      },
    }),
    [t, list, level, left],
  );
  const points = useMemo(() => {
    void version;
    const standing = list.lines.flatMap((line) =>
      line.kind === "mark" && line.mark.surface === level
        ? [{ id: line.id, at: [line.mark.aM, line.mark.bM] as Point, fresh: false }]
        : [],
    );
    const fresh = newMarks(store.folded()).flatMap(({ id, mark }) =>
      mark.surface === level ? [{ id, at: [mark.aM, mark.bM] as Point, fresh: true }] : [],
    );
    return [...standing, ...fresh];
  }, [store, list, level, version]);
  return (
    <>
      <div className={styles.levels} role="group" aria-label={t("plan.levels")}>
        {(["deck", "below"] as const).map((each) => (
          <button key={each} type="button" aria-pressed={each === level} onClick={() => onLevel(each)}>
            {t(`level.${each}`)} <b>{leftOn(each)}</b>
          </button>
        ))}
      </div>
      <div className={styles.drawing}>
        <YachtPlan
          file={file}
          level={level}
          words={words}
          current={place}
          next={next ?? undefined}
          left={left}
          onPick={onGo}
          points={points}
        />
      </div>
    </>
  );
}
