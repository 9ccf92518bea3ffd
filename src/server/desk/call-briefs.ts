import "server-only";
import type { CallBrief } from "@/api/schemas/desk";
import { wallClock } from "@/core/basics/wall-clock";
import { byUrgency, callOf, type CallAnswer } from "@/core/faults/call";
import { earlierAnswers, type GivenAnswer } from "@/core/faults/earlier";
import { faultsOf } from "@/core/faults/fault";
import type { KnownFault } from "@/core/faults/known";
import { troublesOf } from "@/core/faults/trouble";
import { isOfTrouble, type LogEntry } from "@/core/underway/log/entry";
import type { YachtFile } from "@/core/yacht/schema";
import { englishTranslator } from "@/messages/translator";
import { faultTitle, troubleLines } from "@/messages/trouble-words";

/** What the calls of one boat are told from. */
export interface CallFacts {
  reference: string;
  file: YachtFile | undefined;
  log: readonly LogEntry[];
  /** when each call reached the base, by the id of its entry */
  received: ReadonlyMap<string, string>;
  answers: readonly CallAnswer[];
  known: readonly KnownFault[];
  /** what the base answered on any of its yachts, by kind of fault */
  given: ReadonlyMap<string, readonly GivenAnswer[]>;
}

/** What a boat called about, in words, urgent first; a fault that her file no longer has is told by its key. */
export function callBriefs(
  { reference, file, log, received, answers, known, given }: CallFacts,
  timeZone: string,
  now: string,
): CallBrief[] {
  const troubles = troublesOf(log.filter(isOfTrouble)).filter(({ calls }) => calls.length > 0);
  if (troubles.length === 0) return [];
  const t = englishTranslator();
  const faults = file ? faultsOf(file) : [];
  const clock = (at: string) => wallClock(at, timeZone).time;
  return troubles
    .flatMap((trouble): CallBrief[] => {
      const of = callOf(trouble, received, answers);
      if (!of) return [];
      const fault = faults.find(({ key }) => key === trouble.fault);
      const { urgency, persons, words, saidAt } = of.call;
      return [
        {
          ...{ reference, trouble: trouble.id, urgency, persons, words, saidAt },
          title: fault ? faultTitle(t, fault) : trouble.fault,
          lines: file && fault ? troubleLines(t, file, fault, trouble, clock) : [],
          receivedAt: of.receivedAt,
          waitsMin: Math.max(0, Math.floor((Date.parse(now) - Date.parse(of.receivedAt)) / 60_000)),
          earlier: fault ? earlierAnswers(fault, trouble, given.get(fault.kind) ?? []) : [],
          answers: of.answers.map(({ at, words: answer }) => ({ at, words: answer })),
          isOpen: of.isOpen,
          ordered: known.find(({ fault: ordered }) => ordered === trouble.fault) ?? null,
          outcome: trouble.end?.outcome ?? null,
        },
      ];
    })
    .toSorted(byUrgency);
}
