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

/** What is wrong in the list: by which message, in which line (null for the terms above it), and in which of its fields. */
export interface WrongPrice {
  say: "words-missing" | "material-wrong" | "minutes-wrong" | "life-wrong" | "terms-wrong";
  words: string;
  row: string | null;
  field: keyof PriceRow | keyof PriceDraft;
}

const shown = (minor: number, currency: string) => (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency));

/** A whole number of up to five digits; null for anything else. */
export const whole = (text: string): number | null => (/^\d{1,5}$/.test(text.trim()) ? Number(text) : null);

/** The lines as they stand in their fields. */
export const typedItems = (items: readonly PriceItem[], currency: string): PriceRow[] =>
  items.map(({ id, words, category, remedy, materialMinor, labourMinutes, lifeMonths }) => ({
    id,
    words,
    category,
    remedy,
    material: shown(materialMinor, currency),
    minutes: String(labourMinutes),
    life: lifeMonths === null ? "" : String(lifeMonths),
  }));

/** The list as it stands in its fields. */
export const typedPrices = (prices: PriceList, currency: string): PriceDraft => ({
  rows: typedItems(prices.items, currency),
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
  const wrong = (say: WrongPrice["say"], field: keyof PriceRow) => ({ say, words, row: id, field });
  if (words.trim() === "") return wrong("words-missing", "words");
  if (materialMinor === null) return wrong("material-wrong", "material");
  if (labourMinutes === null) return wrong("minutes-wrong", "minutes");
  if (row.life.trim() !== "" && (lifeMonths === null || lifeMonths === 0)) return wrong("life-wrong", "life");
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
  const terms = (field: keyof PriceDraft) => ({ say: "terms-wrong" as const, words: "", row: null, field });
  if (labourPerHourMinor === null) return terms("labour");
  if (freeMinutes === null) return terms("free");
  if (perHourMinor === null) return terms("late");
  return { labourPerHourMinor, lateReturn: { freeMinutes, perHourMinor }, items };
}
