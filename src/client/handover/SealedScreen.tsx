"use client";
import { printRecord, saveWholeRecord } from "@/api/handovers";
import { href } from "../api/call";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo } from "react";
import type { SignedKind } from "@/core/handover/list";
import { findings } from "@/messages/findings";
import { HullIcon } from "@/ui/plan/HullIcon";
import { VerdictMark } from "@/ui/VerdictMark";
import { useHandover, useSaveState, useVersion } from "../store/handover-context";
import { SaveWords } from "../frame/Footer";
import styles from "./SealedScreen.module.css";
import { useLanguage } from "../language/language";

/** The signed record on this device: when, under which seal, what was noted, and where the copies are. */
export function SealedScreen() {
  const t = useTranslations();
  const language = useLanguage();
  const format = useFormatter();
  const store = useHandover();
  const version = useVersion();
  const { waiting } = useSaveState();
  const { list, base, file, seal } = store.bundle;
  const noted = useMemo(() => {
    void version;
    return findings(t, list, store.folded());
  }, [t, list, store, version]);
  const { received } = store;
  const made = (store.sealToSend ?? seal ?? received.at(-1)) as { seal: string; sealedAt: string };
  const atBase = store.sealToSend === null && waiting === 0;
  const doesNotStand = atBase && seal === null;
  return (
    <div className={styles.page}>
      <main className={styles.main}>
        <HullIcon particulars={file.particulars} width={150} />
        <h1>
          {doesNotStand
            ? t("received.device-title", { yacht: list.yacht.name })
            : t(`sealed.title-${list.kind as SignedKind}`, { yacht: list.yacht.name })}
        </h1>
        {doesNotStand && <DoesNotStand />}
        <p>
          {t("sealed.when", {
            at: format.dateTime(new Date(made.sealedAt), {
              dateStyle: "full",
              timeStyle: "short",
              timeZone: base.timeZone,
            }),
          })}
        </p>
        <p className={styles.seal}>
          <span>{t("sealed.seal")}</span> <code>{made.seal}</code>
        </p>
        <p role="status" className={styles.state}>
          <VerdictMark verdict={atBase ? "fine" : "watch"} />{" "}
          {atBase ? t("sealed.at-base") : t("sealed.here", { waiting })}
        </p>
        {store.sealBeside && <p className={styles.state}>{t("sealed.beside")}</p>}
        {atBase && !doesNotStand && (
          <p className={styles.links}>
            <a
              href={href(printRecord, { params: { id: list.handover }, query: { language } })}
              target="_blank"
              rel="noreferrer"
            >
              {t("sealed.pdf")}
            </a>
            <a href={href(saveWholeRecord, { params: { id: list.handover } })}>{t("sealed.zip")}</a>
            {store.bundle.me.side === "base" ? (
              <a href="/today">{t("handover.to-today")}</a>
            ) : (
              <a href="/book">{t("handover.to-book")}</a>
            )}
          </p>
        )}
        <p>{t("sealed.late")}</p>
        <h2>{t("sign.noted")}</h2>
        {noted.length === 0 && <p>{t("sign.all-fine")}</p>}
        <ul className={styles.noted}>
          {noted.map((finding) => (
            <li key={finding.id}>
              <VerdictMark verdict={finding.verdict} />
              <span>
                <strong>{finding.name}</strong>, {finding.place}: {finding.words}
              </span>
            </li>
          ))}
        </ul>
      </main>
      <footer className={styles.foot}>
        <SaveWords />
      </footer>
    </div>
  );
}

/** Both have signed, and something speaks against the record: what, and that the base settles it. */
function DoesNotStand() {
  const t = useTranslations("received");
  const { received } = useHandover();
  return (
    <div className={styles.state} role="alert">
      <p>{t("device-words")}</p>
      <ul className={styles.noted}>
        {[...new Set(received.flatMap(({ problems }) => problems))].map((problem) => (
          <li key={problem}>
            <VerdictMark verdict="stop" /> <span>{t(`problem-${problem}`)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
