import Fraction from "fraction.js";
import { exact, roundHalfUp } from "../basics/exact";
import type { SettlementLine, SettlementTerms } from "./schema";

/** What a line comes to before any cap, and how, in words that can be checked with a pencil. */
export interface Amount {
  amountMinor: number;
  how: string;
}

/** How amounts are written in a `how` sentence. */
export type Writes = (minor: number) => string;

const percent = (fraction: Fraction) => `${fraction.mul(100).round(1).toString()} %`;

/** The part of the price that is left after so many months of a life, never below the floor. */
export function ageing(ageMonths: number, lifeMonths: number, floorPercent: number): Fraction {
  const left = new Fraction(1).sub(new Fraction(ageMonths, lifeMonths));
  const floor = exact(floorPercent).div(100);
  return left.compare(floor) > 0 ? left : floor;
}

function ageWords(ageMonths: number, lifeMonths: number, left: Fraction): string {
  return ageMonths === 0 ? "new" : `${ageMonths} of ${lifeMonths} months old, so ${percent(left)}`;
}

/**
 * The amount of one line in whole minor units, exact until it is rounded once, halves up.
 * Lines caused by wear or by the base come to nothing.
 */
export function amountOf(line: SettlementLine, terms: SettlementTerms, writes: Writes): Amount {
  switch (line.kind) {
    case "missing": {
      if (line.cause === "wear" || line.cause === "base") return { amountMinor: 0, how: notTheirs(line.cause) };
      const left = ageing(line.ageMonths, line.lifeMonths, terms.ageingFloorPercent);
      const amountMinor = roundHalfUp(left.mul(line.count).mul(line.replacementMinor));
      return {
        amountMinor,
        how: `${line.count} × ${writes(line.replacementMinor)}, ${ageWords(line.ageMonths, line.lifeMonths, left)} = ${writes(amountMinor)}`,
      };
    }
    case "damage": {
      if (line.cause === "wear" || line.cause === "base") return { amountMinor: 0, how: notTheirs(line.cause) };
      const share = exact(line.sharePercent).div(100);
      const left =
        line.remedy === "replace" ? ageing(line.ageMonths, line.lifeMonths, terms.ageingFloorPercent) : new Fraction(1);
      const amountMinor = roundHalfUp(left.mul(share).mul(line.estimateMinor));
      const steps = [
        `${line.remedy === "repair" ? "repair" : "replacement"} ${isRange(line) ? `${writes(line.estimateLowMinor)} to ` : ""}${writes(line.estimateMinor)}`,
        ...(line.remedy === "replace" ? [ageWords(line.ageMonths, line.lifeMonths, left)] : []),
        ...(line.sharePercent === 100 ? [] : [`share ${line.sharePercent} %`]),
      ];
      return { amountMinor, how: `${steps.join(", ")} = ${writes(amountMinor)}` };
    }
    case "fuel":
      return fuelAmount(line, terms.fuel, writes);
    case "service":
      return {
        amountMinor: line.amountMinor,
        how:
          line.reckoned === undefined
            ? `agreed ${writes(line.amountMinor)}`
            : `${line.reckoned} = ${writes(line.amountMinor)}`,
      };
  }
}

/** Whether a line's price is not fixed yet. */
export function isRange(line: SettlementLine): line is SettlementLine & { kind: "damage"; estimateLowMinor: number } {
  return line.kind === "damage" && line.estimateLowMinor !== undefined && line.estimateLowMinor < line.estimateMinor;
}

const notTheirs = (cause: "wear" | "base") => (cause === "wear" ? "wear, not charged" : "the base bears it");

function fuelAmount(line: SettlementLine & { kind: "fuel" }, terms: SettlementTerms["fuel"], writes: Writes): Amount {
  if (terms.rule === "per-engine-hour") {
    const amountMinor = roundHalfUp(exact(line.engineHours).mul(terms.perHourMinor));
    return {
      amountMinor,
      how: `${line.engineHours} engine hours × ${writes(terms.perHourMinor)} = ${writes(amountMinor)}`,
    };
  }
  const short = exact(line.outL).sub(exact(line.inL));
  const litres = short.toString();
  if (short.compare(exact(terms.toleranceL)) <= 0) {
    const how =
      short.compare(0) <= 0
        ? `out with ${line.outL} l, back with ${line.inL} l: nothing short`
        : `${litres} l short, within ${terms.toleranceL} l: nothing`;
    return { amountMinor: 0, how };
  }
  const amountMinor = roundHalfUp(short.mul(terms.pricePerLitreMinor).add(terms.serviceFeeMinor));
  const fee = terms.serviceFeeMinor === 0 ? "" : ` + ${writes(terms.serviceFeeMinor)} for filling`;
  return { amountMinor, how: `${litres} l short × ${writes(terms.pricePerLitreMinor)}${fee} = ${writes(amountMinor)}` };
}
