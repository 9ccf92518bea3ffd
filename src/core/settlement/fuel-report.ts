import Fraction from "fraction.js";
import { exact } from "../basics/exact";
import type { Difference } from "../comparison/compare";
import type { HandoverList } from "../handover/list";
import type { ReadingLine } from "../handover/lines";
import type { SettlementTerms } from "./schema";
import type { FuelExtra } from "./extra";

/** The hours run against the fuel that went: whether gauge and report can both be right. */
export interface FuelReport {
  /** hours of all engines that burn from her tanks */
  hours: number;
  /** by the hours run and what each burns at cruising revs */
  expectedL: number;
  /** by the receipts */
  boughtL: number;
  /** out of the tanks by their gauges, and what was bought */
  takenL: number;
  /** the two differ by more than a quarter of what the hours would burn */
  doubtful: boolean;
}

export const litresOf = (value: unknown): number | null => {
  const litres = (value as { litres?: unknown } | null | undefined)?.litres;
  return typeof litres === "number" ? litres : null;
};

/** What a tank holds when she is back: by a dated receipt and full to the cap, else by the gauge. */
export function levelBackL(line: ReadingLine, gaugeL: number, receipts: readonly FuelExtra[]): number {
  return receipts.some(({ full }) => full === line.id) ? Number(line.given.capacityL ?? gaugeL) : gaugeL;
}

/**
 * Compares what the engines would have burnt with what went out of the tanks. Null where hours or a tank were not read
 * at both ends, so that there is nothing to compare.
 *
 * @param burnLph litres an hour at cruising revs, by the line of the hours' counter
 * @param receipts fuel bought on the way
 */
export function fuelReport(
  differences: readonly Difference[],
  list: HandoverList,
  burnLph: ReadonlyMap<string, number>,
  receipts: readonly FuelExtra[],
): FuelReport | null {
  const readings = list.lines.filter((line): line is ReadingLine => line.kind === "reading");
  const byLine = new Map(differences.map((difference) => [difference.of, difference]));
  const counters = readings.filter((line) => line.reading === "engine-hours" && burnLph.has(line.id));
  const tanks = readings.filter((line) => line.reading === "fuel");
  const concerned = [...counters, ...tanks].map((line) => byLine.get(line.id));
  if (counters.length === 0 || tanks.length === 0 || concerned.some((each) => each?.kind === "not-checked-again"))
    return null;
  let hours = new Fraction(0);
  let expected = new Fraction(0);
  for (const counter of counters) {
    const run = exact(Math.max(0, byLine.get(counter.id)?.change ?? 0));
    hours = hours.add(run);
    expected = expected.add(run.mul(exact(burnLph.get(counter.id) ?? 0)));
  }
  const bought = receipts.reduce((sum, { litres }) => sum.add(exact(litres)), new Fraction(0));
  let taken = bought;
  for (const tank of tanks) {
    const difference = byLine.get(tank.id);
    const [out, back] = [litresOf(difference?.before?.value), litresOf(difference?.after?.value)];
    if (out !== null && back !== null) taken = taken.add(exact(out)).sub(exact(levelBackL(tank, back, receipts)));
  }
  const doubtful = taken.sub(expected).abs().compare(expected.div(4)) > 0;
  return {
    hours: hours.valueOf(),
    expectedL: expected.valueOf(),
    boughtL: bought.valueOf(),
    takenL: taken.valueOf(),
    doubtful,
  };
}

/** The sentence of a doubtful report, to be checked with a pencil. */
export function doubtWords({ hours, expectedL, boughtL, takenL }: FuelReport): string {
  const one = (value: number) => String(Math.round(value * 10) / 10);
  const bought = boughtL > 0 ? ` with ${one(boughtL)} l bought` : ", no receipt for any bought";
  return `${one(hours)} h would burn about ${one(expectedL)} l, ${one(takenL)} l went${bought}: the gauge or the report is doubtful`;
}

/** The terms of fuel for a yacht: no judgement is finer than the step of her gauge. */
export function toleranceByGauge(terms: SettlementTerms, list: HandoverList): SettlementTerms {
  const steps = list.lines.flatMap((line) =>
    line.kind === "reading" && line.reading === "fuel" && typeof line.given.gaugeStepL === "number"
      ? [line.given.gaugeStepL]
      : [],
  );
  return { ...terms, fuel: { ...terms.fuel, toleranceL: Math.max(terms.fuel.toleranceL, ...steps) } };
}
