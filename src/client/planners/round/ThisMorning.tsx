"use client";
import { useTranslations } from "next-intl";
import { dayIn } from "@/core/basics/instant";
import { lastRound } from "@/core/underway/log/round";
import { Button } from "@/ui/Button";
import type { KeptLog } from "../../store/book-store";
import { Reason } from "../frame/Answer";
import type { OfBoat } from "../frame/of-boat";
import { useClock } from "../frame/useClock";
import styles from "./Round.module.css";
import { useRound } from "./useRound";

/** How far the morning round is: to be begun, gone on with, or done. */
export function ThisMorning({ of, log, onOpen }: { of: OfBoat; log: readonly KeptLog[]; onOpen: () => void }) {
  const t = useTranslations("round");
  const clock = useClock(of.timeZone, of.now);
  const { begun, done, all } = useRound(of.stay, of.file);
  const last = lastRound(log.map(({ entry }) => entry));
  const isToday = last !== null && dayIn(last.at, of.timeZone) === dayIn(of.now, of.timeZone);
  const isSent = log.some(({ id, state }) => id === last?.id && state === "there");
  const odd = last?.looks.filter(({ isFine }) => !isFine) ?? [];
  return (
    <section className={styles.morning} aria-label={t("this-morning")}>
      <div>
        <h2>{t("this-morning")}</h2>
        {(begun || !isToday) && <strong>{t("done", { done, all })}</strong>}
      </div>
      {begun || !isToday ? (
        <>
          <progress className={styles.progress} max={all} value={done} aria-label={t("done", { done, all })} />
          <Button look="main" large onClick={onOpen}>
            {t(begun ? "go-on" : "begin")}
          </Button>
        </>
      ) : (
        <Reason
          verdict={odd.length > 0 ? "watch" : "fine"}
          words={t("was-done", { at: clock(last.at), odd: odd.length })}
          more={t(isSent ? "base-has-it" : "waits")}
        />
      )}
    </section>
  );
}
