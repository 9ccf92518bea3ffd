import type { TSchema } from "@sinclair/typebox";
import { isInstant } from "../basics/instant";
import { lineValueSchema, otherValueSchema, type OtherSubject } from "./aspects";
import type { Entry } from "./entry";
import { isOverride, mayBeOverridden } from "./override";
import type { HandoverList } from "./list";
import { mayBeCountedTogether } from "./together";

/** Why an entry cannot be kept. */
export type EntryError =
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
export function checkEntry(list: HandoverList, entry: Entry, check: ValueCheck): EntryError | null {
  if (entry.handover !== list.handover) return { code: "other-handover" };
  const time = [entry.at, entry.paperAt].find((each) => each !== undefined && !isInstant(each));
  if (time !== undefined) return { code: "impossible-time", time };
  const [of = "", ...rest] = entry.subject.split(":");
  const id = rest.join(":");
  const line = of === "line" ? list.lines.find((candidate) => candidate.id === id) : undefined;
  if (of === "line" && !line) return { code: "no-such-line", line: id };
  const stop = of === "stop" ? list.briefing?.stops.find((each) => each.id === id) : undefined;
  if (of === "stop" && !stop) return { code: "no-such-stop", stop: id };
  const schema = line ? lineValueSchema(line, entry.aspect) : otherValueSchema(of as OtherSubject, entry.aspect);
  if (!schema) return { code: "aspect-does-not-fit", aspect: entry.aspect };
  const detail = check(schema, entry.value);
  if (detail !== null) return { code: "bad-value", detail };
  // the value has the form of its aspect from here on
  const value = entry.value as { manager?: boolean; together?: true; place?: string | null };
  if (stop && isSkippedSafety(list, entry) && !value.manager) return { code: "safety-not-skipped", stop: stop.id };
  if (isOverride(entry) && !mayBeOverridden(list, entry)) return { code: "never-let-go" };
  if (value.together && !(line && mayBeCountedTogether(line, list))) return { code: "not-together" };
  const { place } = value;
  if (place !== undefined && place !== null && !list.places.some((candidate) => candidate.id === place))
    return { code: "no-such-place", place };
  return null;
}

/** Whether a manager alone may record an entry: leaving a safety stop out, and letting her go in spite of a reason. */
export function isForManager(list: HandoverList, entry: Entry): boolean {
  return isSkippedSafety(list, entry) || isOverride(entry);
}

/** Whether an entry leaves a safety stop out: a manager alone may do that, and the base looks up who is one. */
function isSkippedSafety({ briefing }: HandoverList, { subject, aspect, value }: Entry): boolean {
  if (aspect !== "shown" || (value as { result?: string } | null)?.result !== "skipped") return false;
  return briefing?.stops.some((stop) => subject === `stop:${stop.id}` && stop.safety) ?? false;
}
