"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { localize } from "@/core/basics/words";
import { isOnLayer, layers, type Layer } from "@/core/plan/layers";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import styles from "../Book.module.css";
import { ZoomedPlan } from "../ZoomedPlan";

/** The plan of a level, with the layer of fittings that is asked for and the one that was found. */
export function PlanPart({
  file,
  place,
  level,
  lit,
  onLevel,
  onPick,
  onFitting,
}: {
  file: YachtFile;
  place: string | null;
  level: Level;
  lit: string | null;
  onLevel: (level: Level) => void;
  onPick: (place: string) => void;
  onFitting: (fitting: string) => void;
}) {
  const t = useTranslations();
  const [layer, setLayer] = useState<Layer | null>(null);
  const words = useMemo(
    () => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }),
      place: (id: string) => localize(file.places[id]?.name ?? { en: id }),
      fitting: (id: string) => localize(file.fittings[id]?.name ?? { en: id }),
    }),
    [t, file, level],
  );
  const fittings = useMemo(
    () =>
      Object.keys(file.fittings).filter(
        (key) => key === lit || (layer !== null && file.fittings[key] && isOnLayer(file.fittings[key], layer)),
      ),
    [file, layer, lit],
  );
  return (
    <section className={styles.plan} aria-label={t("book.plan")}>
      <div className={styles.levels} role="group" aria-label={t("plan.levels")}>
        {(["deck", "below"] as const).map((each) => (
          <button key={each} type="button" aria-pressed={each === level} onClick={() => onLevel(each)}>
            {t(`level.${each}`)}
          </button>
        ))}
      </div>
      <ZoomedPlan>
        <YachtPlan
          file={file}
          level={level}
          words={words}
          current={place ?? undefined}
          onPick={onPick}
          fittings={fittings}
          lit={lit}
          onFitting={onFitting}
        />
      </ZoomedPlan>
      <div className={styles.layers} role="group" aria-label={t("plan.layers")}>
        {layers.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === layer}
            onClick={() => setLayer(each === layer ? null : each)}
          >
            {t(`layer.${each}`)}
          </button>
        ))}
      </div>
    </section>
  );
}
