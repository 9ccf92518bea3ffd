import { Type, type Static } from "@sinclair/typebox";
import { SettlementTerms, Waiver } from "./schema";

/** How a deposit is secured: held on a card, received by the base, guaranteed by an agency, insured, or none due. */
export const DepositHow = Type.Union([
  Type.Literal("card-hold"),
  Type.Literal("cash"),
  Type.Literal("transfer"),
  Type.Literal("guarantee"),
  Type.Literal("insured"),
  Type.Literal("none"),
]);
export type DepositHow = Static<typeof DepositHow>;

/** A charter's money terms as agreed in the contract. */
export const CharterTerms = Type.Object(
  {
    deposit: Type.Object(
      {
        amountMinor: Type.Integer({ minimum: 0 }),
        how: DepositHow,
      },
      { additionalProperties: false },
    ),
    waiver: Waiver,
    settlement: SettlementTerms,
  },
  { additionalProperties: false },
);
export type CharterTerms = Static<typeof CharterTerms>;

/** Whether a person of the base notes what came in, with a receipt or letter, and no terminal is asked. */
export function notedByHand(how: DepositHow): boolean {
  return how === "cash" || how === "transfer" || how === "guarantee";
}

/**
 * Whether the deposit's term is met: the full amount held, received or guaranteed, or a way of securing it that needs none.
 *
 * @param heldMinor what is held now
 */
export function depositMet(terms: CharterTerms, heldMinor: number): boolean {
  return terms.deposit.how === "insured" || terms.deposit.how === "none" || heldMinor >= terms.deposit.amountMinor;
}
