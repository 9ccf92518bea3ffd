"use client";
import { Moon } from "lucide-react";
import { useTranslations } from "next-intl";
import styles from "./BookFrame.module.css";
import { setLook, useLook } from "./look";

/** Turns the light down for the night, and up again. */
export function NightButton() {
  const t = useTranslations("light");
  const isNight = useLook() === "night";
  return (
    <button
      type="button"
      className={styles.night}
      aria-pressed={isNight}
      onClick={() => setLook(isNight ? "day" : "night")}
    >
      <Moon aria-hidden="true" size={20} />
      {t("night")}
    </button>
  );
}
