import { useCallback, useEffect, useRef, useState } from "react";
import { withFix, type Fix, type Watch } from "@/core/underway/watch";
import { keepWatch, keptWatch } from "../../store/anchor-watch";

const how = { enableHighAccuracy: true, maximumAge: 0, timeout: 30_000 };
const askEveryMs = 10_000;

/** A watch on this device: its positions, and how it is begun, changed and ended. */
export function useWatch(stay: string) {
  const [watch, setWatch] = useState<Watch | null>(() => keptWatch(stay));
  const [fix, setFix] = useState<Fix | null>(null);
  const [fault, setFault] = useState<"none" | "refused" | "no-position">("none");
  const change = useCallback(
    (next: (before: Watch | null) => Watch | null) =>
      setWatch((before) => {
        const after = next(before);
        keepWatch(stay, after);
        return after;
      }),
    [stay],
  );
  useEffect(() => {
    if (!navigator.geolocation) {
      // a device without positions says so at once
      // eslint-disable-next-line react-hooks/set-state-in-effect
      setFault("no-position");
      return;
    }
    const take = ({ coords }: GeolocationPosition) => {
      const next = {
        // by the clock that the watch itself goes by: that of the receiver may be another
        at: new Date(Date.now()).toISOString(),
        lon: coords.longitude,
        lat: coords.latitude,
        accuracyM: coords.accuracy,
      };
      setFault("none");
      setFix(next);
      change((before) => (before ? withFix(before, next) : null));
    };
    const fail = ({ code }: GeolocationPositionError) => setFault(code === 1 ? "refused" : "no-position");
    const ask = () => navigator.geolocation.watchPosition(take, fail, how);
    let id = ask();
    // a device that lies still tells nothing new by itself: it is asked anew, so that silence means silence
    const timer = setInterval(() => {
      navigator.geolocation.clearWatch(id);
      id = ask();
    }, askEveryMs);
    return () => {
      clearInterval(timer);
      navigator.geolocation.clearWatch(id);
    };
  }, [change]);
  return { watch, fix, fault, change };
}

/** Keeps the screen on while something is watched; says whether the device lets it. */
export function useScreenOn(isWanted: boolean): boolean {
  const [isOn, setOn] = useState(false);
  const lock = useRef<WakeLockSentinel | null>(null);
  useEffect(() => {
    if (!isWanted || !("wakeLock" in navigator)) return;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== "visible") return;
      try {
        lock.current = await navigator.wakeLock.request("screen");
        if (gone) await lock.current.release();
        else setOn(true);
      } catch {
        setOn(false);
      }
    };
    void hold();
    const again = () => void hold();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock.current?.release();
      lock.current = null;
    };
  }, [isWanted]);
  return isWanted && isOn;
}

/** Now to the second, while something is watched. */
export function useSecond(): string {
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date().toISOString()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
