import { Type, type Static } from "@sinclair/typebox";
import { SettlementTerms, Waiver } from "./schema";

/** A charter's money terms as agreed in the contract. */
export const CharterTerms = Type.Object(
  {
    deposit: Type.Object(
      {
        amountMinor: Type.Integer({ minimum: 0 }),
        how: Type.Union([Type.Literal("card-hold"), Type.Literal("insured"), Type.Literal("none")]),
      },
      { additionalProperties: false },
    ),
    waiver: Waiver,
    settlement: SettlementTerms,
  },
  { additionalProperties: false },
);
export type CharterTerms = Static<typeof CharterTerms>;

/**
 * Whether the deposit's term is met: a hold of the full amount, or a way of securing it that needs none.
 *
 * @param heldMinor what is held on the card now
 */
export function depositMet(terms: CharterTerms, heldMinor: number): boolean {
  return terms.deposit.how !== "card-hold" || heldMinor >= terms.deposit.amountMinor;
}
