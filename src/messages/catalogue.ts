import type { en } from "./en";

/** A catalogue of every key; its words may be in any language. */
export type Catalogue = { [Group in keyof typeof en]: Record<keyof (typeof en)[Group], string> };

/** Words of one language over those of another: what is missing stays as it was. */
export function laidOver<Base extends Record<string, Record<string, string>>>(
  base: Base,
  over: Readonly<Record<string, Readonly<Record<string, string>>>>,
): Base {
  return Object.fromEntries(
    Object.entries(base).map(([group, words]) => [group, { ...words, ...over[group] }]),
  ) as Base;
}
