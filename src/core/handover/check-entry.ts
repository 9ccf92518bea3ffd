import type { TSchema } from "@sinclair/typebox";
import { isInstant } from "../basics/instant";
import { valueSchema } from "./aspects";
import type { Entry } from "./entry";
import { isLettingGo, mayBeLetGo } from "./gate/let-go";
import { lineSubject, type HandoverList } from "./list";
import { mayBeCountedTogether } from "./together";

/** Why an entry cannot be kept. */
export type EntryProblem =
  | { code: "other-handover" }
  | { code: "impossible-time"; time: string }
  | { code: "no-such-line"; line: string }
  | { code: "no-such-place"; place: string }
  | { code: "no-such-stop"; stop: string }
  | { code: "safety-not-skipped"; stop: string }
  | { code: "never-let-go" }
  | { code: "manager-only" }
  | { code: "not-together" }
  | { code: "aspect-does-not-fit"; aspect: string }
  | { code: "bad-value"; detail: string };

/** Checks a value against a schema; null when it passes, else where and what is wrong. */
export type ValueCheck = (schema: TSchema, value: unknown) => string | null;

/**
 * Whether an entry belongs to a list: its line is there, its aspect suits the line, its value is of the aspect's form.
 *
 * @param check the schema check, handed in so that the core needs no validator of its own
 */
export function checkEntry(list: HandoverList, entry: Entry, check: ValueCheck): EntryProblem | null {
  if (entry.handover !== list.handover) return { code: "other-handover" };
  const time = [entry.at, entry.paperAt].find((each) => each !== undefined && !isInstant(each));
  if (time !== undefined) return { code: "impossible-time", time };
  let kind: Parameters<typeof valueSchema>[0];
  let reading = "";
  if (entry.subject.startsWith("line:")) {
    const id = entry.subject.slice("line:".length);
    const line = list.lines.find((candidate) => candidate.id === id);
    if (!line) return { code: "no-such-line", line: id };
    kind =
      line.kind === "mark" ? "mark-line" : line.kind === "test" && line.when === "shown" ? "shown-test" : line.kind;
    if (line.kind === "reading") reading = line.reading;
  } else {
    kind = entry.subject.split(":")[0] as "handover" | "mark" | "found" | "stop" | "question";
  }
  const stopId = kind === "stop" ? entry.subject.slice("stop:".length) : null;
  const stop = list.briefing?.stops.find((each) => each.id === stopId);
  if (stopId !== null && !stop) return { code: "no-such-stop", stop: stopId };
  const schema = valueSchema(kind, entry.aspect, reading);
  if (!schema) return { code: "aspect-does-not-fit", aspect: entry.aspect };
  const detail = check(schema, entry.value);
  if (detail !== null) return { code: "bad-value", detail };
  if (stop && isSkippedSafety(list, entry) && !(entry.value as { manager: boolean; words: string }).manager)
    return { code: "safety-not-skipped", stop: stop.id };
  if (isLettingGo(entry) && !mayBeLetGo(list, entry)) return { code: "never-let-go" };
  if (
    (entry.value as { together?: true }).together &&
    !list.lines.some((line) => lineSubject(line.id) === entry.subject && mayBeCountedTogether(line, list))
  )
    return { code: "not-together" };
  const place = (entry.value as { place?: string | null }).place;
  if (place !== undefined && place !== null && !list.places.some((candidate) => candidate.id === place))
    return { code: "no-such-place", place };
  return null;
}

/** Whether a manager alone may record an entry: leaving a safety stop out, and letting her go in spite of a reason. */
export function isForManager(list: HandoverList, entry: Entry): boolean {
  return isSkippedSafety(list, entry) || isLettingGo(entry);
}

/** Whether an entry leaves a safety stop out: a manager alone may do that, and the base looks up who is one. */
function isSkippedSafety({ briefing }: HandoverList, { subject, aspect, value }: Entry): boolean {
  if (aspect !== "shown" || (value as { result?: string } | null)?.result !== "skipped") return false;
  return briefing?.stops.some((stop) => subject === `stop:${stop.id}` && stop.safety) ?? false;
}
