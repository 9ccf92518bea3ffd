"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { Button } from "@/ui/Button";
import { VerdictMark } from "@/ui/VerdictMark";
import { useHandover, useSaveState, useVersion } from "../store/handover-context";
import { PaceWords } from "./PaceWords";
import styles from "./Footer.module.css";

interface Props {
  next: string | null;
  onGo: (place: string) => void;
  onOverview: () => void;
  onSign: () => void;
}

/** Always in view: what is left, how long, what stands in the way, what waits for signal, and the one next button. */
export function Footer({ next, onGo, onOverview, onSign }: Props) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const { progress, gate } = store.sums();
  const { list } = store.bundle;
  const blocks = gate.reasons.filter((reason) => reason.blocks && reason.code !== "lines-left").length;
  const nextPlace = list.places.find((place) => place.id === next);
  const done = progress.total - progress.left;
  return (
    <footer className={styles.footer}>
      <div className={styles.progress}>
        <p>
          <strong>{t("footer.left", { left: progress.left, total: progress.total })}</strong>
          <strong>{t("footer.minutes", { minutes: progress.minutesLeft })}</strong>
        </p>
        <progress value={done} max={progress.total} aria-label={t("footer.progress")} />
      </div>
      <button type="button" className={styles.way} onClick={onOverview}>
        <VerdictMark verdict={blocks > 0 ? "stop" : "fine"} onDark />
        <span>{t(list.kind === "check-in" ? "footer.way" : "footer.way-out", { blocks })}</span>
      </button>
      <SaveWords />
      <PaceWords className={styles.pace} />
      {nextPlace ? (
        <Button look="on-dark" large className={styles.next} onClick={() => onGo(nextPlace.id)}>
          {t("footer.next", { place: localize(nextPlace.name) })}
        </Button>
      ) : (
        <Button look="on-dark" large className={styles.next} onClick={onSign}>
          {t(list.kind === "prep" ? "footer.prep-end" : "footer.sign")}
        </Button>
      )}
    </footer>
  );
}

/** Whether what is on the screen is saved here, sent, or waiting. */
export function SaveWords() {
  const t = useTranslations();
  const { paperAt } = useHandover();
  const { unwritten, waiting, refused, fault, online, revoked } = useSaveState();
  let words = t("save.sent");
  if (unwritten > 0) words = t("save.writing");
  else if (waiting > 0) words = online ? t("save.sending", { waiting }) : t("save.waiting", { waiting });
  else if (!online) words = t("save.kept-offline");
  if (revoked) words = t("save.revoked");
  if (refused > 0) words = t("save.refused", { refused });
  if (fault) words = t("save.fault", { fault });
  // nobody forgets that what is tapped now counts as written on paper
  if (paperAt !== null) words = `${words} · ${t("save.from-paper")}`;
  return (
    <p className={`${styles.save} ${fault || refused || revoked ? styles.fault : ""}`} role="status">
      {words}
    </p>
  );
}
