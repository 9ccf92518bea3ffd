import { formatMoney } from "../core/basics/money";
import type { Translator } from "./translator";

type Param = string | number | { minor: number; currency: string };

/** The sentence of an error: its own in the catalogue, with its values put in. */
export function errorWords(
  t: Translator,
  { code, params }: { code: string; params: Readonly<Record<string, Param>> },
): string {
  // codes come over the wire: a newer base may say one that this page has no sentence for
  const sentence = t as unknown as (key: string, values?: Record<string, string | number>) => string;
  // who may do what is said by what was to be done
  if (code === "not-yours") return sentence(`not-yours.${String(params.action)}`);
  const values = Object.entries(params).map(([name, value]): [string, string | number] => [
    name,
    typeof value === "object" ? formatMoney(value.minor, value.currency) : value,
  ]);
  return sentence(`error.${code}`, Object.fromEntries(values));
}
