import { useEffect } from "react";
import type { SentFault } from "@/api/schemas/drills";
import type { DrillRun } from "./drill-run";
import { workedDrill, type TellDrill } from "./told-drill";

/** How often the base is told, ms: seldom, until somebody looks on. */
const seldomMs = 8000;
const watchedMs = 1500;

interface Told {
  drill: string;
  task: string;
  run: DrillRun;
  tell: TellDrill | undefined;
  /** which device it is, as long as its drill is open */
  panel: string;
  /** the fault that was taken last, by its number */
  took: number;
  onSent: (sent: SentFault) => void;
}

/** Tells the base how a drill stands for as long as it is open; without signal it goes on by itself. */
export function useToldDrill({ drill, task, run, tell, panel, took, onSent }: Told): void {
  useEffect(() => {
    if (!tell) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isLeft = false;
    const goOn = async () => {
      const answer = await tell(panel, workedDrill(drill, task, run, took)).catch(() => null);
      if (isLeft) return;
      if (answer?.sent && answer.sent.number > took) onSent(answer.sent);
      timer = setTimeout(() => void goOn(), answer?.isWatched ? watchedMs : seldomMs);
    };
    void goOn();
    return () => {
      isLeft = true;
      clearTimeout(timer);
    };
  }, [panel, drill, task, run, tell, took, onSent]);
}
