"use client";
import { useTranslations } from "next-intl";
import { Choice } from "@/ui/Choice";
import styles from "./Planner.module.css";
import { useUnits } from "./units";

/** In what this person sees lengths, wind and litres. */
export function UnitChoice() {
  const t = useTranslations("units");
  const { units, choose } = useUnits();
  return (
    <details className={styles.more}>
      <summary>{t("title")}</summary>
      <div className={styles.correct}>
        <Choice
          label={t("length")}
          options={[
            { value: "m", word: t("m") },
            { value: "ft", word: t("ft") },
          ]}
          value={units.length}
          onChoose={(length) => choose({ ...units, length })}
        />
        <Choice
          label={t("wind")}
          options={[
            { value: "kn", word: t("kn") },
            { value: "m/s", word: t("ms") },
          ]}
          value={units.wind}
          onChoose={(wind) => choose({ ...units, wind })}
        />
        <Choice
          label={t("volume")}
          options={[
            { value: "l", word: t("l") },
            { value: "gal", word: t("gal") },
          ]}
          value={units.volume}
          onChoose={(volume) => choose({ ...units, volume })}
        />
      </div>
    </details>
  );
}
