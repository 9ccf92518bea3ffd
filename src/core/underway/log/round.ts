import type { Verdict } from "../../basics/verdict";
import { judge, readingRules, type Judgement, type ReadingValue } from "../../readings";
import type { YachtFile } from "../../yacht/schema";
import type { AboardReading } from "../readings";
import { looks, type LogEntry, type LookName, type Round } from "./entry";

/** Readings of the morning, in the order in which one comes by them; all else of her file is the base's. */
const kinds = ["engine-hours", "fuel", "water", "holding-tank", "state-of-charge", "battery-rest", "gas"] as const;

/** What is looked at on this boat, and what is read: no bilge of an engine that she has not, no meter that is not there. */
export function roundItems(file: YachtFile): { looks: LookName[]; readings: string[] } {
  const engines = Object.values(file.engines).filter(({ outOfUse }) => !outOfUse);
  const has = (...of: string[]) => engines.some(({ kind }) => of.includes(kind));
  const asked: Record<LookName, boolean> = {
    strainer: has("diesel"),
    seacock: has("diesel"),
    oil: has("diesel", "petrol-outboard"),
    coolant: has("diesel"),
    belt: has("diesel"),
    bilge: true,
    leaks: engines.length > 0,
    "exhaust-water": has("diesel", "petrol-outboard"),
    charging: Object.values(file.chargers).some(({ kind }) => kind === "alternator"),
  };
  const batteries = (of: string | undefined) => file.batteries[of ?? ""]?.duty === "service";
  const readings = kinds.flatMap((kind) =>
    Object.entries(file.readings)
      .filter(([, spec]) => spec.kind === kind && spec.prepOnly !== true)
      .filter(([, { of }]) => (kind !== "battery-rest" && kind !== "state-of-charge") || batteries(of))
      .sort(([, a], [, b]) => a.order - b.order)
      .map(([key]) => key),
  );
  return { looks: looks.filter((look) => asked[look]), readings };
}

/** Judges a reading of the round by the rule that the base judges by; null where the value is not whole. */
export function judgeRound(
  file: YachtFile,
  key: string,
  value: ReadingValue,
  earlier: readonly AboardReading[],
  now: string,
): Judgement | null {
  const spec = file.readings[key];
  const rule = spec && readingRules[spec.kind];
  if (!spec || !rule) return null;
  const given = rule.given({
    file,
    of: spec.of ?? "",
    with: spec.with ?? [],
    fromDay: now.slice(0, 10),
    toDay: now.slice(0, 10),
    openedAt: now,
    earlier: earlier.filter(({ reading }) => reading === key).map(({ values, at }) => ({ value: values, at })),
    hoursAt: () => null,
  });
  const limits = spec.limits ? { limits: { from: "yacht file", ...spec.limits } } : {};
  return judge({ ...limits, ...given, ...value, reading: spec.kind });
}

/** Kinds that are used up on the way: less in them than at the handover is no fault of the boat. */
const usedUp = new Set<string>(["fuel", "water", "gas", "holding-tank"]);

/** The verdict on a reading under way: what is used up is judged by what cannot be alone, and a full holding tank. */
export function roundVerdict(file: YachtFile, key: string, judgement: Judgement): Verdict {
  const kind = file.readings[key]?.kind ?? "";
  if (!usedUp.has(kind) || judgement.askAgain || judgement.verdict === "stop") return judgement.verdict;
  return "fine";
}

/** The newest round of a log by its own time; null where there is none. */
export const lastRound = (log: readonly LogEntry[]): Round | null =>
  log
    .filter((entry): entry is Round => entry.kind === "round")
    .reduce<Round | null>((last, entry) => (last && Date.parse(last.at) >= Date.parse(entry.at) ? last : entry), null);
