import { Type, type Static } from "@sinclair/typebox";
import { monthsBetween } from "../basics/instant";
import type { Difference } from "../comparison/compare";
import type { HandoverList } from "../handover/list";
import type { CountLine, Line, ReadingLine } from "../handover/lines";
import type { FuelExtra } from "./extra";
import { doubtWords, fuelReport, levelBackL, litresOf, type FuelReport } from "./fuel-report";
import { Cause, type SettlementLine, type SettlementTerms } from "./schema";

/** What a person decides about a difference; what is not decided stays as proposed. */
export const Decision = Type.Object(
  {
    charge: Type.Boolean(),
    cause: Type.Optional(Cause),
    remedy: Type.Optional(Type.Union([Type.Literal("repair"), Type.Literal("replace")])),
    estimateMinor: Type.Optional(Type.Integer({ minimum: 0, maximum: 1e9 })),
    /** where the price is not fixed yet: the estimate is the upper end, this the lower */
    estimateLowMinor: Type.Optional(Type.Integer({ minimum: 0, maximum: 1e9 })),
    /** of a part that is replaced: how old it is, and how long one lives */
    ageMonths: Type.Optional(Type.Integer({ minimum: 0, maximum: 1200 })),
    lifeMonths: Type.Optional(Type.Integer({ minimum: 1, maximum: 1200 })),
    /** the line of the price list that the estimate comes from */
    priced: Type.Optional(Type.String({ minLength: 1, maxLength: 200 })),
    /** a manager's decision with a reason, never computed: no cap covers the line */
    grossNegligence: Type.Optional(Type.Literal(true)),
    /** the hours run do not fit the fuel taken, and somebody has looked at it and believes the gauge */
    gaugeBelieved: Type.Optional(Type.Literal(true)),
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

/** What is known of fuel beside the two records. */
export interface FuelFacts {
  rule: SettlementTerms["fuel"]["rule"];
  /** litres an hour at cruising revs, by the line of the hours' counter; generators too */
  burnLph: ReadonlyMap<string, number>;
  receipts: readonly FuelExtra[];
}

/** Nothing known beside the gauges: the hours cannot be compared with what was taken. */
export const onlyGauges: FuelFacts = { rule: "by-level", burnLph: new Map(), receipts: [] };

/** Life of a part that has no price of its own, for replacing it: ten years. Our own assumption, until parts have prices. */
const partLifeMonths = 120;

/**
 * What each difference may cost, with the people's decisions laid over it. A fresh finding starts as `unclear`, never
 * as the charterer's.
 *
 * @param decisions the standing decision by the difference's id
 */
export function propose(
  differences: readonly Difference[],
  list: HandoverList,
  decisions: ReadonlyMap<string, Decision>,
  fuel: FuelFacts = onlyGauges,
): Proposal[] {
  const lines = new Map(list.lines.map((line) => [line.id, line]));
  const report = fuelReport(differences, list, fuel.burnLph, fuel.receipts);
  return differences.map((difference) => {
    const line = isReading(lines.get(difference.of))
      ? fuelLine(difference, list, lines.get(difference.of) as ReadingLine, fuel, report)
      : lineOf(difference, lines.get(difference.of), list.stay.toDay);
    const ours =
      difference.startsAs.as === "base" && line && "cause" in line ? { ...line, cause: "base" as const } : line;
    return decide(difference, ours, decisions.get(difference.id));
  });
}

const isReading = (line: Line | undefined): line is ReadingLine => line?.kind === "reading";

/** What fuel costs: by level at each tank, by engine hours at each engine's counter. */
function fuelLine(
  difference: Difference,
  list: HandoverList,
  line: ReadingLine,
  { rule, receipts }: FuelFacts,
  report: FuelReport | null,
): SettlementLine | null {
  const { id } = difference;
  const engineHours = Math.max(0, difference.change ?? 0);
  if (rule === "per-engine-hour") {
    const tank = list.lines.find((each): each is ReadingLine => isReading(each) && each.reading === "fuel");
    if (line.reading !== "engine-hours" || engineHours === 0 || !tank) return null;
    return { id, kind: "fuel", capacityL: Number(tank.given.capacityL), outL: 0, inL: 0, engineHours, disputed: false };
  }
  const outL = litresOf(difference.before?.value);
  const gaugeL = litresOf(difference.after?.value);
  if (line.reading !== "fuel" || outL === null || gaugeL === null) return null;
  const inL = levelBackL(line, gaugeL, receipts);
  if (inL >= outL) return null;
  const doubt = report?.doubtful ? { disputed: true, doubt: doubtWords(report) } : { disputed: false };
  return {
    id,
    kind: "fuel",
    capacityL: Number(line.given.capacityL),
    outL,
    inL,
    engineHours: report?.hours ?? 0,
    ...doubt,
  };
}

function lineOf(difference: Difference, line: Line | undefined, day: string): SettlementLine | null {
  const id = difference.id;
  switch (difference.kind) {
    case "missing":
    case "consumed": {
      const item = line as CountLine;
      const ageMonths = monthsBetween(item.boughtOn, day);
      return {
        id,
        kind: "missing",
        group: item.group,
        count: -(difference.change ?? 0),
        replacementMinor: item.replacementMinor,
        ageMonths,
        lifeMonths: item.lifeMonths,
        cause: difference.kind === "consumed" ? "wear" : "unclear",
        disputed: false,
      };
    }
    case "new-mark":
    case "mark-worse":
    case "look-worse":
    case "test-failing":
      return {
        id,
        kind: "damage",
        group: difference.group,
        remedy: "repair",
        estimateMinor: 0,
        ageMonths: 0,
        lifeMonths: partLifeMonths,
        sharePercent: 100,
        cause: "unclear",
        disputed: false,
      };
    default:
      return null;
  }
}

function decide(difference: Difference, line: SettlementLine | null, decision: Decision | undefined): Proposal {
  if (!line) return { difference, line: null, decided: true, needs: null };
  if (decision && !decision.charge) return { difference, line: null, decided: true, needs: null };
  let chosen: SettlementLine = { ...line };
  if (decision) {
    // a doubtful gauge stays disputed until somebody says that it is believed
    if (chosen.kind === "fuel" && decision.gaugeBelieved) {
      const { doubt: _settled, ...believed } = chosen;
      chosen = { ...believed, disputed: false };
    }
    if (decision.disputed !== undefined)
      chosen.disputed = decision.disputed || (chosen.kind === "fuel" && chosen.doubt !== undefined);
    if (decision.goodwillMinor !== undefined && decision.goodwillMinor > 0)
      chosen.goodwillMinor = decision.goodwillMinor;
    if ("cause" in chosen && decision.cause !== undefined) chosen.cause = decision.cause;
    if ("cause" in chosen && decision.grossNegligence) chosen.grossNegligence = true;
    if (chosen.kind === "damage") {
      chosen.remedy = decision.remedy ?? chosen.remedy;
      chosen.estimateMinor = decision.estimateMinor ?? chosen.estimateMinor;
      chosen.sharePercent = decision.sharePercent ?? chosen.sharePercent;
      chosen.ageMonths = decision.ageMonths ?? chosen.ageMonths;
      chosen.lifeMonths = decision.lifeMonths ?? chosen.lifeMonths;
      if (decision.estimateLowMinor !== undefined) chosen.estimateLowMinor = decision.estimateLowMinor;
    }
  }
  const decided =
    decision !== undefined ||
    chosen.kind === "fuel" ||
    difference.kind === "consumed" ||
    difference.startsAs.as === "base";
  const chargesSomebody = "cause" in chosen && (chosen.cause === "charterer" || chosen.cause === "unclear");
  const needs = !decided
    ? "cause"
    : chosen.kind === "damage" && chargesSomebody && chosen.estimateMinor === 0
      ? "estimate"
      : null;
  return { difference, line: chosen, decided, needs };
}
