"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import styles from "./Row.module.css";

const most = 9999;

/** A number of pieces, stepped or typed; empty until somebody counted. */
export function Stepper({
  labelId,
  count,
  onCount,
}: {
  labelId: string;
  count: number | null;
  onCount: (count: number) => void;
}) {
  const t = useTranslations("count");
  // what is being typed; null when nobody types, and the count itself is shown
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const set = (next: number) => {
    setWrong(false);
    setTyped(null);
    if (next !== count) onCount(next);
  };
  const commit = () => {
    const text = typed?.trim() ?? "";
    if (text === "") return setTyped(null);
    const next = Number(text);
    if (!Number.isInteger(next) || next < 0 || next > most) return setWrong(true);
    set(next);
  };
  return (
    <>
      <div className={styles.stepper} role="group" aria-labelledby={labelId}>
        <button
          type="button"
          aria-label={count === null ? t("none") : t("less")}
          onClick={() => set(Math.max(0, (count ?? 0) - 1))}
        >
          −
        </button>
        <input
          inputMode="numeric"
          autoComplete="off"
          aria-label={t("field")}
          aria-invalid={wrong}
          placeholder="·····"
          value={typed ?? (count === null ? "" : String(count))}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === "Enter") commit();
          }}
        />
        <button type="button" aria-label={t("more")} onClick={() => set(Math.min(most, (count ?? 0) + 1))}>
          +
        </button>
      </div>
      {wrong && (
        <p className={styles.error} role="alert">
          {t("wrong", { most })}
        </p>
      )}
    </>
  );
}
