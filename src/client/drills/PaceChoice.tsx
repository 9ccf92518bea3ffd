"use client";
import type { Translator } from "@/messages/translator";
import { Button } from "@/ui/Button";
import type { Pace, Paced } from "./paced";

const next: Readonly<Record<Pace, Pace>> = { usual: "paused", slow: "paused", paused: "usual" };

/** Pause and slow. */
export const PaceChoice = ({ run, t }: { run: Paced; t: Translator }) => (
  <>
    <Button onClick={() => run.setPace(next[run.pace])}>
      {t(run.pace === "paused" ? "drill.go-on" : "drill.pause")}
    </Button>
    <Button aria-pressed={run.pace === "slow"} onClick={() => run.setPace(run.pace === "slow" ? "usual" : "slow")}>
      {t(run.pace === "slow" ? "drill.usual-pace" : "drill.slow")}
    </Button>
  </>
);
