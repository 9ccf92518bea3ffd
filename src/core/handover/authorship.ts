import type { PartySide } from "../basics/ids";
import type { Entry } from "./entry";
import type { HandoverKind } from "./lines/line-input";

/** Somebody for whom a device may record. */
export interface Author {
  side: PartySide;
  person: string;
}

/** The side whose word an aspect is; null where either may say it. */
export function sideOfAspect(aspect: string): PartySide | null {
  if (aspect === "remark:skipper") return "skipper";
  const isBases =
    aspect === "remark:base" || aspect === "prep-done" || aspect === "let-go" || aspect.startsWith("let-go:");
  return isBases ? "base" : null;
}

/** Whether an entry's side may say what it says: nobody speaks for the other side, and a prep is the base's alone. */
export function isOfItsSide(kind: HandoverKind, { aspect, by }: Pick<Entry, "aspect" | "by">): boolean {
  const side = kind === "prep" ? "base" : sideOfAspect(aspect);
  return side === null || by.side === side;
}

/** Whether an entry is by one of those for whom a device may record. */
export const isByOneOf = ({ by }: Pick<Entry, "by">, authors: readonly Author[]): boolean =>
  authors.some(({ side, person }) => by.side === side && by.person === person);
