"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { Button } from "@/ui/Button";

/** A short tone and a buzz, where the device can. */
function signal(): void {
  navigator.vibrate?.([200, 100, 200]);
  try {
    const sound = new AudioContext();
    const tone = sound.createOscillator();
    tone.connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.4);
    tone.onended = () => void sound.close();
  } catch {
    // a device without sound has its screen
  }
}

/** Counts seconds that matter: how long stop is held, how long a breaker waits. Started with a tap, and again with another. */
export function StepTimer({ seconds, kind }: { seconds: number; kind: "hold" | "wait" }) {
  const t = useTranslations("walk");
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const [left, setLeft] = useState<number | null>(null);
  useEffect(() => {
    if (endsAt === null) return;
    const tick = setInterval(() => {
      const rest = Math.ceil((endsAt - Date.now()) / 1000);
      setLeft(Math.max(0, rest));
      if (rest > 0) return;
      clearInterval(tick);
      signal();
    }, 200);
    return () => clearInterval(tick);
  }, [endsAt]);
  const start = () => {
    setLeft(seconds);
    setEndsAt(Date.now() + seconds * 1000);
  };
  return (
    <Button onClick={start} aria-live="polite">
      {left === null ? t(`timer-${kind}`, { seconds }) : left > 0 ? t("timer-running", { left }) : t("timer-over")}
    </Button>
  );
}
