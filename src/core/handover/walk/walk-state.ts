import { cellOf, isOf, type Cell, type Folded } from "../fold";
import type { BriefedStop, BriefingPart } from "../../briefing/part";
import type { StopValue } from "../../briefing/walk-values";
import type { WalkOrder } from "../../briefing/walk/schema";

export const stopSubject = (stop: string) => `stop:${stop}`;
export const questionSubject = (question: string) => `question:${question}`;

/** How a stop stands on the walk. */
export type StopStatus =
  | { step: "open" }
  | { step: "put-off"; why: string }
  | { step: "fork" }
  | { step: "shown"; value: Extract<StopValue, { result: "shown" }>; cell: Cell }
  | { step: "skipped"; value: Extract<StopValue, { result: "skipped" }>; cell: Cell };

export interface OpenQuestion {
  id: string;
  topic: string | null;
  words: string;
  answered: boolean;
}

/** Where a briefing walk stands, by what was recorded on any device. */
export interface WalkState {
  order: WalkOrder;
  paused: boolean;
  standing: ReadonlyMap<string, StopStatus>;
  /** shown or left out */
  behind: ReadonlySet<string>;
  putOff: ReadonlySet<string>;
  /** place of the stop that was finished last, or null before the first */
  at: string | null;
  questions: OpenQuestion[];
  /** planned minutes of what is left */
  minutesLeft: number;
}

/** The stop that was finished last: ids made on a device grow with time. */
function lastFinished(standing: ReadonlyMap<string, StopStatus>): string | null {
  let last: { stop: string; id: string } | null = null;
  for (const [stop, each] of standing) {
    if (each.step !== "shown" && each.step !== "skipped") continue;
    const id = each.cell.heads.at(-1)?.id ?? "";
    if (!last || id > last.id) last = { stop, id };
  }
  return last?.stop ?? null;
}

function stopStatus(folded: Folded, stop: BriefedStop): StopStatus {
  const cell = cellOf(folded, stopSubject(stop.id), "shown");
  if (cell?.fork) return { step: "fork" };
  const value = cell?.value;
  if (cell && value)
    return value.result === "shown" ? { step: "shown", value, cell } : { step: "skipped", value, cell };
  const off = cellOf(folded, stopSubject(stop.id), "put-off")?.value;
  return off?.off ? { step: "put-off", why: off.why } : { step: "open" };
}

/** Reckons where a walk stands. Deck first is the order most bases walk in. */
export function walkState(briefing: BriefingPart, folded: Folded): WalkState {
  const standing = new Map(briefing.stops.map((stop) => [stop.id, stopStatus(folded, stop)]));
  const which = (...steps: StopStatus["step"][]) =>
    new Set([...standing].filter(([, each]) => steps.includes(each.step)).map(([stop]) => stop));
  const behind = which("shown", "skipped");
  const last = lastFinished(standing);
  const asked = [...folded.values()].flatMap((cell) =>
    isOf(cell, "asked") && cell.value ? [{ id: cell.subject.slice("question:".length), ...cell.value }] : [],
  );
  const isAnswered = (id: string) => cellOf(folded, questionSubject(id), "answered")?.value?.answered === true;
  return {
    order: cellOf(folded, "handover", "walk-order")?.value?.order ?? "deck-first",
    paused: cellOf(folded, "handover", "walk-paused")?.value?.paused ?? false,
    standing,
    behind,
    putOff: which("put-off"),
    at: briefing.stops.find((stop) => stop.id === last)?.place ?? null,
    questions: [...briefing.questions, ...asked].map((question) => ({
      ...question,
      answered: isAnswered(question.id),
    })),
    minutesLeft: briefing.stops.reduce((sum, stop) => sum + (behind.has(stop.id) ? 0 : stop.minutes), 0),
  };
}

/** Safety stops that were neither shown nor left out by a manager. */
export function safetyStopsOpen(briefing: BriefingPart, state: Pick<WalkState, "standing">): string[] {
  return briefing.stops
    .filter((stop) => stop.safety && !["shown", "skipped"].includes(state.standing.get(stop.id)?.step ?? "open"))
    .map((stop) => stop.id);
}
