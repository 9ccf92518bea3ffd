import { Type, type Static } from "@sinclair/typebox";
import { CharterTerms } from "../settlement/terms";
import { byKey, strict } from "../yacht/parts/basics";

/** A time of day as it is written, "17:00". */
export const TimeOfDay = Type.String({ pattern: "^([01]\\d|2[0-3]):[0-5]\\d$" });

/** Money terms that a base agrees again and again, under a name. */
export const TermsTemplate = strict({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  terms: CharterTerms,
});
export type TermsTemplate = Static<typeof TermsTemplate>;

/** What is usual in the charters of a base. A charter keeps its own copy of its terms. */
export const UsualCharters = strict({
  templates: byKey(TermsTemplate),
  /** when a yacht goes out on her first day, and is due on her last */
  outAt: TimeOfDay,
  backAt: TimeOfDay,
  /** hours that a yacht lies between two charters at least */
  turnRoundHours: Type.Integer({ minimum: 0, maximum: 72 }),
});
export type UsualCharters = Static<typeof UsualCharters>;

/** What holds at a base that has settled nothing yet: no sum is invented, so no deposit is asked for before one is agreed. */
export const usualCharters: UsualCharters = {
  templates: {
    usual: {
      name: "Usual",
      terms: {
        deposit: { amountMinor: 0, how: "none" },
        waiver: null,
        settlement: {
          capCovers: ["damage", "missing"],
          ageingFloorPercent: 20,
          fuel: { rule: "by-level", pricePerLitreMinor: 0, serviceFeeMinor: 0, toleranceL: 5, perHourMinor: 0 },
        },
      },
    },
  },
  outAt: "17:00",
  backAt: "09:00",
  turnRoundHours: 4,
};
