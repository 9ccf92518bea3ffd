import { InputError } from "../basics/calculation";
import { formatMoney, isCurrency } from "../basics/money";
import { amountOf } from "./amount";
import type { SettlementInput } from "./schema";

/**
 * Refuses a settlement from outside that its form lets pass and nobody can reckon with: an unknown currency, goodwill
 * above what a line comes to, sums that whole numbers cannot hold to the cent.
 *
 * @throws InputError with the place in the input
 */
export function checkInput({ currency, deposit, lines, terms }: SettlementInput): void {
  if (!isCurrency(currency))
    throw new InputError("/currency", `there is no currency "${currency}"; give its code, such as EUR`);
  const writes = (minor: number) => formatMoney(minor, currency);
  let totalMinor = deposit.amountMinor;
  lines.forEach((line, index) => {
    const { amountMinor } = amountOf(line, terms, writes);
    totalMinor += amountMinor;
    if (!Number.isSafeInteger(amountMinor) || !Number.isSafeInteger(totalMinor))
      throw new InputError(`/lines/${index}`, "with this line the sum is too large to be reckoned to the cent");
    if ((line.goodwillMinor ?? 0) > amountMinor)
      throw new InputError(
        `/lines/${index}/goodwillMinor`,
        `goodwill of ${writes(line.goodwillMinor ?? 0)} is more than the line comes to, ${writes(amountMinor)}`,
      );
  });
}
