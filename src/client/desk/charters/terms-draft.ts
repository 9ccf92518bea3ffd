import type { UsualCharters } from "@/core/charters/agreed";
import { minorDigits, parseMoney } from "@/core/basics/money";
import type { CharterTerms, DepositHow } from "@/core/settlement/terms";

export const hows = ["card-hold", "cash", "transfer", "guarantee", "insured", "none"] as const satisfies DepositHow[];
export const fuelRules = ["by-level", "per-engine-hour"] as const;

export type TermsField =
  "name" | "how" | "amount" | "excess" | "fuel" | "litre" | "service" | "tolerance" | "hour" | "ageing";
type Typed = Record<TermsField, string>;

const shown = (minor: number, currency: string) =>
  (minor / 10 ** minorDigits(currency)).toFixed(minor % 10 ** minorDigits(currency) === 0 ? 0 : minorDigits(currency));

/** Terms as they stand in a form. */
export function typedTerms(template: UsualCharters["templates"][string], currency: string): Typed {
  const { deposit, waiver, settlement } = template.terms;
  return {
    name: template.name,
    how: deposit.how,
    amount: shown(deposit.amountMinor, currency),
    excess: waiver === null ? "" : shown(waiver.excessMinor, currency),
    fuel: settlement.fuel.rule,
    litre: shown(settlement.fuel.pricePerLitreMinor, currency),
    service: shown(settlement.fuel.serviceFeeMinor, currency),
    tolerance: String(settlement.fuel.toleranceL),
    hour: shown(settlement.fuel.perHourMinor, currency),
    ageing: String(settlement.ageingFloorPercent),
  };
}

const number = (text: string) => (/^\d{1,4}([.,]\d{1,2})?$/.test(text.trim()) ? Number(text.replace(",", ".")) : null);

/** What in typed terms cannot be read, by the word that says it. */
export function termsFaults(
  typed: Typed,
  currency: string,
): Partial<Record<TermsField, "money-wrong" | "number-wrong" | "name-missing">> {
  const money = (["amount", "litre", "service", "hour"] as const).filter(
    (field) => parseMoney(typed[field], currency) === null,
  );
  return {
    ...(typed.name.trim() === "" ? { name: "name-missing" as const } : {}),
    ...Object.fromEntries(money.map((field) => [field, "money-wrong" as const])),
    ...(typed.excess.trim() !== "" && parseMoney(typed.excess, currency) === null
      ? { excess: "money-wrong" as const }
      : {}),
    ...Object.fromEntries(
      (["tolerance", "ageing"] as const)
        .filter((field) => number(typed[field]) === null || (field === "ageing" && (number(typed[field]) ?? 0) > 100))
        .map((field) => [field, "number-wrong" as const]),
    ),
  };
}

/** The terms that were typed; what the form does not show stays as it was. */
export function termsOf(
  typed: Typed,
  before: CharterTerms,
  excludes: readonly string[],
  currency: string,
): CharterTerms {
  const minor = (field: TermsField) => parseMoney(typed[field], currency) ?? 0;
  const how = hows.find((each) => each === typed.how) ?? "none";
  return {
    deposit: { how, amountMinor: how === "none" ? 0 : minor("amount") },
    waiver:
      typed.excess.trim() === ""
        ? null
        : { excessMinor: minor("excess"), excludes: [...excludes] as NonNullable<CharterTerms["waiver"]>["excludes"] },
    settlement: {
      ...before.settlement,
      ageingFloorPercent: number(typed.ageing) ?? before.settlement.ageingFloorPercent,
      fuel: {
        rule: fuelRules.find((each) => each === typed.fuel) ?? "by-level",
        pricePerLitreMinor: minor("litre"),
        serviceFeeMinor: minor("service"),
        toleranceL: number(typed.tolerance) ?? 0,
        perHourMinor: minor("hour"),
      },
    },
  };
}
