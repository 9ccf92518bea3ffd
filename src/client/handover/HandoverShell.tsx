"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { eraseOld, holdOpen } from "../store/erase";
import { HandoverStore } from "../store/handover-store";
import { Sync } from "../sync/sync";
import { HandoverContext } from "../store/handover-context";
import { HandoverScreens } from "./HandoverScreens";
import styles from "../frame/Frame.module.css";

type Opening =
  { state: "opening" } | { state: "open"; store: HandoverStore } | { state: "none" } | { state: "fault"; name: string };

/**
 * The one shell of every handover screen. Which handover is in the address's fragment; everything shown comes from the
 * device's store, so moving about never asks the base.
 */
export function HandoverShell() {
  const t = useTranslations();
  const [opening, setOpening] = useState<Opening>({ state: "opening" });
  useEffect(() => {
    let stop: (() => void) | undefined;
    let gone = false;
    const open = async () => {
      stop?.();
      setOpening({ state: "opening" });
      try {
        const store = await HandoverStore.open(location.hash.slice(1).split("/")[0] ?? "");
        if (gone) return;
        if (!store) return setOpening({ state: "none" });
        void navigator.storage?.persist?.();
        holdOpen(store.db.name);
        void eraseOld(Date.now()).catch(() => undefined);
        const sync = new Sync(store);
        stop = sync.start();
        // a device that joins waits a moment for what others have recorded; without signal it goes on with what it has
        if (store.lastNumber === 0) await Promise.race([sync.first, new Promise((done) => setTimeout(done, 2500))]);
        if (gone) return;
        setOpening({ state: "open", store });
      } catch (error) {
        setOpening({ state: "fault", name: (error as Error).name });
      }
    };
    void open();
    addEventListener("hashchange", open);
    return () => {
      gone = true;
      removeEventListener("hashchange", open);
      stop?.();
    };
  }, []);
  if (opening.state === "open") {
    return (
      <HandoverContext value={opening.store}>
        <HandoverScreens />
      </HandoverContext>
    );
  }
  return (
    <main className={styles.alone}>
      {opening.state === "opening" && <p role="status">{t("handover.opening")}</p>}
      {opening.state === "none" && (
        <>
          <h1>{t("handover.none-title")}</h1>
          <p>{t("handover.none-words")}</p>
          <a href="/today">{t("handover.to-today")}</a>
        </>
      )}
      {opening.state === "fault" && (
        <>
          <h1>{t("handover.fault-title")}</h1>
          <p>{t("handover.fault-words", { name: opening.name })}</p>
        </>
      )}
    </main>
  );
}
