"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { localize } from "@/core/basics/words";
import type { Level } from "@/core/yacht/schema";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { useHandover } from "../store/handover-context";
import rail from "../frame/Rail.module.css";
import type { Walk } from "./useWalk";

/** The plan with where we are, the way to the next stop, and how many stops are left at each place. A tap on a place goes to its first stop. */
export function WalkRail({
  walk,
  place,
  next,
  onPick,
}: {
  walk: Walk;
  place: string;
  next: string | null;
  onPick: (stop: string) => void;
}) {
  const t = useTranslations();
  const store = useHandover();
  const { file, list } = store.bundle;
  const { sequence, briefing } = walk;
  const here: Level = file.places[place]?.level ?? "deck";
  const [shown, setShown] = useState({ place, level: here });
  // arriving somewhere turns the plan to that level; a look at the other one lasts until then
  const level = shown.place === place ? shown.level : here;
  const placeOf = useMemo(() => new Map(briefing.stops.map((stop) => [stop.id, stop.place])), [briefing]);
  const left = useMemo(() => {
    const counts: Record<string, number> = {};
    for (const stop of briefing.stops) counts[stop.place] ??= 0;
    for (const id of sequence) counts[placeOf.get(id) ?? ""] = (counts[placeOf.get(id) ?? ""] ?? 0) + 1;
    return counts;
  }, [briefing, sequence, placeOf]);
  const words = useMemo(
    () => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: list.yacht.name, level: t(`level.${level}`) }),
      place: (id: string) =>
        t("plan.place", { name: localize(file.places[id]?.name ?? { en: id }), left: left[id] ?? 0 }),
    }),
    [t, list, level, file, left],
  );
  const pick = (at: string) => {
    const stop = sequence.find((id) => placeOf.get(id) === at);
    if (stop) onPick(stop);
  };
  return (
    <aside className={rail.rail} aria-label={t("plan.rail")}>
      <div className={rail.name}>
        <strong>{list.yacht.name}</strong>
        <span>{t("walk.title")}</span>
      </div>
      <div className={rail.levels} role="group" aria-label={t("plan.levels")}>
        {(["deck", "below"] as const).map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === level}
            onClick={() => setShown({ place, level: each })}
          >
            {t(`level.${each}`)}{" "}
            <b>
              {Object.entries(left).reduce((sum, [id, many]) => sum + (file.places[id]?.level === each ? many : 0), 0)}
            </b>
          </button>
        ))}
      </div>
      <div className={rail.drawing}>
        <YachtPlan
          file={file}
          level={level}
          words={words}
          current={place}
          next={next ?? undefined}
          left={left}
          onPick={pick}
        />
      </div>
    </aside>
  );
}
