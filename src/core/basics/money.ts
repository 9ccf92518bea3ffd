import { usualLanguage } from "./languages";
import Fraction from "fraction.js";

/**
 * An amount of whole minor units as people read it.
 *
 * @param minor whole minor units (cents)
 * @param currency ISO 4217 code; the number of decimals follows it
 * @example formatMoney(129900, "EUR") // "€1,299.00"
 */
export function formatMoney(minor: number, currency: string, language: string = usualLanguage): string {
  const format = new Intl.NumberFormat(language, { style: "currency", currency });
  return format.format(minor / 10 ** minorDigits(currency));
}

/** Whether there is such a currency, by its ISO 4217 code. */
export const isCurrency = (code: string): boolean => Intl.supportedValuesOf("currency").includes(code);

/** Decimals of a currency: 2 for EUR. */
export function minorDigits(currency: string): number {
  return new Intl.NumberFormat("en", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2;
}

/**
 * Reads an amount as typed by a person ("1299", "1299.50", "1 299,50") into whole minor units.
 * Returns null when it is not an amount, is negative, or has more decimals than the currency.
 *
 * @example parseMoney("12,5", "EUR") // 1250
 */
export function parseMoney(text: string, currency: string): number | null {
  const plain = text.replaceAll(/[\s\u00a0]/g, "").replace(",", ".");
  const digits = minorDigits(currency);
  // the yen has no smaller unit
  const fraction = digits === 0 ? "" : `(\\.\\d{1,${digits}})?`;
  if (!new RegExp(`^\\d{1,9}${fraction}$`).test(plain)) return null;
  return Number(new Fraction(plain).mul(10 ** digits).toString());
}
