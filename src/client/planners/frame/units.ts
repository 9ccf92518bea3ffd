import { useCallback, useSyncExternalStore } from "react";
import { useFormatter, useTranslations } from "next-intl";
import { fromUnit, inUnit, usualUnits, type ShownUnit, type UnitChoice } from "@/core/basics/units";
import type { Unit } from "@/core/underway/known";

const key = "brinecove-units";
const changed = "brinecove-units-changed";

function isChoice(each: unknown): each is UnitChoice {
  return typeof each === "object" && each !== null && "length" in each && "wind" in each && "volume" in each;
}

let [text, choice]: [string | null, UnitChoice] = [null, usualUnits];
/** What was chosen on this device; the same value as long as nothing was chosen anew. */
function unitsNow(): UnitChoice {
  const kept = localStorage.getItem(key);
  if (kept === text) return choice;
  text = kept;
  try {
    const read: unknown = JSON.parse(kept ?? "null");
    choice = isChoice(read) ? read : usualUnits;
  } catch {
    choice = usualUnits;
  }
  return choice;
}

function onChange(listener: () => void): () => void {
  window.addEventListener(changed, listener);
  return () => window.removeEventListener(changed, listener);
}

/** In which units this person sees figures, and how to choose others. */
export function useUnits(): { units: UnitChoice; choose: (next: UnitChoice) => void } {
  const units = useSyncExternalStore(onChange, unitsNow, () => usualUnits);
  const choose = useCallback((next: UnitChoice) => {
    localStorage.setItem(key, JSON.stringify(next));
    window.dispatchEvent(new Event(changed));
  }, []);
  return { units, choose };
}

/** How a figure in one of our units is shown and typed. */
export interface Shown {
  /** with its unit */
  words: (value: number, digits?: number) => string;
  to: (value: number) => number;
  from: (shown: number) => number;
  /** as many digits as its step asks for */
  digits: (step: number) => number;
}

/** How figures are shown in the units that this person chose. */
export function useShown(): (unit: Unit) => Shown {
  const { units } = useUnits();
  const format = useFormatter();
  const t = useTranslations("unit");
  return (unit) => {
    const own: ShownUnit | null =
      unit === "m" ? units.length : unit === "kn" ? units.wind : unit === "l" ? units.volume : null;
    const to = (value: number) => (own ? inUnit(value, own) : value);
    return {
      to,
      from: (shown) => (own ? fromUnit(shown, own) : shown),
      digits: (step) =>
        own && own !== "m" && own !== "kn" && own !== "l" ? (unit === "kn" ? 1 : 0) : step < 0.1 ? 2 : step < 1 ? 1 : 0,
      words: (value, digits = 0) =>
        t(keyOfUnit[own ?? unit], {
          value: format.number(to(value), { maximumFractionDigits: digits, minimumFractionDigits: digits }),
        }),
    };
  };
}

/** Keys of the catalogue: a stroke would be taken for a level of it. */
const keyOfUnit = {
  m: "m",
  ft: "ft",
  kn: "kn",
  "m/s": "ms",
  l: "l",
  gal: "gal",
  percent: "percent",
  deg: "deg",
  nm: "nm",
  people: "people",
  h: "h",
  "l/d": "lpd",
  A: "amps",
  m2: "m2",
  "kg/m": "kgpm",
  days: "days",
  kg: "kg",
  "g/h": "gph",
  min: "min",
} as const satisfies Record<Unit | ShownUnit, string>;
