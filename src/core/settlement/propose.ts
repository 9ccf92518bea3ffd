import { Type, type Static } from "@sinclair/typebox";
import { monthsBetween } from "../basics/instant";
import type { Difference } from "../comparison/compare";
import type { CountLine, HandoverList, Line, ReadingLine } from "../handover/list";
import { Cause, type SettlementLine } from "./schema";

/** What a person decides about a difference; what is not decided stays as proposed. */
export const Decision = Type.Object(
  {
    charge: Type.Boolean(),
    cause: Type.Optional(Cause),
    remedy: Type.Optional(Type.Union([Type.Literal("repair"), Type.Literal("replace")])),
    estimateMinor: Type.Optional(Type.Integer({ minimum: 0, maximum: 1e9 })),
    sharePercent: Type.Optional(Type.Integer({ minimum: 0, maximum: 100 })),
    disputed: Type.Optional(Type.Boolean()),
    goodwillMinor: Type.Optional(Type.Integer({ minimum: 0, maximum: 1e9 })),
  },
  { additionalProperties: false },
);
export type Decision = Static<typeof Decision>;

/** A difference with what it may cost. */
export interface Proposal {
  difference: Difference;
  /** null when it costs nothing: found again, mended, working again */
  line: SettlementLine | null;
  decided: boolean;
  /** what is still missing before both can sign */
  needs: "cause" | "estimate" | null;
}

/** Life of a part that has no price of its own, for replacing it: ten years. Our own assumption, until parts have prices. */
const partLifeMonths = 120;

/**
 * What each difference may cost, with the people's decisions laid over it. A fresh finding starts as `unclear`, never
 * as the charterer's.
 *
 * @param decisions the standing decision by the difference's id
 */
export function propose(differences: readonly Difference[], list: HandoverList, decisions: ReadonlyMap<string, Decision>): Proposal[] {
  const lines = new Map(list.lines.map((line) => [line.id, line]));
  const hours = differences.find((difference) => difference.kind === "reading-changed" && isReading(lines.get(difference.of), "engine-hours"))?.change ?? 0;
  return differences.map((difference) => {
    const line = lineOf(difference, lines.get(difference.of), list.stay.toDay, Math.max(0, hours));
    const ours = difference.startsAs.as === "base" && line && "cause" in line ? { ...line, cause: "base" as const } : line;
    return decide(difference, ours, decisions.get(difference.id));
  });
}

const isReading = (line: Line | undefined, kind: string): line is ReadingLine => line?.kind === "reading" && line.reading === kind;

function lineOf(difference: Difference, line: Line | undefined, day: string, engineHours: number): SettlementLine | null {
  const id = difference.id;
  switch (difference.kind) {
    case "missing":
    case "consumed": {
      const item = line as CountLine;
      const ageMonths = monthsBetween(item.boughtOn, day);
      return { id, kind: "missing", group: item.group, count: -(difference.change ?? 0), replacementMinor: item.replacementMinor, ageMonths, lifeMonths: item.lifeMonths, cause: difference.kind === "consumed" ? "wear" : "unclear", disputed: false };
    }
    case "new-mark":
    case "mark-worse":
    case "look-worse":
    case "test-failing":
      return { id, kind: "damage", group: difference.group, remedy: "repair", estimateMinor: 0, ageMonths: 0, lifeMonths: partLifeMonths, sharePercent: 100, cause: "unclear", disputed: false };
    case "reading-changed": {
      if (!isReading(line, "fuel")) return null;
      const litres = (value: unknown) => (value as { litres: number }).litres;
      const outL = litres(difference.before?.value);
      const inL = litres(difference.after?.value);
      return inL >= outL ? null : { id, kind: "fuel", capacityL: line.given.capacityL as number, outL, inL, engineHours, disputed: false };
    }
    default:
      return null;
  }
}

function decide(difference: Difference, line: SettlementLine | null, decision: Decision | undefined): Proposal {
  if (!line) return { difference, line: null, decided: true, needs: null };
  if (decision && !decision.charge) return { difference, line: null, decided: true, needs: null };
  const chosen: SettlementLine = { ...line };
  if (decision) {
    if (decision.disputed !== undefined) chosen.disputed = decision.disputed;
    if (decision.goodwillMinor !== undefined && decision.goodwillMinor > 0) chosen.goodwillMinor = decision.goodwillMinor;
    if ("cause" in chosen && decision.cause !== undefined) chosen.cause = decision.cause;
    if (chosen.kind === "damage") {
      chosen.remedy = decision.remedy ?? chosen.remedy;
      chosen.estimateMinor = decision.estimateMinor ?? chosen.estimateMinor;
      chosen.sharePercent = decision.sharePercent ?? chosen.sharePercent;
    }
  }
  const decided = decision !== undefined || chosen.kind === "fuel" || difference.kind === "consumed" || difference.startsAs.as === "base";
  const chargesSomebody = "cause" in chosen && (chosen.cause === "charterer" || chosen.cause === "unclear");
  const needs = !decided ? "cause" : chosen.kind === "damage" && chargesSomebody && chosen.estimateMinor === 0 ? "estimate" : null;
  return { difference, line: chosen, decided, needs };
}
