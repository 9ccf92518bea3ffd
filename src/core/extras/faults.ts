import { isDay } from "../basics/instant";
import { localize } from "../basics/words";
import type { Extras } from "./extra";

/** What is wrong with a list of extras, and with which of them. */
export interface ExtrasFault {
  what: "name-twice" | "no-such-day" | "weights-turned";
  key: string;
}

/** What is wrong with the extras of a base that their form does not tell. */
export function extrasFaults(extras: Extras): ExtrasFault[] {
  const names = Object.values(extras).map(({ name }) => localize(name).trim().toLowerCase());
  return Object.entries(extras).flatMap(([key, { boughtOn, jacketKg }], at): ExtrasFault[] => [
    ...(names.indexOf(names[at] ?? "") === at ? [] : [{ what: "name-twice" as const, key }]),
    ...(isDay(boughtOn) ? [] : [{ what: "no-such-day" as const, key }]),
    ...(jacketKg?.to !== undefined && jacketKg.to < jacketKg.from ? [{ what: "weights-turned" as const, key }] : []),
  ]);
}
