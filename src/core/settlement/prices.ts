import { Type, type Static } from "@sinclair/typebox";
import { exact, roundHalfUp } from "../basics/exact";
import { Group } from "../yacht/schema";
import { groups } from "../yacht/parts/basics";

const closed = { additionalProperties: false } as const;
const Minor = Type.Integer({ minimum: 0, maximum: 1e9 });

/** What a line of a price list can be about, and what it does. */
export const priceCategories = [...groups, "service"] as const;
export const priceRemedies = ["repair", "replace"] as const;

/** One line of the base's price list: a repair, a part to replace, or a service. */
export const PriceItem = Type.Object(
  {
    id: Type.String({ pattern: "^[a-z0-9-]{1,60}$" }),
    words: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }),
    /** a group of things, or what the base does for the crew: keys, cleaning, rubbish left aboard */
    category: Type.Union([Group, Type.Literal("service")]),
    remedy: Type.Union([Type.Literal("repair"), Type.Literal("replace")]),
    materialMinor: Minor,
    labourMinutes: Type.Integer({ minimum: 0, maximum: 60_000 }),
    /** of what is replaced; null for repairs and services */
    lifeMonths: Type.Union([Type.Integer({ minimum: 1, maximum: 1200 }), Type.Null()]),
  },
  closed,
);
export type PriceItem = Static<typeof PriceItem>;

/** What the base asks for work, parts and services, in its currency. */
export const PriceList = Type.Object(
  {
    labourPerHourMinor: Minor,
    /** coming back late: so many minutes cost nothing, then each hour begun */
    lateReturn: Type.Object({ freeMinutes: Type.Integer({ minimum: 0, maximum: 1440 }), perHourMinor: Minor }, closed),
    items: Type.Array(PriceItem, { maxItems: 500 }),
  },
  closed,
);
export type PriceList = Static<typeof PriceList>;

/** What holds at a base that has no price list yet: nothing has a price. */
export const noPrices: PriceList = {
  labourPerHourMinor: 0,
  lateReturn: { freeMinutes: 0, perHourMinor: 0 },
  items: [],
};

/**
 * What an item comes to: material and labour, rounded once, halves up.
 *
 * @example priceOf({ materialMinor: 1200, labourMinutes: 45, … }, 5800) // 1200 + 45/60 × 5800 = 5550
 */
export function priceOf(item: Pick<PriceItem, "materialMinor" | "labourMinutes">, labourPerHourMinor: number): number {
  return roundHalfUp(exact(item.labourMinutes).div(60).mul(labourPerHourMinor).add(item.materialMinor));
}

/** Items that stand twice under one id, which no list may have. */
export function doubledItems(list: PriceList): string[] {
  const seen = new Set<string>();
  return list.items.flatMap(({ id }) => (seen.has(id) ? [id] : (seen.add(id), [])));
}
