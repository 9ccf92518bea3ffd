import { Type, type Static } from "@sinclair/typebox";
import { Group } from "../yacht/schema";

const closed = { additionalProperties: false } as const;
const Minor = Type.Integer({ minimum: 0, maximum: 1e12 });
/** As many as lie between any two days of four-digit years. */
const Months = (minimum: number) => Type.Integer({ minimum, maximum: 120_000 });
/** More than any yacht carries or burns in a charter. */
const Litres = Type.Number({ minimum: 0, maximum: 1e6 });
const Share = Type.Number({ minimum: 0, maximum: 100 });

export const Cause = Type.Union([
  Type.Literal("charterer"),
  Type.Literal("wear"),
  Type.Literal("base"),
  Type.Literal("unclear"),
]);
export type Cause = Static<typeof Cause>;

const everyLine = {
  id: Type.String({ minLength: 1, maxLength: 120 }),
  disputed: Type.Boolean(),
  /** comes off what is charged, after the cap, never below nothing */
  goodwillMinor: Type.Optional(Minor),
};

/** decided by a manager with a reason: no cap covers the line */
const grossNegligence = Type.Optional(Type.Literal(true));

export const MissingLine = Type.Object(
  {
    ...everyLine,
    kind: Type.Literal("missing"),
    group: Group,
    count: Type.Integer({ minimum: 0, maximum: 9999 }),
    replacementMinor: Minor,
    ageMonths: Months(0),
    lifeMonths: Months(1),
    cause: Cause,
    grossNegligence,
  },
  closed,
);
export const DamageLine = Type.Object(
  {
    ...everyLine,
    kind: Type.Literal("damage"),
    group: Group,
    remedy: Type.Union([Type.Literal("repair"), Type.Literal("replace")]),
    estimateMinor: Minor,
    /** where the price is not fixed: the lower end; the estimate is the upper end then, and the line is held */
    estimateLowMinor: Type.Optional(Minor),
    ageMonths: Months(0),
    lifeMonths: Months(1),
    sharePercent: Share,
    cause: Cause,
    grossNegligence,
  },
  closed,
);
export const FuelLine = Type.Object(
  {
    ...everyLine,
    kind: Type.Literal("fuel"),
    capacityL: Type.Number({ exclusiveMinimum: 0, maximum: 1e6 }),
    outL: Litres,
    inL: Litres,
    engineHours: Type.Number({ minimum: 0, maximum: 1e6 }),
    /** why the gauge or the report is not believed, in a sentence; the line is disputed then */ doubt: Type.Optional(
      Type.String({ minLength: 1, maxLength: 300 }),
    ),
  },
  closed,
);
export const ServiceLine = Type.Object(
  {
    ...everyLine,
    kind: Type.Literal("service"),
    amountMinor: Minor,
    /** how it was reckoned, where it is not merely agreed */ reckoned: Type.Optional(
      Type.String({ minLength: 1, maxLength: 300 }),
    ),
  },
  closed,
);
export const SettlementLine = Type.Union([MissingLine, DamageLine, FuelLine, ServiceLine]);
export type SettlementLine = Static<typeof SettlementLine>;

/** The charter's terms of deposit, waiver and fuel. */
export const SettlementTerms = Type.Object(
  {
    capCovers: Type.Array(
      Type.Union([Type.Literal("missing"), Type.Literal("damage"), Type.Literal("fuel"), Type.Literal("service")]),
      { uniqueItems: true },
    ),
    ageingFloorPercent: Share,
    fuel: Type.Object(
      {
        rule: Type.Union([Type.Literal("by-level"), Type.Literal("per-engine-hour")]),
        pricePerLitreMinor: Minor,
        serviceFeeMinor: Minor,
        toleranceL: Litres,
        perHourMinor: Minor,
      },
      closed,
    ),
  },
  closed,
);
export type SettlementTerms = Static<typeof SettlementTerms>;

export const Waiver = Type.Union([
  Type.Object({ excessMinor: Minor, excludes: Type.Array(Group, { uniqueItems: true }) }, closed),
  Type.Null(),
]);
export type Waiver = Static<typeof Waiver>;

export const SettlementInput = Type.Object(
  {
    currency: Type.String({ pattern: "^[A-Z]{3}$" }),
    deposit: Type.Object({ amountMinor: Minor }, closed),
    waiver: Waiver,
    terms: SettlementTerms,
    lines: Type.Array(SettlementLine, { maxItems: 5000 }),
  },
  closed,
);
export type SettlementInput = Static<typeof SettlementInput>;

export interface SettledLine {
  id: string;
  /** before the cap */
  amountMinor: number;
  /** after cap and goodwill */
  chargedMinor: number;
  heldMinor: number;
  /** one sentence that can be checked with a pencil */
  how: string;
}

export interface Settlement {
  lines: SettledLine[];
  dueMinor: number;
  heldMinor: number;
  captureMinor: number;
  releaseMinor: number;
  stillToPayMinor: number;
}
