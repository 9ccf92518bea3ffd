import { minorDigits, parseMoney } from "@/core/basics/money";
import type { PriceItem, PriceList } from "@/core/settlement/prices";

/** A line of the price list as it is typed. */
export interface PriceRow extends Pick<PriceItem, "id" | "words" | "category" | "remedy"> {
  material: string;
  minutes: string;
  life: string;
}

/** The price list as it is typed. */
export interface PriceDraft {
  rows: PriceRow[];
  labour: string;
  free: string;
  late: string;
}

/** What is wrong in the list: by which message, and in which line. */
export interface WrongPrice {
  say: "words-missing" | "material-wrong" | "minutes-wrong" | "life-wrong" | "terms-wrong";
  words: string;
}

const shown = (minor: number, currency: string) => (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency));

/** A whole number of up to five digits; null for anything else. */
export const whole = (text: string): number | null => (/^\d{1,5}$/.test(text.trim()) ? Number(text) : null);

/** The list as it stands in its fields. */
export const typedPrices = (prices: PriceList, currency: string): PriceDraft => ({
  rows: prices.items.map(({ id, words, category, remedy, materialMinor, labourMinutes, lifeMonths }) => ({
    id,
    words,
    category,
    remedy,
    material: shown(materialMinor, currency),
    minutes: String(labourMinutes),
    life: lifeMonths === null ? "" : String(lifeMonths),
  })),
  labour: shown(prices.labourPerHourMinor, currency),
  free: String(prices.lateReturn.freeMinutes),
  late: shown(prices.lateReturn.perHourMinor, currency),
});

/** A line that is still to be written. */
export const blankRow = (id: string): PriceRow => ({
  id,
  words: "",
  category: "hull",
  remedy: "repair",
  material: "0.00",
  minutes: "0",
  life: "",
});

function itemOf(row: PriceRow, currency: string): PriceItem | WrongPrice {
  const { id, words, category, remedy } = row;
  const materialMinor = parseMoney(row.material, currency);
  const labourMinutes = whole(row.minutes);
  const lifeMonths = row.life.trim() === "" ? null : whole(row.life);
  if (words.trim() === "") return { say: "words-missing", words };
  if (materialMinor === null) return { say: "material-wrong", words };
  if (labourMinutes === null) return { say: "minutes-wrong", words };
  if (row.life.trim() !== "" && (lifeMonths === null || lifeMonths === 0)) return { say: "life-wrong", words };
  return { id, words: words.trim(), category, remedy, materialMinor, labourMinutes, lifeMonths };
}

/** The list that was typed, or the first thing that is wrong with it. */
export function pricesOf({ rows, labour, free, late }: PriceDraft, currency: string): PriceList | WrongPrice {
  const items: PriceItem[] = [];
  for (const row of rows) {
    const item = itemOf(row, currency);
    if ("say" in item) return item;
    items.push(item);
  }
  const labourPerHourMinor = parseMoney(labour, currency);
  const perHourMinor = parseMoney(late, currency);
  const freeMinutes = whole(free);
  if (labourPerHourMinor === null || perHourMinor === null || freeMinutes === null)
    return { say: "terms-wrong", words: "" };
  return { labourPerHourMinor, lateReturn: { freeMinutes, perHourMinor }, items };
}
