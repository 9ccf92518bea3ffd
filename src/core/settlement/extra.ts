import { Type, type Static } from "@sinclair/typebox";
import { InstantText } from "../basics/ids";
import type { SettlementLine } from "./schema";

const closed = { additionalProperties: false } as const;
const Minor = Type.Integer({ minimum: 0, maximum: 1e9 });
const Day = Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$", format: "date" });

/** A service by the base's terms: keys, cleaning, coming back late. */
export const ServiceExtra = Type.Object(
  {
    kind: Type.Literal("service"),
    words: Type.String({ minLength: 1, maxLength: 200, pattern: "\\S" }),
    amountMinor: Minor,
    reckoned: Type.Optional(Type.String({ minLength: 1, maxLength: 300 })),
    disputed: Type.Optional(Type.Boolean()),
  },
  closed,
);
/** A sum kept back for what nobody could look at below the water; after the time the base can claim nothing there. */
export const BelowWaterExtra = Type.Object(
  { kind: Type.Literal("below-water"), amountMinor: Minor, until: InstantText },
  closed,
);
/** Fuel the crew bought on the way, by its receipt; `full` names the tank that was filled to the cap. */
export const FuelExtra = Type.Object(
  {
    kind: Type.Literal("fuel"),
    litres: Type.Number({ exclusiveMinimum: 0, maximum: 5000 }),
    day: Day,
    reference: Type.String({ minLength: 1, maxLength: 120, pattern: "\\S" }),
    full: Type.Union([Type.String({ pattern: "^reading:[a-z0-9-]{1,80}$" }), Type.Null()]),
  },
  closed,
);

/** What is put on a statement beside the differences of the two records. */
export const Extra = Type.Union([ServiceExtra, BelowWaterExtra, FuelExtra]);
export type Extra = Static<typeof Extra>;
export type FuelExtra = Static<typeof FuelExtra>;

export interface KeptExtra {
  id: string;
  extra: Extra;
}

/** Lives of a hull are not reckoned with: nothing is replaced. */
const anyLifeMonths = 120;

/** The statement's lines of what was put on it. Fuel receipts are no line of their own: they go into the reckoning of fuel. */
export function extraLines(extras: readonly KeptExtra[]): SettlementLine[] {
  return extras.flatMap(({ id, extra }): SettlementLine[] => {
    switch (extra.kind) {
      case "service":
        return [
          {
            id,
            kind: "service",
            amountMinor: extra.amountMinor,
            disputed: extra.disputed ?? false,
            ...(extra.reckoned === undefined ? {} : { reckoned: extra.reckoned }),
          },
        ];
      case "below-water":
        return [
          {
            id,
            kind: "damage",
            group: "underwater",
            remedy: "repair",
            estimateMinor: extra.amountMinor,
            ageMonths: 0,
            lifeMonths: anyLifeMonths,
            sharePercent: 100,
            cause: "unclear",
            disputed: false,
          },
        ];
      case "fuel":
        return [];
    }
  });
}
