"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { VerdictMark } from "@/ui/VerdictMark";
import styles from "./NoSignalState.module.css";

type State = "looking" | "ready" | "cannot";

/** Whether this device opens a shell without signal: the pages are kept by the service worker. */
async function keepsPages(shell: string): Promise<boolean> {
  if (!("serviceWorker" in navigator)) return false;
  // one that is never registered is never ready
  const isReady = await Promise.race([
    navigator.serviceWorker.ready.then(() => true),
    new Promise<false>((done) => setTimeout(() => done(false), 60_000)),
  ]);
  if (!isReady) return false;
  for (let tries = 0; tries < 60; tries++) {
    if (await caches.match(shell, { ignoreSearch: true })) return true;
    await new Promise((done) => setTimeout(done, 1000));
  }
  return false;
}

/** Says whether everything of this yacht is on the device, and how much it is: only when both the pages and the data are here. */
export function NoSignalState({ shell, bytes }: { shell: string; bytes: number | null }) {
  const t = useTranslations("offline");
  const [state, setState] = useState<State>("looking");
  useEffect(() => {
    let gone = false;
    void keepsPages(shell)
      .catch(() => false)
      .then((kept) => !gone && setState(kept ? "ready" : "cannot"));
    return () => {
      gone = true;
    };
  }, [shell]);
  const [mayBeCleared, setMayBeCleared] = useState(false);
  useEffect(() => {
    void navigator.storage?.persisted?.().then((kept) => setMayBeCleared(!kept));
  }, []);
  const isReady = state === "ready" && bytes !== null;
  return (
    <p role="status" className={styles.state}>
      <VerdictMark verdict={isReady ? "fine" : "watch"} />{" "}
      {isReady ? t("ready", { kilobytes: Math.ceil(bytes / 1000) }) : t(state === "cannot" ? "cannot" : "looking")}{" "}
      {isReady && mayBeCleared && t("may-be-cleared")}
    </p>
  );
}
