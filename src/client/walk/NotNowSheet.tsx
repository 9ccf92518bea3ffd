"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { BriefedStop } from "@/core/briefing/part";
import { stopSubject } from "@/core/handover/walk/walk-state";
import { skipReasons, type SkipReason } from "@/core/briefing/walk-values";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { ManagerHere } from "../second/ManagerHere";
import { useHandover, useVersion } from "../store/handover-context";
import styles from "./Walk.module.css";

const offReasons = ["why-someone", "why-rain", "why-people"] as const;

/** "Not now": put a stop off with one tap, or leave it out and say why. What is safety is left out by the manager alone, asked twice. */
export function NotNowSheet({ stop, onClose, onDone }: { stop: BriefedStop; onClose: () => void; onDone: () => void }) {
  const t = useTranslations("walk");
  const store = useHandover();
  const title = localize(stop.title);
  const [why, setWhy] = useState<SkipReason | null>(null);
  const [words, setWords] = useState("");
  const [sure, setSure] = useState(false);
  useVersion();
  const manager = store.managerHere();
  const mayLeaveOut = !stop.safety || manager !== null;
  const finish = (work: () => void) => {
    work();
    onClose();
    onDone();
  };
  const leaveOut = (reason: SkipReason) =>
    finish(() =>
      store.record(
        stopSubject(stop.id),
        "shown",
        { result: "skipped", why: reason, words: words.trim(), manager: stop.safety },
        store.bundle.me.side,
        stop.safety ? manager : null,
      ),
    );
  return (
    <Sheet title={t("not-now-title", { title })} closeWord={t("close")} onClose={onClose}>
      <div className={styles.sheet}>
        <h3>{t("later")}</h3>
        <p>{t("later-words")}</p>
        <div className={styles.choices}>
          {offReasons.map((reason) => (
            <Button
              key={reason}
              large
              onClick={() => finish(() => store.record(stopSubject(stop.id), "put-off", { off: true, why: t(reason) }))}
            >
              {t(reason)}
            </Button>
          ))}
        </div>
        <h3>{t("leave-out")}</h3>
        {stop.safety && <p className={styles.never}>{t("leave-out-safety")}</p>}
        {!mayLeaveOut && store.bundle.me.side === "base" && <ManagerHere />}
        {mayLeaveOut && (
          <div className={styles.choices}>
            {skipReasons.map((reason) => (
              <Button
                key={reason}
                large
                look={why === reason ? "chosen" : "plain"}
                onClick={() => (stop.safety ? setWhy(reason) : leaveOut(reason))}
              >
                {t(`why-${reason}`)}
              </Button>
            ))}
          </div>
        )}
        {mayLeaveOut && stop.safety && why && (
          <>
            <Field label={t("reason")}>
              {(ids) => (
                <input {...ids} maxLength={300} value={words} onChange={(event) => setWords(event.target.value)} />
              )}
            </Field>
            <Button large disabled={words.trim() === ""} onClick={() => (sure ? leaveOut(why) : setSure(true))}>
              {sure ? t("leave-out-sure-again") : t("leave-out-sure", { title })}
            </Button>
          </>
        )}
      </div>
    </Sheet>
  );
}
