import { useEffect, useState, useSyncExternalStore } from "react";
import { WatchAlarm } from "../planners/watch/alarm";

const now = () => Math.floor(Date.now() / 1000);
function onSecond(listener: () => void): () => void {
  const timer = setInterval(listener, 500);
  return () => clearInterval(timer);
}

/** The clock of a wait that ends at an instant: it is reckoned from that instant, so that a restart changes nothing. */
export function useWait(until: string, notice: string) {
  const second = useSyncExternalStore(onSecond, now, () => 0);
  const leftSeconds = Math.max(0, Math.ceil(Date.parse(until) / 1000) - second);
  const [alarm, setAlarm] = useState<WatchAlarm | null>(null);
  const isOver = leftSeconds === 0;
  useEffect(() => {
    if (!alarm || !isOver) return;
    alarm.tryOut();
    void notify(notice);
    return () => alarm.stop();
  }, [alarm, isOver, notice]);
  return {
    leftSeconds,
    isTelling: alarm !== null,
    /** has to be a tap: browsers let no page make a sound or a notice before */
    tell: () => {
      const made = new WatchAlarm();
      made.prepare();
      setAlarm(made);
      if (typeof Notification === "function" && Notification.permission === "default")
        void Notification.requestPermission().catch(() => undefined);
    },
  };
}

/** A notice over whatever is on the screen, where the device lets us. */
async function notify(words: string): Promise<void> {
  if (typeof Notification !== "function" || Notification.permission !== "granted") return;
  const worker = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  await worker?.showNotification(words).catch(() => undefined);
}
