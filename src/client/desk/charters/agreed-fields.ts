import type { Guest } from "@/api/schemas/charters";
import { isDay } from "@/core/basics/instant";
import { isLanguage, usualLanguage, type Language } from "@/core/basics/languages";

export type Who = "charterer" | "skipper";
export type AgreedField =
  | "yacht"
  | "fromDay"
  | "outAt"
  | "toDay"
  | "backAt"
  | "aboard"
  | "language"
  | Who
  | `${Who}Email`
  | `${Who}Phone`
  | "terms"
  | "reference"
  | "why"
  | "told";

/** Who of the two is known to the base, and whether the charterer commands. */
export interface People {
  charterer: Guest | null;
  skipper: Guest | null;
  isOne: boolean;
}

type Typed = Record<AgreedField, string>;
/** What is wrong with what was typed, by the word that says it. */
export type AgreedFaults = Partial<
  Record<AgreedField, "name-missing" | "mail-wrong" | "phone-wrong" | "aboard-wrong" | "day-missing" | "back-before">
>;

const mail = /^[^\s@<>]+@[^\s@<>]+$/;
const phone = /^[+0-9][0-9 ()/.-]{3,39}$/;

/** What keeps typed fields from being an agreement, before the base is asked. */
export function agreedFaults(typed: Typed, { isOne }: People, most: number): AgreedFaults {
  const faults: AgreedFaults = {};
  for (const who of ["charterer", ...(isOne ? [] : (["skipper"] as const))] as Who[]) {
    if (typed[who].trim() === "") faults[who] = "name-missing";
    const [email, number] = [typed[`${who}Email`].trim(), typed[`${who}Phone`].trim()];
    if (email !== "" && !mail.test(email)) faults[`${who}Email`] = "mail-wrong";
    if (number !== "" && !phone.test(number)) faults[`${who}Phone`] = "phone-wrong";
  }
  for (const day of ["fromDay", "toDay"] as const) if (!isDay(typed[day])) faults[day] = "day-missing";
  if (!faults.fromDay && !faults.toDay && `${typed.fromDay}T${typed.outAt}` >= `${typed.toDay}T${typed.backAt}`)
    faults.toDay = "back-before";
  const aboard = typed.aboard.trim();
  if (!/^\d{1,2}$/.test(aboard) || Number(aboard) < 1 || Number(aboard) > most) faults.aboard = "aboard-wrong";
  return faults;
}

/** What is asked of the base with what was typed. */
export function agreedOf(typed: Typed, { charterer, skipper, isOne }: People) {
  const guest = (who: Who, known: Guest | null) => ({
    id: known !== null && known.name === typed[who].trim() ? known.id : null,
    name: typed[who].trim(),
    email: typed[`${who}Email`].trim(),
    phone: typed[`${who}Phone`].trim(),
  });
  const language: Language = isLanguage(typed.language) ? typed.language : usualLanguage;
  return {
    yacht: typed.yacht,
    fromDay: typed.fromDay,
    outAt: typed.outAt,
    toDay: typed.toDay,
    backAt: typed.backAt,
    aboard: Number(typed.aboard),
    language,
    charterer: guest("charterer", charterer),
    skipper: isOne ? null : guest("skipper", skipper),
  };
}
