import { useCallback, useEffect, useRef } from "react";

/** Longer than this at one stop, and somebody has laid the tablet down. */
const mostSeconds = 3600;

/** Seconds spent at a stop since it came on the screen, pauses left out. */
export function useTimeAtStop(stop: string | null, isPaused: boolean): () => number {
  const clock = useRef({ spentMs: 0, since: null as number | null });
  useEffect(() => {
    clock.current = { spentMs: 0, since: null };
  }, [stop]);
  useEffect(() => {
    const { current } = clock;
    if (isPaused) return;
    current.since = Date.now();
    return () => {
      current.spentMs += Date.now() - (current.since ?? Date.now());
      current.since = null;
    };
  }, [stop, isPaused]);
  return useCallback(() => {
    const { spentMs, since } = clock.current;
    return Math.min(mostSeconds, Math.round((spentMs + (since === null ? 0 : Date.now() - since)) / 1000));
  }, []);
}
